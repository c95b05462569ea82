<?php

declare(strict_types=1);

namespace Tests\imaging;

use PHPUnit\Framework\TestCase;
use Planisher\Colour\Rgb;
use Planisher\Colour\Space;
use Planisher\Imaging\Colour\Conversion;
use Planisher\Imaging\Colour\ShippedProfiles;
use Planisher\Imaging\Inspect\Hints;
use Planisher\Imaging\Inspect\Preview;
use Planisher\Imaging\PictureReader;
use Planisher\Imaging\ReadBack\MeasuredFigure;
use Planisher\Imaging\ReadBack\ReadBack;
use Planisher\Imaging\Sources\Proxy;
use Planisher\Imaging\Sources\Sources;
use Planisher\Imaging\Vips\Image;
use Planisher\Imaging\Vips\Interpretation;
use Planisher\Plan\PlannedFile;

/** What lies round the picture, in the files that come out, read by ImageMagick. */
final class PaperTest extends TestCase
{
    use Colours;
    use Pictures;

    private const LOSSLESS = ['output' => ['ppi' => 60, 'format' => 'tiff']];

    /**
     * @param  array<string, mixed>  $line
     * @param  array<string, mixed>  $lab
     * @return array{string, PlannedFile}
     */
    private function made(string $picture, array $line, array $lab = []): array
    {
        $file = self::planned($picture, $line + ['carrier' => 'auto'], $lab);

        return [self::make($file, $picture, $this->folder.'/'.bin2hex(random_bytes(4)))->path, $file];
    }

    public function test_the_print_on_a_carrier_is_the_print_without_pixel_for_pixel(): void
    {
        $picture = $this->picture('a.png', 900, 600);
        foreach (
            [
                ['size' => '5 x 7.3 in'],
                ['size' => '10.01 x 6.37 in', 'border' => '0.5 in', 'keyline' => ['width' => '0.05 in']],
                ['size' => '7 x 9 in', 'fit' => 'whole', 'paperColour' => '#d0c0b0'],
            ] as $line
        ) {
            [$alone] = $this->made($picture, $line + ['carrier' => 'none'] + self::LOSSLESS);
            [$carried, $file] = $this->made($picture, $line + self::LOSSLESS);
            $paper = ($file->grounds()[1] ?? null)?->where;
            [$w, $h] = explode(' ', self::tool('identify', '-format', '%w %h', $alone));
            $x = intdiv($file->width - (int) $w, 2);
            $y = intdiv($file->height - (int) $h, 2);
            self::assertGreaterThan(0, $x + $y);
            foreach ([[0, 0], [0, 1], [1, 0], [1, 1]] as [$dx, $dy]) {
                // centring may round either way
                $inner = self::pixels($carried, '-crop', "{$w}x{$h}+".($x + $dx).'+'.($y + $dy), '+repage');
                $same = count($inner) === (int) $w * (int) $h * 3 && self::difference(self::pixels($alone), $inner)['max'] === 0;
                if ($same) {
                    break;
                }
            }
            self::assertTrue($same, json_encode($line) ?: '');
            self::assertSame($paper === null, ! isset($line['paperColour']));
        }
    }

    public function test_border_keyline_and_ticks_stand_where_the_plan_has_them(): void
    {
        $picture = $this->picture('a.png', 900, 600);
        [$path, $file] = $this->made(
            $picture,
            [
                'size' => '5 x 7 in',
                'border' => '1 in',
                'paperColour' => '#204060',
                'keyline' => ['width' => '0.05 in', 'colour' => '#ff8000'],
            ] + self::LOSSLESS,
        );
        $at = fn (int $x, int $y): array => self::pixels($path, '-crop', "1x1+{$x}+{$y}", '+repage');
        $paper = $file->grounds()[1]->where;
        $image = $file->pictures()[0]->target;
        self::assertSame([255, 255, 255], $at(0, 0), 'surplus is white');
        self::assertSame([0x20, 0x40, 0x60], $at($paper->x, $paper->y));
        self::assertSame([0x20, 0x40, 0x60], $at($image->x - 1, $image->y + 10));
        self::assertSame([0xFF, 0x80, 0x00], $at($image->x, $image->y));
        self::assertSame([0xFF, 0x80, 0x00], $at($image->x + $image->width - 1, $image->y + $image->height - 1));
        self::assertNotSame([0xFF, 0x80, 0x00], $at($image->x + 3, $image->y + 3), 'three pixels at 60 ppi');
        $ticks = array_filter($file->strokes(), fn ($stroke): bool => $stroke->colour->equals(Rgb::black()));
        self::assertCount(8, $ticks);
        foreach ($ticks as $tick) {
            self::assertSame([0, 0, 0], $at($tick->where->x, $tick->where->y));
        }
    }

    /** A border's colour is sRGB and converted like the picture: against LittleCMS' transicc. */
    public function test_a_borders_colour_is_converted_not_relabelled(): void
    {
        $picture = $this->picture('a.png', 900, 600);
        [$expected] = self::transicc([[0xC0, 0x20, 0x20]], ShippedProfiles::path(Space::Srgb), ShippedProfiles::path(Space::AdobeRgb));
        $line = ['size' => '8 x 10 in', 'border' => '1 in', 'paperColour' => '#c02020'];
        [$path] = $this->made($picture, $line + self::LOSSLESS, ['colour' => 'Adobe RGB (1998)']);
        $found = self::pixels($path, '-crop', '1x1+5+5', '+repage');
        self::assertLessThanOrEqual(1, self::difference(array_map(fn (float $c): int => (int) round($c), $expected), $found)['max']);
        self::assertNotSame([0xC0, 0x20, 0x20], $found);
        [$deep, $file] = $this->made(
            $picture,
            ['size' => '8 x 10 in', 'border' => '1 in', 'output' => ['ppi' => 60, 'format' => 'tiff', 'bits' => 16]],
            ['colour' => 'Adobe RGB (1998)', 'bits' => [16]],
        );
        self::assertSame(
            '65535',
            trim(self::tool('/usr/bin/convert', $deep, '-crop', '30x30+0+0', '-format', '%[fx:minima*65535]', 'info:')),
            'white of 16 bits',
        );
        self::assertSame([65535.0, 65535.0, 65535.0], (new Conversion($file->encoding, self::profiles()))->codes(Rgb::white()));
    }

    public function test_bleed_is_picture_beyond_the_trim(): void
    {
        $picture = $this->picture('a.png', 900, 600);
        [$path, $file] = $this->made($picture, ['size' => '4 x 6 in'] + self::LOSSLESS, ['bleed' => '10 mm']);
        self::assertSame([360 + 2 * 24, 240 + 2 * 24], [$file->width, $file->height]);
        self::assertSame("{$file->width} {$file->height}", self::tool('identify', '-format', '%w %h', $path));
        // Red says how far right a place is: it rises right across the bleed, nothing is repeated or white.
        $row = array_values(
            array_filter(
                self::pixels($path, '-crop', "{$file->width}x1+0+100", '+repage'),
                fn (int $i): bool => $i % 3 === 0,
                ARRAY_FILTER_USE_KEY,
            ),
        );
        self::assertLessThan(12, $row[0]);
        self::assertGreaterThan(240, $row[count($row) - 1]);
        self::assertGreaterThan($row[5], $row[20]);
    }

    /** The preview is the file made small: within 2/255 on average, borders, lines and ticks included. */
    public function test_the_preview_is_the_file_made_small(): void
    {
        $path = $this->picture('a.jpg', 2400, 1600);
        $facts = PictureReader::read($path, 'a.jpg');
        $proxy = "{$this->folder}/proxy.jpg";
        Proxy::write($path, $facts, 1600, $proxy);
        foreach (
            [
                [
                    'size' => '8 x 10 in',
                    'fit' => 'whole',
                    'border' => '0.6 in',
                    'paperColour' => '#30a060',
                    'keyline' => ['width' => '0.04 in', 'colour' => '#ffffff'],
                ],
                ['size' => '11 x 15 in', 'border' => '0.5 in', 'raise' => 'optical'],
                ['size' => '12 x 18 in', 'fit' => 'whole', 'image' => ['width' => '9 in'], 'raise' => '0.7 in'],
            ] as $line
        ) {
            $file = self::planned($path, $line + ['carrier' => 'auto', 'output' => ['ppi' => 160, 'format' => 'tiff']]);
            $preview = Preview::image($file, Sources::proxies($proxy), 800);
            $made = self::make($file, $path, $this->folder.'/'.md5(serialize($line)));
            $small = self::pixels($made->path, '-resize', "{$preview->width()}x{$preview->height()}!");
            self::assertLessThan(
                2.0,
                self::difference(array_values((array) unpack('C*', $preview->pixels())), $small)['mean'],
                json_encode($line) ?: '',
            );
        }
    }

    public function test_the_read_back_looks_at_the_border(): void
    {
        $picture = $this->picture('a.jpg', 900, 600);
        foreach (['jpeg', 'tiff'] as $format) {
            [$path, $file] = $this->made($picture, [
                'size' => '5 x 7 in',
                'border' => '0.7 in',
                'paperColour' => '#c0c0d0',
                'output' => ['ppi' => 100, 'format' => $format],
            ]);
            $border = fn (): MeasuredFigure => array_values(
                array_filter(ReadBack::of($path, $file, null)->figures, fn (MeasuredFigure $m): bool => $m->what === 'border'),
            )[0];
            self::assertTrue($border()->agrees, $border()->found);
            self::assertSame('#c0c0d0 and #ffffff', $border()->planned);
            // The picture shifted into its border, as a lab's software might leave it
            self::tool(
                '/usr/bin/convert',
                $path,
                '-roll',
                '+0+90',
                '-quality',
                '95',
                ...$format === 'tiff' ? ['-compress', 'LZW'] : [],
                ...[$path],
            );
            self::assertFalse($border()->agrees);
        }
        [$path, $file] = $this->made($picture, ['size' => '4 x 6 in', 'output' => ['ppi' => 100]]);
        self::assertSame(
            [],
            array_filter(ReadBack::of($path, $file, null)->figures, fn (MeasuredFigure $m): bool => $m->what === 'border'),
            'no border, nothing to say',
        );
    }

    public function test_own_pixels_stay_untouched_inside_a_border(): void
    {
        $picture = $this->picture('a.png', 900, 600);
        [$path, $file] = $this->made($picture, [
            'size' => '8 x 10 in',
            'fit' => 'whole',
            'border' => '1 in',
            'output' => ['ppi' => 'own', 'format' => 'tiff'],
        ]);
        $at = $file->pictures()[0]->target;
        self::assertSame([900, 600], [$at->width, $at->height]);
        self::assertSamePixels(self::pixels($picture), self::pixels($path, '-crop', "900x600+{$at->x}+{$at->y}", '+repage'));
    }

    public function test_looks_for_strong_colours_and_for_what_draws_the_eye(): void
    {
        $wool = dirname(__DIR__, 2).'/demo/pictures/dyed-wool.jpg';
        $colours = Hints::strongColours($wool);
        self::assertCount(5, $colours);
        $boat = Hints::suggestion(dirname(__DIR__, 2).'/demo/pictures/lighthouse-point.jpg');
        self::assertLessThan(0.67, $boat->x, 'the light stands on the right third');
        self::assertGreaterThan(0.62, $boat->right());

        $red = "{$this->folder}/red.png";
        Image::fromPixels(str_repeat("\x90\x90\x90", 200 * 200), 200, 200, 3)->as(Interpretation::Srgb)->save('pngsave', $red, []);
        self::tool('/usr/bin/convert', $red, '-fill', '#e01010', '-draw', 'circle 150,50 165,50', "{$this->folder}/dot.png");
        $dot = Hints::suggestion("{$this->folder}/dot.png");
        self::assertTrue($dot->x < 0.7 && $dot->right() > 0.8 && $dot->y < 0.2 && $dot->bottom() > 0.3, json_encode($dot->toArray()) ?: '');
    }
}
