<?php

declare(strict_types=1);

namespace Planisher\Finding;

use Planisher\Line\LineChange;
use Planisher\Measure\Unit;
use Planisher\Phrase\SidesPhrase;
use Planisher\Phrase\WordRow;
use Planisher\Plan\CaptionText;
use Planisher\Plan\LineContext;
use Planisher\Words\Caption;
use Planisher\Words\CaptionPart;

/** Whether a caption has something to say, and room to say it in. */
final class CaptionStands implements Check
{
    public function judge(LineContext $at): ?Finding
    {
        $wanted = $at->line->additions->caption;
        if ($wanted === null || $at->plan === null) {
            return null;
        }
        $none = new Remedy('Leave the caption out', LineChange::without('caption'));
        $text = CaptionText::of($wanted, $at->line, $at->facts()[0] ?? null, $at->orderContext->head);
        if ($text->text === '') {
            return Finding::look(
                'caption-says-nothing',
                'The caption says nothing',
                'It is to tell '.self::list($text->silent).', and that isn’t known of this picture.',
                $none,
            );
        }
        $block = $at->plan->added->caption;
        if ($block === null) {
            return Finding::stops('caption-no-room', 'The caption has no room', self::whyNot($wanted), $none);
        }
        if ($block->isTooLong) {
            return Finding::look(
                'caption-too-long',
                'The caption is longer than its place',
                'At '.
                    self::length($block->height).
                    ', the smallest it is made, it is '.
                    SidesPhrase::length($block->box->width, SidesPhrase::fine($at->plan->size()->width->unit)).
                    ' long and '.
                    SidesPhrase::length($block->box->height, SidesPhrase::fine($at->plan->size()->width->unit)).
                    ' high, and runs out of it. Say less, or give it more room.',
                $none,
            );
        }
        if ($text->silent !== []) {
            $known = array_values(
                array_filter($wanted->parts, fn (CaptionPart|string $part): bool => ! in_array($part, $text->silent, true)),
            );

            return Finding::look(
                'caption-part-unknown',
                'The caption leaves something out',
                ucfirst(self::list($text->silent))." isn’t known of this picture. It reads “{$text->text}”.",
                new Remedy(
                    'Without '.self::list($text->silent),
                    LineChange::of(['caption' => ['parts' => Caption::partsToArray($known)]]),
                ),
            );
        }

        return $block->isSmaller
            ? Finding::fine(
                'caption-smaller',
                'The caption is made smaller',
                'It stands at '.self::length($block->height).', so that it fits.',
            )
            : null;
    }

    private static function whyNot(Caption $wanted): string
    {
        return match (true) {
            $wanted->inSurplus => 'There is no larger sheet with something to trim away that it could stand in.',
            $wanted->isAbove => 'There is no border above the image for it to stand in.',
            default => 'There is no border below the image for it to stand in.',
        };
    }

    /** @param  list<CaptionPart>  $parts */
    private static function list(array $parts): string
    {
        return WordRow::list(array_map(fn (CaptionPart $part): string => $part->label(), $parts));
    }

    private static function length(float $height): string
    {
        return SidesPhrase::length((int) round($height), Unit::Millimetre);
    }
}
