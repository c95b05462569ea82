<?php

declare(strict_types=1);

namespace Planisher\Naming;

use Planisher\Lab\FileFormat;
use Planisher\Lab\LabCard;
use Planisher\Line\Line;
use Planisher\Line\NamePart;
use Planisher\Measure\Size;
use Planisher\OrderFile\OrderHead;

/** Gives every line of an order its file name: safe, no longer than the lab takes, none given twice. */
final class NameBook
{
    /**
     * @param  array<int, Line>  $lines  by the line's number in the order, 1 and up
     * @return array<int, FileName> by the same number
     */
    public static function names(OrderHead $order, LabCard $lab, array $lines): array
    {
        $digits = strlen((string) max([1, ...array_keys($lines)]));
        $taken = [];
        $names = [];
        foreach ($lines as $number => $line) {
            $extension = ($line->wanted->isPrinted() ? $line->output->formatFor($lab) : FileFormat::Jpeg)->extension();
            $room = $lab->nameLength - strlen($extension) - 1;
            $parts = array_map(
                fn (string $part): array => self::parts($order, $line, str_pad((string) $number, $digits, '0', STR_PAD_LEFT), $part),
                $line->wanted->apart($lab),
            );
            $join = fn (int $most): array => self::joined($parts, $line->name->join, $most);
            $stems = $join($room);
            $apart = $stems;
            // A set is numbered apart as a set, so that its names stay alike.
            for ($n = 2; array_filter($apart, fn (string $stem): bool => isset($taken["{$stem}.{$extension}"])) !== []; $n++) {
                $apart = array_map(fn (string $stem): string => "{$stem}-{$n}", $join($room - strlen("-{$n}")));
            }
            foreach ($apart as $stem) {
                $taken["{$stem}.{$extension}"] = true;
            }
            $copies = $line->screenCopy === null ? [] : self::copies($apart, $line->name->join, $taken);
            $names[$number] = new FileName($apart, $extension, $stems !== $join(PHP_INT_MAX), $apart !== $stems, $copies);
        }

        return $names;
    }

    /**
     * What copies for a screen are called: as the files, and that they are for a screen. They lie apart, but are never called as
     * something else either.
     *
     * @param  list<string>  $stems
     * @param  array<string, true>  $taken  gets theirs
     * @return list<string>
     */
    private static function copies(array $stems, string $join, array &$taken): array
    {
        $copies = [];
        foreach ($stems as $stem) {
            $copy = "{$stem}{$join}screen";
            for ($n = 2; isset($taken["{$copy}.jpg"]); $n++) {
                $copy = "{$stem}{$join}screen-{$n}";
            }
            $taken["{$copy}.jpg"] = true;
            $copies[] = "{$copy}.jpg";
        }

        return $copies;
    }

    /** "8x10", "60x40cm", "8-5x11", "a4" */
    public static function size(Size $size): string
    {
        if ($size->name !== null) {
            return strtolower($size->name);
        }
        $unit = $size->width->unit;
        $side = fn (float $length): string => str_replace('.', '-', rtrim(rtrim(number_format($length, 3, '.', ''), '0'), '.'));

        return $side($size->width->in($unit)).'x'.$side($size->height->in($unit)).($unit->value === 'in' ? '' : $unit->value);
    }

    /** @return list<array{text: string, tellsApart: bool, isWhole: bool, isOf: bool}> the parts that have something to say */
    private static function parts(OrderHead $order, Line $line, string $number, string $of): array
    {
        $parts = [];
        $pattern = $line->name->parts;
        // What tells the files of a line apart is always said: behind the number, where the pattern doesn't place it.
        if ($of !== '' && ! in_array(NamePart::Panel, $pattern, true)) {
            $at = array_search(NamePart::Number, $pattern, true);
            array_splice($pattern, $at === false ? count($pattern) : (int) $at + 1, 0, [NamePart::Panel]);
        }
        foreach ($pattern as $part) {
            $text = match ($part) {
                NamePart::Client => $order->client,
                NamePart::Order => $order->number,
                NamePart::Size => $line->crop === null ? '' : self::size($line->crop->size),
                NamePart::Subject => $line->subjectOf(null),
                NamePart::Finish => $line->make,
                NamePart::Panel => $of,
                NamePart::Number => $number,
                NamePart::Copies => $line->copies.'-copies',
                NamePart::Date => $order->date,
                default => $part,
            };
            $text = SafeText::of($text);
            if ($text !== '') {
                $parts[] = [
                    'text' => $text,
                    'tellsApart' => $part instanceof NamePart && $part->tellsApart(),
                    'isWhole' => $part === NamePart::Size,
                    'isOf' => $part === NamePart::Panel,
                ];
            }
        }

        return $parts ?: [['text' => $number, 'tellsApart' => true, 'isWhole' => false, 'isOf' => false]];
    }

    /**
     * The names of a set, each in at most $room characters: what they have in common is shortened for the longest of them, so that
     * they differ only in what tells them apart, and sort together.
     *
     * @param  list<list<array{text: string, tellsApart: bool, isWhole: bool, isOf: bool}>>  $set
     * @return list<string>
     */
    private static function joined(array $set, string $join, int $room): array
    {
        $lengths = array_map(fn (array $parts): int => strlen(self::stem(array_column($parts, 'text'), $join)), $set);
        $longest = $set[(int) array_search(max($lengths), $lengths, true)];
        $short = self::shortened($longest, $join, $room);
        $isTold =
            array_filter(
                $longest,
                fn (array $part, int $i): bool => $part['isOf'] && $part['text'] !== $short[$i],
                ARRAY_FILTER_USE_BOTH,
            ) === [];

        return array_map(
            fn (array $parts): string => self::safe(
                self::stem(
                    $isTold
                        ? array_map(fn (array $part, string $common): string => $part['isOf'] ? $part['text'] : $common, $parts, $short)
                        : self::shortened($parts, $join, $room),
                    $join,
                ),
                $join,
            ),
            $set,
        );
    }

    /**
     * The texts of parts that fit joined into $room characters, the longest part shortened first. A size is said whole or, where all
     * else has gone and there is still no room, not at all: a shortened one would be another size.
     *
     * @param  list<array{text: string, tellsApart: bool, isWhole: bool, isOf: bool}>  $parts
     * @return list<string>
     */
    private static function shortened(array $parts, string $join, int $room): array
    {
        while (strlen(self::stem(array_column($parts, 'text'), $join)) > $room) {
            $longest = null;
            foreach ($parts as $i => $part) {
                $weight = strlen($part['text']) - ($part['tellsApart'] ? 2000 : 0) - ($part['isWhole'] ? 1000 : 0);
                if ($part['text'] !== '' && ($longest === null || $weight > $longest['weight'])) {
                    $longest = ['part' => $i, 'weight' => $weight];
                }
            }
            if ($longest === null) {
                break;
            }
            $text = &$parts[$longest['part']]['text'];
            $text = $parts[$longest['part']]['isWhole'] ? '' : rtrim(substr($text, 0, -1), '-');
            unset($text);
        }

        return array_column($parts, 'text');
    }

    /** @param  list<string>  $texts */
    private static function stem(array $texts, string $join): string
    {
        return implode($join, array_filter($texts, fn (string $text): bool => $text !== ''));
    }

    private static function safe(string $name, string $join): string
    {
        return SafeText::isReserved($name) ? "print{$join}{$name}" : $name;
    }
}
