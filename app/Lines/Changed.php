<?php

declare(strict_types=1);

namespace App\Lines;

/** Says in words what of a line was changed. */
final class Changed
{
    private const WORDS = [
        'window' => 'where it is cropped',
        'fit' => 'how it fits',
        'turn' => 'which way up it is',
        'make' => 'what it is made into',
        'copies' => 'how many',
        'size' => 'its size',
        'image' => 'how large the image is',
        'raise' => 'how high it sits',
        'paperColour' => 'the colour of its paper',
        'keyline' => 'the line round it',
        'frameCover' => 'its frame',
        'trimMarks' => 'its trim marks',
        'sheet' => 'what is on the sheet',
        'longSide' => 'its long side',
        'viewedFrom' => 'from where it is looked at',
        'output' => 'its file',
        'forPaper' => 'how it is lifted for paper',
        'name' => 'its name',
        'overlays' => 'its marks',
        'screenCopy' => 'its screen copy',
    ];

    /**
     * @param  array<string, mixed>  $before  its order-file form
     * @param  array<string, mixed>  $after
     */
    public static function between(array $before, array $after, bool $hasOtherPicture): ?string
    {
        $keys = array_filter(
            array_unique([...array_keys($before), ...array_keys($after)]),
            fn (string $key): bool => ($before[$key] ?? null) != ($after[$key] ?? null),
        );
        $said = array_map(fn (string $key): string => self::WORDS[$key] ?? "its {$key}", array_values($keys));
        if ($hasOtherPicture) {
            array_unshift($said, 'its picture');
        }
        $last = array_pop($said);

        return $last === null ? null : 'changed '.($said === [] ? $last : implode(', ', $said)." and {$last}");
    }
}
