<?php

declare(strict_types=1);

namespace Planisher\Finding;

use Planisher\Colour\Channels;

/** Says which colours the picture is taken to have, and what they become. */
final class ProfileKnown implements Check
{
    public function look(Situation $at): ?Finding
    {
        $picture = $at->facts();
        if ($picture === null || $at->plan === null) {
            return null;
        }
        $encoding = $at->plan->files[0]->encoding;
        $target = $encoding->profile->description ?? $encoding->colour->value;
        $assumed = match ($picture->channels) {
            Channels::Rgb => 'sRGB',
            Channels::Grey => 'sRGB greys',
            Channels::Cmyk => 'ordinary coated-paper CMYK',
        };
        if ($picture->profileFlaw !== null) {
            return Finding::look('profile-unreadable', 'Its profile can’t be used', "The picture carries one, but {$picture->profileFlaw}. Taken as {$assumed}; see that the colours are right.");
        }
        if ($picture->profile === null) {
            return Finding::look('profile-none', 'No profile in the picture', "Taken as {$assumed}. See that the colours are right.");
        }

        return Finding::fine('profile-known', 'Colour is known', $picture->profile === $encoding->profileDescription()
            ? "The picture is in {$target} already."
            : "From {$picture->profile} into {$target}.");
    }
}
