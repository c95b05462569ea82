<?php

declare(strict_types=1);

/**
 * Writes the profiles we embed from published primaries. Run `php imaging/profiles/make.php`; the result is committed.
 *  - sRGB: IEC 61966-2-1:1999, primaries and transfer function
 *  - Adobe RGB (1998) Color Image Encoding, 2005-05: primaries, white point and gamma 563/256
 */

use Planisher\Colour\MatrixProfile;
use Planisher\Colour\Space;
use Planisher\Imaging\Colour\ShippedProfiles;

require __DIR__.'/../../vendor/autoload.php';

foreach (Space::cases() as $space) {
    file_put_contents(
        ($argv[1] ?? __DIR__).'/'.basename(ShippedProfiles::path($space)),
        MatrixProfile::rgb($space->profileDescription(), $space->chromaticities(), $space->curve()),
    );
}
