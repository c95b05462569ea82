<?php

declare(strict_types=1);

namespace Tests\imaging;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Planisher\Colour\Space;
use Planisher\Imaging\Colour\ShippedProfiles;
use Planisher\Imaging\Vips\Image;

/** Any source into the lab's space or its paper's, against LittleCMS' transicc. */
final class ConversionTest extends TestCase
{
    use Colours;
    use Pictures;

    /** Tolerances as docs/imaging.md justifies them: rounding to 8 bits alone is 0.83 at most. */
    #[DataProvider('conversions')]
    public function test_500_patches_against_transicc(string $colour, string $intent, int $bits, float $mean, float $most): void
    {
        $patches = self::patches();
        $picture = $this->patchPicture($patches);
        $file = self::file(
            $picture,
            [
                'size' => '2000 x 4 mm',
                'turn' => 'landscape',
                'output' => ['ppi' => 'own', 'format' => 'tiff', 'bits' => $bits, 'intent' => $intent, 'colour' => $colour],
            ],
            $colour === 'Adobe RGB (1998)' ? ['colour' => $colour] : [],
        );
        $made = self::make($file, $picture, "{$this->folder}/out");
        self::assertTrue($made->readBack->agrees());
        $target = self::profiles()->path($file->encoding->target());
        $expected = self::transicc(
            $patches,
            ShippedProfiles::path(Space::Srgb),
            $target,
            $intent === 'relative' ? 1 : 0,
            $intent === 'relative',
        );
        self::assertSameColours($expected, self::patchesOf($made->path, 500), $target, $mean, $most);
    }

    /** @return iterable<string, list<mixed>> */
    public static function conversions(): iterable
    {
        yield 'Adobe RGB, 8 bits' => ['Adobe RGB (1998)', 'relative', 8, 0.2, 1.2];
        yield 'Adobe RGB, 16 bits' => ['Adobe RGB (1998)', 'relative', 16, 0.02, 0.8];
        yield 'lustre, relative, 8 bits' => ['lustre.icc', 'relative', 8, 0.2, 1.2];
        yield 'lustre, relative, 16 bits' => ['lustre.icc', 'relative', 16, 0.06, 0.8];
        yield 'lustre, perceptual, 16 bits' => ['lustre.icc', 'perceptual', 16, 0.06, 0.8];
        yield 'matte, the paper of the line, relative, 16 bits' => ['matte.icc', 'relative', 16, 0.06, 0.8];
        yield 'matte, perceptual, 8 bits' => ['matte.icc', 'perceptual', 8, 0.2, 1.2];
    }

    /** Pictures in other spaces than sRGB, embedded by libvips' own profiles (Display P3, CMYK), which transicc reads, too. */
    #[DataProvider('sources')]
    public function test_wide_and_deep_and_cmyk_sources(
        string $profile,
        int $bits,
        string $colour,
        string $intent,
        float $mean,
        float $most,
    ): void {
        $picture = "{$this->folder}/source.tif";
        self::tool(
            'vips',
            'icc_transform',
            $this->patchPicture(self::patches()),
            $picture,
            $profile,
            '--depth',
            (string) $bits,
            '--intent',
            'relative',
        );
        file_put_contents($own = "{$this->folder}/own.icc", self::tool('exiftool', '-b', '-icc_profile', $picture));
        $bands = $profile === 'cmyk' ? 4 : 3;
        $samples = array_values(
            (array) unpack(
                $bits === 16 ? 'S*' : 'C*',
                Image::open($picture)
                    ->run('crop', [0, 1, 2000, 1])
                    ->pixels(),
            ),
        );
        // transicc takes ink in percent, light in codes of 255
        $scale = ($bits === 16 ? 65_535 : 255) / ($profile === 'cmyk' ? 100 : 255);
        $source = array_map(
            fn (int $i): array => array_map(fn (int $code): float => $code / $scale, array_slice($samples, ($i * 4 + 1) * $bands, $bands)),
            range(0, 499),
        );

        $file = self::file(
            $picture,
            [
                'size' => '2000 x 4 mm',
                'turn' => 'landscape',
                'output' => ['ppi' => 'own', 'format' => 'tiff', 'bits' => 16, 'intent' => $intent, 'colour' => $colour],
            ],
            $colour === 'Adobe RGB (1998)' ? ['colour' => $colour] : [],
        );
        $made = self::make($file, $picture, "{$this->folder}/out");
        self::assertTrue($made->readBack->agrees());
        $target = self::profiles()->path($file->encoding->target());
        self::assertSameColours(
            self::transicc($source, $own, $target, $intent === 'relative' ? 1 : 0, $intent === 'relative'),
            self::patchesOf($made->path, 500),
            $target,
            $mean,
            $most,
        );
    }

    /** @return iterable<string, list<mixed>> */
    public static function sources(): iterable
    {
        // from four inks LittleCMS' quick way interpolates between fewer places, and cuts corners where colours are clipped
        $sources = [['p3', 8, 0.06, 0.8], ['p3', 16, 0.06, 0.8], [ShippedProfiles::widest(), 16, 0.1, 1.6], ['cmyk', 8, 0.2, 3.5]];
        foreach ($sources as [$profile, $bits, $mean, $most]) {
            $name = basename($profile, '.icc');
            yield "{$name}, {$bits} bits, to Adobe RGB" => [$profile, $bits, 'Adobe RGB (1998)', 'relative', $mean, $most];
            yield "{$name}, {$bits} bits, to lustre" => [$profile, $bits, 'lustre.icc', 'relative', $mean, $most];
            yield "{$name}, {$bits} bits, to matte, perceptual" => [$profile, $bits, 'matte.icc', 'perceptual', $mean, $most];
        }
    }
}
