<?php

declare(strict_types=1);

namespace Planisher\Finding;

use Planisher\Lab\FileFormat;
use Planisher\Lab\Paper;
use Planisher\Line\LineChange;
use Planisher\Plan\LineContext;

/** Stops a file kind, bit depth or colour space that the lab does not take. */
final class FormatTaken implements Check
{
    public function judge(LineContext $at): ?Finding
    {
        [$output, $lab] = [$at->line->output, $at->lab];
        $format = $output->formatFor($lab);
        if (! in_array($format, $lab->formats, true)) {
            $taken = implode(' or ', array_map(fn (FileFormat $f): string => $f->label(), $lab->formats));

            return Finding::stops(
                'format-not-taken',
                "The lab takes no {$format->label()}",
                "{$lab->name} takes {$taken}.",
                new Remedy("Save as {$lab->formats[0]->label()}", LineChange::of(['output' => ['format' => null]])),
            );
        }
        if ($output->bits === 16 && $format === FileFormat::Jpeg) {
            return Finding::stops(
                'bits-not-taken',
                'A JPEG has no 16 bits',
                'A JPEG holds 8 bits a colour.',
                new Remedy('Make it 8 bits', LineChange::of(['output' => ['bits' => null]])),
            );
        }
        if (! in_array($output->bits, $lab->bits, true)) {
            return Finding::stops(
                'bits-not-taken',
                "The lab takes no {$output->bits}-bit files",
                "{$lab->name} takes ".implode(' or ', $lab->bits).' bits a colour.',
                new Remedy('Make it 8 bits', LineChange::of(['output' => ['bits' => null]])),
            );
        }
        if ($output->profile !== null || $output->forItsPaper) {
            return self::profile($at);
        }
        $colour = $output->colourFor($lab);

        return $colour === $lab->colour
            ? null
            : Finding::stops(
                'colour-not-taken',
                "The lab asks for {$lab->colour->value}",
                "A file in {$colour->value} would be printed with the wrong colours.",
                new Remedy("Use {$lab->colour->value}", LineChange::of(['output' => ['colour' => null]])),
            );
    }

    /** A file in a paper's own profile: only where the lab takes such files, and the profile is at hand. */
    private static function profile(LineContext $at): ?Finding
    {
        [$output, $lab] = [$at->line->output, $at->lab];
        $file = $output->profile ?? $lab->paper($at->line->paper)?->profile;
        $back = new Remedy("Use {$lab->colour->value}", LineChange::of(['output' => ['colour' => null]]));
        if ($file === null) {
            return Finding::stops(
                'profile-missing',
                'The paper has no profile',
                'The file is to be in the profile of its paper, and the lab card has none for it.',
                $back,
            );
        }
        $trouble = $lab->profiles->trouble($file);
        if ($trouble !== null) {
            return Finding::stops('profile-refused', "“{$file}” can’t be used", ucfirst(rtrim($trouble, '.')).'.', $back);
        }

        $paper = $lab->paper($at->line->paper);
        if (
            $paper !== null &&
            $file !== $paper->profile &&
            in_array($file, array_map(fn (Paper $one): ?string => $one->profile, $lab->papers), true)
        ) {
            return Finding::stops(
                'profile-of-another-paper',
                'The profile is another paper’s',
                "The file is to be in “{$file}”, and it is printed on “{$paper->name}”.",
                $paper->profile === null
                    ? $back
                    : new Remedy("Use that of “{$paper->name}”", LineChange::of(['output' => ['colour' => 'paper']])),
            );
        }

        return $lab->takesPaperProfiles
            ? null
            : Finding::stops(
                'colour-not-taken',
                "The lab asks for {$lab->colour->value}",
                "{$lab->name}’s card doesn’t say that it takes files in a paper’s profile; they would be printed with the wrong colours.",
                $back,
            );
    }
}
