<?php

declare(strict_types=1);

namespace Planisher\Imaging;

use Planisher\Imaging\Vips\Image;

/**
 * What becomes of a colour's three codes, worked out once for 33 × 33 × 33 places and interpolated between them. libvips
 * has no table of three dimensions; LittleCMS has, and reads it from an ICC profile (ICC.1:2001-04, lut16Type, version 2)
 * in which L*, a* and b* stand for the three results. It is prepared in a fifth of the time that the way into a paper takes.
 */
final class CodeTable
{
    private const GRID = 33;

    /** Results from -128 to 384, so that what lies beyond the codes is clipped after it was interpolated: L* 0 to 100, a* and b* -128 to 128. */
    private const FROM = -128.0;

    private const SPAN = 512.0;

    private const HALF = 2.0;

    private static ?string $folder = null;

    private function __construct(private readonly string $path) {}

    /** Where tables are kept from one process to the next; else they are made anew in each. */
    public static function keptIn(string $folder): void
    {
        self::$folder = $folder;
    }

    /**
     * @param  string  $name  of a file, the same for the same table only
     * @param  callable(Image): list<list<float>>  $make  of the grid, three results a place, from -128 to 384
     */
    public static function named(string $name, callable $make): self
    {
        $path = self::folder()."/{$name}.icc";
        if (! is_file($path)) {
            Beside::write($path, fn (string $part) => file_put_contents($part, self::profile($make(self::grid()))));
        }

        return new self($path);
    }

    /** @return Image of 8 bits, three bands, and without a profile: they may be anything */
    public function of(Image $image): Image
    {
        // absolute, since by any other intent LittleCMS sets white to white
        return $image->run('icc_import', [], ['input_profile' => $this->path, 'intent' => ThroughProfile::ABSOLUTE])
            ->inCodes([self::SPAN / 100, self::HALF, self::HALF], [self::FROM, self::SPAN / 2 + self::FROM, self::SPAN / 2 + self::FROM])
            ->run('copy', options: ['interpretation' => Image::SPACE_SRGB])->without('icc-profile-data');
    }

    /** Every place, blue fastest. */
    private static function grid(): Image
    {
        $codes = array_map(fn (int $step): int => (int) round($step / (self::GRID - 1) * 65_535), range(0, self::GRID - 1));
        $pixels = '';
        foreach ($codes as $red) {
            foreach ($codes as $green) {
                foreach ($codes as $blue) {
                    $pixels .= pack('v3', $red, $green, $blue);
                }
            }
        }

        return Image::fromDeepPixels($pixels, self::GRID ** 2, self::GRID)->run('copy', options: ['interpretation' => Image::SPACE_RGB16]);
    }

    /** @param  list<list<float>>  $results */
    private static function profile(array $results): string
    {
        $code = fn (float $value): int => max(0, min(65_535, (int) round($value)));
        // Lab in 16 bits as version 2 has it: L* 100 is FF00, a* and b* lie about 8000; set so that libvips reads what is wanted
        $table = '';
        foreach ($results as [$first, $second, $third]) {
            $middle = self::SPAN / 2 + self::FROM;
            [$lightness, $a, $b] = ThroughProfile::readAs(($first - self::FROM) * 100 / self::SPAN, ($second - $middle) / self::HALF, ($third - $middle) / self::HALF);
            $table .= pack('n3', $code($lightness * 652.8), $code(($a + 128) * 256), $code(($b + 128) * 256));
        }
        $straight = str_repeat(pack('n2', 0, 65_535), 3);
        $identity = implode('', array_map(fn (int $i): string => pack('N', $i % 4 === 0 ? 65_536 : 0), range(0, 8)));
        $tags = [
            'desc' => "desc\0\0\0\0".pack('N', 6)."table\0".str_repeat("\0", 78),
            'cprt' => "text\0\0\0\0CC0\0",
            'wtpt' => "XYZ \0\0\0\0".implode('', array_map(fn (float $v): string => pack('N', (int) round($v * 65_536)), ThroughProfile::D50)),
            'A2B1' => "mft2\0\0\0\0".pack('C4', 3, 3, self::GRID, 0).$identity.pack('n2', 2, 2).$straight.$table.$straight,
        ];
        [$directory, $data] = ['', ''];
        $at = 128 + 4 + 12 * count($tags);
        foreach ($tags as $name => $bytes) {
            $directory .= $name.pack('N2', $at + strlen($data), strlen($bytes));
            $data .= $bytes.str_repeat("\0", (4 - strlen($bytes) % 4) % 4);
        }
        $header = str_pad(pack('N', $at + strlen($data))."\0\0\0\0".pack('N', 0x02400000).'prtrRGB Lab '.pack('n6', 2026, 11, 25, 0, 0, 0).'acsp'.str_repeat("\0", 28)
            .implode('', array_map(fn (float $v): string => pack('N', (int) round($v * 65_536)), ThroughProfile::D50)), 128, "\0");

        return $header.pack('N', count($tags)).$directory.$data;
    }

    private static function folder(): string
    {
        if (self::$folder === null) {
            $own = sys_get_temp_dir().'/planisher-tables-'.getmypid().'-'.bin2hex(random_bytes(6));
            register_shutdown_function(function () use ($own): void {
                array_map(unlink(...), glob("{$own}/*") ?: []);
                @rmdir($own);
            });
            self::$folder = $own;
        }
        is_dir(self::$folder) || @mkdir(self::$folder, 0700, true);

        return self::$folder;
    }
}
