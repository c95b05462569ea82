<?php

declare(strict_types=1);

namespace Planisher\Colour;

/**
 * The bytes of an ICC profile (ICC.1:2001-04, v2.4): its header, its directory of tags, and what stands in the tags. Version 2 on
 * purpose: the oldest lab software reads it.
 */
final class IccBytes
{
    /** The connection space's white, D50 */
    public const D50 = [0.9642, 1.0, 0.8249];

    private const COPYRIGHT = 'No copyright, use freely (CC0)';

    /**
     * @param  string  $kind  class and colour space, four letters each
     * @param  string  $connection  the space it leads to: “XYZ ” or “Lab ”
     * @param  array<string, ?string>  $tags  null shares the one before
     */
    public static function of(string $kind, string $connection, string $name, array $tags): string
    {
        $tags = [
            'desc' => "desc\0\0\0\0".pack('N', strlen($name) + 1).$name."\0".pack('NN', 0, 0).pack('nC', 0, 0).str_repeat("\0", 67),
            'cprt' => "text\0\0\0\0".self::COPYRIGHT."\0",
            ...$tags,
        ];
        $start = 128 + 4 + 12 * count($tags);
        $directory = pack('N', count($tags));
        $data = '';
        $last = [0, 0];
        foreach ($tags as $signature => $tag) {
            if ($tag !== null) {
                $last = [$start + strlen($data), strlen($tag)];
                $data .= $tag.str_repeat("\0", (4 - (strlen($tag) % 4)) % 4);
            }
            $directory .= $signature.pack('NN', ...$last);
        }
        $header =
            pack('N', $start + strlen($data)).
            "\0\0\0\0".
            pack('N', 0x02400000).
            $kind.
            $connection.
            pack('n6', 2026, 1, 1, 0, 0, 0).
            'acsp'.
            str_repeat("\0", 28).
            implode('', array_map(self::fixed(...), self::D50)).
            str_repeat("\0", 48);

        return $header.$directory.$data;
    }

    /** @param  list<float>  $xyz  a tag of one colour */
    public static function xyz(array $xyz): string
    {
        return "XYZ \0\0\0\0".implode('', array_map(self::fixed(...), $xyz));
    }

    /** A curve of a power of the code, in the 1/256 of u8Fixed8Number. */
    public static function gamma(float $gamma): string
    {
        return "curv\0\0\0\0".pack('Nn', 1, (int) round(256 * $gamma));
    }

    /**
     * A curve by its points, of 16 bits.
     *
     * @param  callable(float): float  $transfer  from codes of 0 to 1 to light
     */
    public static function curve(callable $transfer, int $count): string
    {
        $points = array_map(fn (int $i): string => pack('n', (int) round(65535 * $transfer($i / ($count - 1)))), range(0, $count - 1));

        return "curv\0\0\0\0".pack('N', $count).implode('', $points);
    }

    /**
     * A table of three codes to three results of 16 bits (lut16Type): as many places each way, the last code fastest.
     *
     * @param  string  $results  of all places, 16 bits each, the high byte first
     */
    public static function table(int $grid, string $results): string
    {
        $identity = implode('', array_map(fn (int $i): string => self::fixed($i % 4 === 0 ? 1.0 : 0.0), range(0, 8)));
        $straight = str_repeat(pack('n2', 0, 65_535), 3);

        return "mft2\0\0\0\0".pack('C4', 3, 3, $grid, 0).$identity.pack('n2', 2, 2).$straight.$results.$straight;
    }

    /** s15Fixed16Number */
    private static function fixed(float $number): string
    {
        return pack('N', (int) round($number * 65536) & 0xFFFF_FFFF);
    }
}
