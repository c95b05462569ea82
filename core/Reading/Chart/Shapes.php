<?php

declare(strict_types=1);

namespace Planisher\Reading\Chart;

use Planisher\Language\Rule\ReadingRule;
use Planisher\Language\Words\PictureNames;
use Planisher\Language\Words\Spoken;
use Planisher\Language\Words\Typed;

/**
 * How lines of the same shape were read. Lists are monotonous: “0412 8x10 x2” and “0413 5x7 x2” differ in nothing but which picture and
 * which size, so only the first of them has to be looked at in all ways.
 */
final class Shapes
{
    /** @var array<string, Path> by the line's shape */
    private array $paths = [];

    /** @param  list<array{int, int, ReadingRule|string}>  $path */
    public function keep(Spoken $said, ?string $make, array $path): void
    {
        $this->paths[self::of($said, $make)] = new Path($path);
    }

    public function path(Spoken $said, ?string $make): ?Path
    {
        return $this->paths[self::of($said, $make)] ?? null;
    }

    /** All that decides about the way it is read: its words, but of pictures and sizes only how they are written. */
    private static function of(Spoken $said, ?string $make): string
    {
        return $said->pictures?->areAllNumbered() === true ? self::numbered($said, $said->pictures, $make) : self::named($said, $make);
    }

    /**
     * Of pictures that have no names beside their numbers: the words, and of a picture's number only what it looks like, whether there are
     * several of it, and how other numbers may go on from it.
     */
    private static function numbered(Spoken $said, PictureNames $pictures, ?string $make): string
    {
        $shape = (string) $make;
        $before = [];
        foreach ($said->words as $word) {
            $kind = $word->isDigits() ? $pictures->kindOfNumber($word->text) : null;
            $shape .= ($word->isGlued ? '' : ' ').($kind ?? $word->text);
            foreach ($word->isDigits() ? $before : [] as $number) {
                $shape .= $pictures->goesOn($number, $word->text);
            }
            $kind === null || ($before[] = $word->text);
        }

        return $shape;
    }

    private static function named(Spoken $said, ?string $make): string
    {
        $shape = (string) $make;
        $until = 0;
        foreach ($said->words as $i => $word) {
            $of = $word->isDigits() ? [...self::typed($said, 'pictures', $i), '/', ...self::typed($said, 'size', $i)] : [];
            if (count($of) > 1) {
                $until = max($until, $i + 1, ...array_map(fn (string $one): int => (int) $one, array_diff($of, ['/'])));
            }
            $isHidden = $i < $until && $word->isDigits();
            $shape .= ($word->isGlued ? '' : ' ').($isHidden ? ($word->text[0] === '0' ? '0' : '1').strlen($word->text) : $word->text);
            $shape .= $of === [] || count($of) === 1 ? '' : '{'.implode(';', $of).'}';
            $shape .= $isHidden ? '#' : '';
        }

        return $shape;
    }

    /** @return list<string> where each ends, what it costs and whether it is sure */
    private static function typed(Spoken $said, string $kind, int $i): array
    {
        return array_map(
            fn (Typed $typed): string => "{$typed->end} {$typed->cost}".($typed->why === null ? '' : '?'),
            $said->typed($kind, $i),
        );
    }
}
