<?php

declare(strict_types=1);

namespace Planisher\Finding;

use Planisher\Colour\Channels;
use Planisher\Picture\PictureFacts;
use Planisher\Plan\LineContext;

/** Says which colours the picture is taken to have, and what they become. */
final class ProfileKnown implements PictureCheck
{
    public function lookAt(PictureFacts $picture, LineContext $at): ?Finding
    {
        if ($at->plan === null) {
            return null;
        }
        $encoding = $at->plan->files[0]->encoding;
        $target = $encoding->profile->description ?? $encoding->colour->value;
        $assumed = match ($picture->channels) {
            Channels::Rgb => 'sRGB',
            Channels::Grey => 'sRGB greys',
            Channels::Cmyk => 'ordinary coated-paper CMYK',
            Channels::Lab => 'CIE Lab of D50',
        };
        if ($picture->profileFlaw !== null) {
            return Finding::look(
                'profile-unreadable',
                'Its profile can’t be used',
                "The picture carries one, but {$picture->profileFlaw}. Taken as {$assumed}; see that the colours are right.",
            );
        }
        if ($picture->channels === Channels::Lab) {
            return Finding::fine('profile-known', 'Colour is known', "From CIE Lab, which says its colours itself, into {$target}.");
        }
        if ($picture->tagged !== null) {
            return Finding::fine(
                'profile-tagged',
                'Colour is known by its tags',
                "Without a profile, but {$picture->tagged->label}: so taken, and brought into {$target}.",
            );
        }
        if ($picture->profile === null) {
            return Finding::look('profile-none', 'No profile in the picture', "Taken as {$assumed}. See that the colours are right.");
        }

        if ($picture->isPerceptualOnly) {
            return Finding::fine(
                'profile-perceptual',
                'Colour is known, perceptually',
                "{$picture->profile} can be read by the perceptual intent only, and is; from there into {$target}.",
            );
        }

        return Finding::fine(
            'profile-known',
            'Colour is known',
            $picture->profile === $encoding->profileDescription()
                ? "The picture is in {$target} already."
                : "From {$picture->profile} into {$target}.",
        );
    }
}
