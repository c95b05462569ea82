<?php

declare(strict_types=1);

namespace Planisher\Plan;

use Planisher\Line\LineSpec;
use Planisher\Measure\Box;
use Planisher\Measure\PixelRect;
use Planisher\Measure\Resolution;
use Planisher\Overlay\LaidOverlay;
use Planisher\Overlay\OverlayPlace;
use Planisher\Picture\PictureFacts;
use Planisher\Plan\Layer\Layer;
use Planisher\Plan\Layer\OverlayLayer;
use Planisher\Plan\Layer\WordsLayer;
use Planisher\Studio\OrderContext;
use Planisher\Words\Caption;
use Planisher\Words\Composition;
use Planisher\Words\Lettering;
use Planisher\Words\SetBlock;
use Planisher\Words\Style;

/** What lies on a picture and its paper beside the picture, set and placed: words and overlays, in nanometres on the paper. */
final readonly class Overprint
{
    /** A caption in what is trimmed away stays clear of the trim ticks at its corners, in nanometres. */
    private const CLEAR_OF_TICKS = 6_000_000;

    /**
     * @param  ?SetBlock  $caption  null where there is none, or no room for one
     * @param  list<SetBlock>  $lettering  as they are wanted
     * @param  list<LaidOverlay>  $overlays  those whose mark is there
     */
    public function __construct(public ?SetBlock $caption = null, public array $lettering = [], public array $overlays = []) {}

    /**
     * @param  ?PictureFacts  $picture  that the caption tells of
     * @param  ?Box  $surplus  the larger sheet that is trimmed to the paper, if there is one
     */
    public static function to(
        LineSpec $line,
        Layout $layout,
        ?PictureFacts $picture,
        OrderContext $orderContext,
        ?Box $surplus = null,
    ): self {
        $wanted = $line->additions;
        if ($wanted->isNone()) {
            return new self();
        }
        $image = $layout->image->within($layout->box());
        $overlays = [];
        foreach ($wanted->overlays as $overlay) {
            $mark = $orderContext->mark($overlay->picture);
            if ($mark instanceof PictureFacts) {
                $overlays[] = LaidOverlay::over($image, $overlay, $mark);
            }
        }
        if ($wanted->caption === null && $wanted->lettering === []) {
            return new self(overlays: $overlays);
        }
        $type = $orderContext->composition();
        $text = $wanted->caption === null ? '' : CaptionText::of($wanted->caption, $line, $picture, $orderContext->head)->text;

        return new self(
            $wanted->caption === null || $text === ''
                ? null
                : self::caption($wanted->caption, $text, $type, $image, $layout->box(), $surplus),
            array_map(fn (Lettering $block): SetBlock => self::block($block, $type, $layout->box()), $wanted->lettering),
            $overlays,
        );
    }

    /** @return list<SetBlock> */
    public function words(): array
    {
        return [...$this->caption === null ? [] : [$this->caption], ...$this->lettering];
    }

    /**
     * Where each of them lies, with what it is called in a finding.
     *
     * @param  LineSpec  $line  that wants them
     * @return list<array{string, Box, bool}> and whether it covers the whole image
     */
    public function named(LineSpec $line): array
    {
        $named = $this->caption === null ? [] : [['The caption', $this->caption->box, false]];
        foreach ($this->lettering as $i => $block) {
            $named[] = ["“{$line->additions->lettering[$i]->start()}”", $block->box, false];
        }
        foreach ($this->overlays as $overlay) {
            $named[] = ["The mark “{$overlay->wanted->name()}”", $overlay->box, $overlay->wanted->where === OverlayPlace::Whole];
        }

        return $named;
    }

    /**
     * All of it as layers of a file: overlays first, words over them.
     *
     * @param  PixelRect  $paper  in the file
     * @param  PixelRect  $image  in the file, as far as it lies on the paper
     * @return list<Layer>
     */
    public function layers(PixelRect $paper, PixelRect $image, Resolution $resolution): array
    {
        $perNanometre = WordsLayer::perNanometre($resolution->ppi());

        return [
            ...array_map(
                fn (LaidOverlay $overlay): OverlayLayer => new OverlayLayer(
                    $overlay->picture,
                    $overlay->wanted->where === OverlayPlace::Whole
                        ? $image
                        : $overlay->box->pixels($resolution)->moved($paper->x, $paper->y),
                    $overlay->wanted->strength,
                ),
                $this->overlays,
            ),
            ...array_map(fn (SetBlock $block): WordsLayer => WordsLayer::of($block, $paper, $perNanometre), $this->words()),
        ];
    }

    /** Beside the image, near to it; in what is trimmed away in its middle. */
    private static function caption(Caption $caption, string $text, Composition $type, Box $image, Box $paper, ?Box $surplus): ?SetBlock
    {
        $isTrimmed = $caption->inSurplus && $surplus !== null;
        $beside = $isTrimmed ? $paper : $image;
        $outer = $isTrimmed ? $surplus : $paper;
        $band = $caption->isAbove ? $beside->y - $outer->y : $outer->bottom() - $beside->bottom();
        [$left, $room] = $isTrimmed ? [self::CLEAR_OF_TICKS, $paper->width - 2 * self::CLEAR_OF_TICKS] : [$image->x, $image->width];
        if ($band < 1 || $room < 1 || ($caption->inSurplus && $surplus === null)) {
            return null;
        }
        $block = $type->set(
            $text,
            $caption->face,
            Style::Regular,
            $caption->height->nanometres,
            $caption->colour,
            $caption->align,
            room: $room,
            tall: $band,
        );
        $free = ($band - $block->box->height) / 2;
        $gap = $isTrimmed ? $free : min($free, $block->height / 2);

        return $block->at(
            $left + $caption->align->share() * ($room - $block->box->width),
            $caption->isAbove ? $beside->y - $gap - $block->box->height : $beside->bottom() + $gap,
        );
    }

    private static function block(Lettering $wanted, Composition $type, Box $paper): SetBlock
    {
        $widest = $wanted->widest?->nanometres;
        $block = $type->set(
            $wanted->text,
            $wanted->face,
            $wanted->style,
            $wanted->height->nanometres,
            $wanted->colour,
            $wanted->align,
            widest: $widest,
            room: $widest,
        );

        return $block->at(
            $wanted->x * $paper->width - $wanted->align->share() * $block->box->width,
            $wanted->y * $paper->height - $block->box->height / 2,
        );
    }
}
