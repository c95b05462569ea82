<?php

declare(strict_types=1);

namespace Planisher\Description;

use Planisher\Finish\Finishes;
use Planisher\Phrase\SentenceSegments;
use Planisher\Plan\LineContext;
use Planisher\Plan\Part;

/** A line as it is told to the client: what it will be, and what of the picture won't be on it. */
final class ClientDescription
{
    public static function title(LineContext $at): string
    {
        $facts = $at->facts();

        return LineSentence::carriesSeveral($at) || $facts === [] ? ucfirst($at->line->wanted->label(1)) : $at->line->subjectOf(null);
    }

    /** “12 prints, cropped to 4 × 6 in, with a white border of 0.25 in” */
    public static function what(LineContext $at): string
    {
        $said = Finishes::of($at->line)->wording();
        $segments = new SentenceSegments();
        $said->words($segments, $at);
        AdditionsDescription::words($segments, $at);
        $words = implode('', array_column($segments->all(), 'text'));
        $on = $at->line->product === null ? '' : ", on {$at->line->product}";
        $paper = $at->line->paper === null ? '' : ", on {$at->line->paper} paper";

        return LineSentence::prints($at).", {$said->size($at)}{$words}{$on}{$paper}";
    }

    /** What is cut off, in words. */
    public static function cut(LineContext $at): string
    {
        $parts = $at->plan->parts ?? [];
        $cut = array_filter($parts, fn (Part $part): bool => $part->cut->sides() !== '' && ! $part->cut->isUnseen());
        if ($cut === []) {
            return count($parts) > 1 ? 'All of every picture is on it.' : 'All of the picture is on it.';
        }
        if (count($parts) === 1) {
            return "Not on it: {$parts[0]->cut->sides()} of the picture.";
        }
        $most = $at->plan?->mostCut();

        return "Not on it, of the picture that loses most: {$most?->cut->sides()}.";
    }
}
