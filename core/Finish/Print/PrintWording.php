<?php

declare(strict_types=1);

namespace Planisher\Finish\Print;

use Planisher\Colour\Rgb;
use Planisher\Finish\LeftToHands;
use Planisher\Finish\OffersWords;
use Planisher\Measure\Side;
use Planisher\Measure\Size;
use Planisher\Phrase\Article;
use Planisher\Phrase\Facts;
use Planisher\Phrase\SentenceSegments;
use Planisher\Phrase\SidesPhrase;
use Planisher\Plan\Layout;
use Planisher\Plan\LineContext;
use Planisher\Plan\Plan;

/**
 * What is said of a print: only what there is to say.
 *
 * @implements LeftToHands<PrintWanted, PrintLayout>
 * @implements OffersWords<PrintWanted, PrintLayout>
 */
final class PrintWording implements LeftToHands, OffersWords
{
    public function size(LineContext $at): string
    {
        return ($at->line->wanted->fit === Fit::Whole ? 'whole on ' : 'cropped to ').$at->line->sizeLabel();
    }

    public function words(SentenceSegments $sentence, LineContext $at): void
    {
        $print = $at->line->wanted;
        if (! $print->border->isNone()) {
            $sentence->word(', with ', 'border', self::border($print));
        } elseif (! $print->paperColour->equals(Rgb::white())) {
            $sentence->word(', on ', 'border', "{$print->paperColour} paper");
        }
        if ($print->image !== null) {
            $sentence->word(', ', 'image', "the image {$print->image->label()}");
        }
        if ($print->opening !== null) {
            $sentence->word(', behind an opening of ', 'opening', $print->opening->label());
        }
        if (! $print->raise->isNone()) {
            $sentence->word(', ', 'raise', $print->raise->optical ? 'at the optical centre' : "raised {$print->raise->by->label()}");
        }
        if ($print->keyline !== null) {
            $line = "a {$print->keyline->colour->label()} line of {$print->keyline->width->label()} round it";
            $sentence->word(', ', 'keyline', $line);
        }
        $carrier = self::carrier($at);
        if ($carrier !== null) {
            $sentence->word(', laid on the lab’s ', 'carrier', "{$carrier->label()} sheet");
            $isLarger = $at->plan === null || ! $at->plan->layout->own->has(PrintFlaw::CarrierTooSmall);
            $isLarger && $sentence->said(', white to trim away'.($print->trimMarks ? ', with trim marks' : ', no trim marks'));
        } elseif (! $print->carrier->auto && $at->line->crop !== null && $at->lab->lists($at->line->crop->size) === null) {
            $sentence->word(', ', 'carrier', 'on no larger sheet');
        }
        if (! $print->frameCover->equals(PrintWanted::usualFrameCover())) {
            $covered = $print->frameCover->nanometres > 0;
            $sentence->word(', ', 'frame', $covered ? "{$print->frameCover->label()} of it under the frame" : 'no frame over its edge');
        }
    }

    public function addable(LineContext $at): array
    {
        return [
            'border' => $at->line->wanted->fit === Fit::Whole ? 'room to mat over' : 'a border',
            ...$at->line->wanted->opening === null ? ['image' => 'a size for the image'] : [],
            ...$at->line->wanted->image === null ? ['opening' => 'a mount’s opening'] : [],
            'raise' => 'the image raised',
            'keyline' => 'a line round it',
            'carrier' => 'a larger sheet',
            'frame' => 'what a frame covers',
        ];
    }

    public function short(LineContext $at): string
    {
        $carrier = self::carrier($at);

        return $this->size($at).($carrier === null ? '' : ' on '.Article::before("{$carrier->label()} sheet"));
    }

    public function facts(LineContext $at, Plan $plan): array
    {
        [$layout, $own] = [$plan->layout, $plan->layout->own];
        $isCarried = $own?->carrier !== null;

        return [
            $layout->imageFillsPaper() ? null : self::image($layout),
            Facts::cut($plan),
            $isCarried ? ['figure' => 'Trim to '.$layout->size->label(), 'note' => self::surplus($layout)] : null,
            $isCarried && ! $layout->imageFillsPaper() ? null : Facts::sharp($plan),
        ];
    }

    public function byHand(LineContext $at): array
    {
        $layout = $at->plan?->layout;

        return $layout === null || $layout->own->carrier === null
            ? []
            : ["Trim to {$layout->size->label()}: ".self::surplus($layout).' is white to cut away.'];
    }

    /**
     * The sheet of the lab that it is laid on, as the lab lists it.
     *
     * @param  LineContext<PrintWanted, PrintLayout>  $at
     */
    public static function carrier(LineContext $at): ?Size
    {
        [$wanted, $own] = [$at->line->wanted->carrier->size, $at->plan?->layout->own];
        $carrier = $own === null || $own->has(PrintFlaw::CarrierTooSmall) ? $wanted : $own->carrier;

        return $carrier === null ? null : $at->lab->lists($carrier) ?? $carrier;
    }

    /**
     * What is trimmed away, side by side.
     *
     * @param  Layout<PrintLayout>  $layout
     */
    public static function surplus(Layout $layout): string
    {
        $surplus = fn (Side $side): int => $layout->own->surplus($side);

        return SidesPhrase::say(
            $surplus(Side::Top),
            $surplus(Side::Right),
            $surplus(Side::Bottom),
            $surplus(Side::Left),
            $layout->size->width->unit,
        );
    }

    private static function border(PrintWanted $print): string
    {
        $paper = $print->paperColour->label();

        return $print->fit === Fit::Whole
            ? "room of {$print->border->label()} to mat over".($paper === 'white' ? '' : ", {$paper}")
            : "a {$paper} border of {$print->border->label()}";
    }

    /** @return array{figure: string, note: string} */
    private static function image(Layout $layout): array
    {
        $unit = $layout->size->width->unit;
        $margins = array_map($layout->margin(...), [Side::Top, Side::Right, Side::Bottom, Side::Left]);

        return ['figure' => 'Image '.Facts::size($layout->image, $unit), 'note' => 'free: '.SidesPhrase::say(...[...$margins, $unit])];
    }
}
