<?php

declare(strict_types=1);

namespace App\Making;

use App\Models\MadeFile;

/** A made file isn't what was made any more. It goes nowhere; one press makes it again. */
final class Altered extends \RuntimeException
{
    public function __construct(public readonly MadeFile $made)
    {
        parent::__construct(self::words($made->name));
    }

    public static function words(string $name): string
    {
        return "“{$name}” isn’t what was made any more: it was changed, moved or lost since. It isn’t given out. Make it again.";
    }
}
