<?php

declare(strict_types=1);

namespace App\Files;

use Illuminate\Http\UploadedFile;

/** What an uploaded file is called here: its own name, of letters that are safe anywhere, with the ending that it should have. */
final class UploadName
{
    private const LONGEST = 90;

    private const LONGEST_PICTURE = 150;

    /** A picture's own name, of which no part is a path. */
    public static function ofPicture(string $name): string
    {
        $own = basename(str_replace('\\', '/', mb_scrub($name)));

        $name = mb_substr(trim((string) preg_replace('/[\x00-\x1f\x7f\/\\\\]+/', '-', $own)), -self::LONGEST_PICTURE);

        return in_array($name, ['', '.', '..'], true) ? 'picture' : $name;
    }

    /** @param  non-empty-list<string>  $endings  that it may have; one without gets the first */
    public static function of(UploadedFile $file, string $usual, array $endings): string
    {
        $own = basename(str_replace('\\', '/', mb_scrub($file->getClientOriginalName())));
        $safe = trim((string) preg_replace('/[^\w. -]+/u', '-', $own));
        $stem = pathinfo($safe, PATHINFO_FILENAME);
        $ending = pathinfo($safe, PATHINFO_EXTENSION);
        $has = in_array(strtolower($ending), $endings, true);
        $named = $has ? $stem : $safe; // another ending is a part of its name

        return mb_substr($named === '' ? $usual : $named, -self::LONGEST).'.'.($has ? $ending : $endings[0]);
    }
}
