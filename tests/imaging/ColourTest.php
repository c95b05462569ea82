<?php

declare(strict_types=1);

namespace Tests\imaging;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Planisher\Colour\CieLab;
use Planisher\Colour\Rgb;
use Planisher\Colour\Space;
use Planisher\Imaging\Colour\ProfileReader;
use Planisher\Imaging\Colour\ShippedProfiles;
use Planisher\Imaging\Inspect\DrawnIn;
use Planisher\Imaging\Inspect\Histogram;
use Planisher\Imaging\Inspect\OneToOne;
use Planisher\Imaging\Inspect\Preview;
use Planisher\Imaging\Inspect\PrintedPart;
use Planisher\Imaging\Inspect\Proof;
use Planisher\Imaging\Inspect\Tones;
use Planisher\Imaging\Inspect\Weight;
use Planisher\Imaging\PictureReader;
use Planisher\Imaging\Sources\Proxy;
use Planisher\Imaging\Sources\Sources;
use Planisher\Imaging\Vips\BandFormat;
use Planisher\Imaging\Vips\Image;
use Planisher\Imaging\Vips\Interpretation;
use Planisher\Picture\PictureRefused;

/** Into a lab's space and through its paper, against LittleCMS' transicc and ImageMagick. */
final class ColourTest extends TestCase
{
    use Colours;
    use Pictures;

    #[DataProvider('refused')]
    public function test_a_profile_that_is_none_is_refused_with_the_reason(\Closure $write, string $says): void
    {
        $path = "{$this->folder}/some.icc";
        file_put_contents($path, $write((string) file_get_contents(self::PAPERS.'/simulated-lustre.icc')));
        $this->expectException(PictureRefused::class);
        $this->expectExceptionMessageMatches("/{$says}/u");
        ProfileReader::read($path, 'some.icc');
    }

    /** @return iterable<string, array{\Closure(string): string, string}> */
    public static function refused(): iterable
    {
        yield 'text' => [fn (): string => str_repeat('hello ', 100), 'not an ICC profile'];
        yield 'nothing' => [fn (): string => '', 'not an ICC profile'];
        yield 'for a screen' => [
            fn (): string => ShippedProfiles::bytes(Space::Srgb),
            'describes a screen, and a paper’s profile is wanted',
        ];
        yield 'for a scanner' => [fn (string $p): string => substr_replace($p, 'scnr', 12, 4), 'describes a scanner'];
        yield 'for CMYK' => [fn (string $p): string => substr_replace($p, 'CMYK', 16, 4), 'for CMYK, and the lab takes RGB'];
        yield 'cut off' => [fn (string $p): string => substr($p, 0, 90_000), 'cut off at 90000 of'];
        yield '30 MB' => [fn (string $p): string => $p.str_repeat("\0", 30_000_000), 'is 30\.\d.MB; the largest'];
        yield 'of a version to come' => [fn (string $p): string => substr_replace($p, "\x05", 8, 1), 'ICC version 5'];
        yield 'broken inside' => [fn (string $p): string => substr($p, 0, 132).str_repeat("\0", strlen($p) - 132), 'damaged'];
    }

    /** Opened, a grey ramp comes out as the curve says, in the file as another program measures its lightness. */
    public function test_lifting_for_paper_follows_its_curve(): void
    {
        $greys = array_map(fn (int $code): array => [$code, $code, $code], range(0, 255, 5));
        $picture = $this->patchPicture($greys);
        $line = [
            'size' => count($greys) * 4 .' x 4 mm',
            'turn' => 'landscape',
            'forPaper' => ['open' => 0.8, 'contrast' => 0.3],
            'output' => ['ppi' => 'own', 'format' => 'tiff', 'bits' => 16],
        ];
        $file = self::file($picture, $line);
        $made = self::make($file, $picture, "{$this->folder}/out")->path;
        $samples = array_values(
            (array) unpack(
                'S*',
                Image::open($made)
                    ->run('crop', [0, 1, 4 * count($greys), 1])
                    ->pixels(),
            ),
        );
        $found = array_map(
            fn (int $i): array => array_map(fn (int $code): float => $code / 257, array_slice($samples, $i * 12 + 3, 3)),
            array_keys($greys),
        );
        $srgb = ShippedProfiles::path(Space::Srgb);
        $before = array_column(self::transicc($greys, $srgb, '*Lab', 1, false), 0);
        $after = self::transicc($found, $srgb, '*Lab', 1, false);
        foreach ($before as $i => $lightness) {
            self::assertEqualsWithDelta($file->encoding->tone->at($lightness), $after[$i][0], 0.35, "L* {$lightness}");
            self::assertLessThan(0.6, hypot($after[$i][1], $after[$i][2]), 'grey stays grey');
        }
    }

    /** The halo beside an edge stays within its limits, and the edge becomes steeper; ImageMagick reads the file. */
    public function test_sharpening_keeps_its_halo(): void
    {
        foreach ([['glossy', 300], ['lustre', 300], ['matte', 300], ['lustre', 200]] as [$surface, $ppi]) {
            // As a lens draws an edge: half a pixel of blur
            $codes = array_map(
                fn (int $x): int => match (true) {
                    $x < 199 => 80,
                    $x === 199 => 95,
                    $x === 200 => 165,
                    default => 180,
                },
                range(0, 399),
            );
            $row = implode('', array_map(fn (int $code): string => str_repeat(chr($code), 3), $codes));
            Image::fromPixels(str_repeat($row, 60), 400, 60, 3)
                ->as(Interpretation::Srgb)
                ->save('pngsave', "{$this->folder}/edge.png", []);
            $line = [
                'size' => '400 x 60 mm',
                'turn' => 'landscape',
                'viewedFrom' => '300 mm',
                'output' => [
                    'ppi' => 'own',
                    'format' => 'tiff',
                    'bits' => 16,
                    'sharpen' => ['surface' => $surface, 'strength' => 'normal'],
                ],
            ];
            $file = self::file(
                "{$this->folder}/edge.png",
                ['size' => round((400 / $ppi) * 25.4, 3).' x '.round((60 / $ppi) * 25.4, 3).' mm'] + $line,
            );
            $made = self::make($file, "{$this->folder}/edge.png", "{$this->folder}/{$surface}{$ppi}")->path;
            $found = array_column(array_chunk(self::pixels($made, '-crop', '400x1+0+30', '+repage'), 3), 0);
            $lightness = fn (float $code): float => CieLab::ofRgb(Rgb::of((int) $code, (int) $code, (int) $code))->lightness;
            $how = $file->encoding->sharpening ?? throw new \LogicException('not sharpened');
            self::assertGreaterThanOrEqual($lightness(80) - $how->darken - 0.6, $lightness(min($found)), "{$surface} at {$ppi}");
            self::assertLessThanOrEqual($lightness(180) + $how->lighten + 0.6, $lightness(max($found)));
            self::assertLessThan(80, min($found), 'it does sharpen');
            self::assertSame([80, 180], [$found[10], $found[389]], 'and leaves what is even alone');
        }
    }

    /** The paper's white and black as its own data have them (absolute), and greys in between, within a code or two. */
    public function test_the_proof_shows_the_papers_white_and_black(): void
    {
        $picture = $this->patchPicture([[255, 255, 255], [0, 0, 0], [128, 128, 128]]);
        $file = self::file($picture, ['size' => '12 x 4 mm', 'turn' => 'landscape', 'output' => ['ppi' => 'own']]);
        $papers = [
            'lustre' => [[239, 241, 246], [20, 20, 21], [120, 122, 125]],
            'matte' => [[237, 235, 229], [42, 41, 40], [123, 122, 119]],
        ];
        foreach ($papers as $name => $expected) {
            $proof = (new Proof($file->encoding, self::paper($name), self::profiles()))
                ->onPaper(Image::open($picture, streamed: false)->run('cast', [BandFormat::Bits8]))
                ->pixels();
            $codes = array_values((array) unpack('C*', $proof));
            foreach ($expected as $i => $rgb) {
                foreach ($rgb as $band => $code) {
                    self::assertEqualsWithDelta($code, $codes[($i * 4 + 1) * 3 + $band], 2, "{$name}, patch {$i}");
                }
            }
        }
    }

    /** By the table it is what the two conversions one after the other show, on 500 random colours and the greys between. */
    public function test_the_way_by_the_table_is_the_way_step_by_step(): void
    {
        $picture = $this->patchPicture([...self::patches(), ...array_map(fn (int $code): array => [$code, $code, $code], range(0, 255))]);
        $file = self::file($picture, ['size' => '3024 x 4 mm', 'turn' => 'landscape', 'output' => ['ppi' => 'own']]);
        foreach (['lustre', 'matte'] as $name) {
            $table = (new Proof($file->encoding, self::paper($name), self::profiles()))->wayOnto();
            $open = fn (): Image => Image::open($picture, streamed: false);
            $by = $table->of($open())->pixels();
            $step = (new Proof($file->encoding, self::paper($name), self::profiles()))->onPaper($open())->pixels();
            $differ = self::difference(array_values((array) unpack('C*', $step)), array_values((array) unpack('C*', $by)));
            self::assertLessThan(0.8, $differ['mean'], $name);
            self::assertLessThan(13, $differ['max'], "{$name}: at the gamut's corners straight lines between the places cut across");
        }
    }

    /** The proof is a JPEG in sRGB, and says so: what shows it converts by what it carries. */
    public function test_a_proof_says_that_it_is_srgb(): void
    {
        $picture = $this->patchPicture([[200, 150, 90], [40, 35, 28]]);
        $file = self::file(
            $picture,
            ['size' => '8 x 4 mm', 'turn' => 'landscape', 'output' => ['ppi' => 'own']],
            ['colour' => 'Adobe RGB (1998)'],
        );
        Preview::write($file, Sources::proxies($picture, self::profiles()), 1600, "{$this->folder}/preview.jpg");
        (new Proof($file->encoding, self::paper('lustre'), self::profiles()))->write(
            "{$this->folder}/preview.jpg",
            "{$this->folder}/proof.jpg",
        );
        self::assertSame('sRGB IEC61966-2.1', self::exif("{$this->folder}/proof.jpg")['ICC_Profile:ProfileDescription']);
        self::assertFileDoesNotExist("{$this->folder}/proof.jpg.part");
        $step = (new Proof($file->encoding, self::paper('lustre'), self::profiles()))
            ->onPaper(Image::open("{$this->folder}/preview.jpg", streamed: false))
            ->pixels();
        self::assertLessThan(
            2.5,
            self::difference(self::pixels("{$this->folder}/proof.jpg"), array_values((array) unpack('C*', $step)))['mean'],
            'as the two conversions one after the other, within what a JPEG loses',
        );
    }

    /**
     * What the table takes to be out of gamut is so by the conversions one after the other, but for colours that are about
     * as far off as the limit.
     */
    public function test_out_of_gamut_by_the_table_is_so_step_by_step(): void
    {
        $patches = [...self::patches(), ...array_map(fn (int $code): array => [$code, $code, $code], range(0, 255))];
        $picture = $this->patchPicture($patches);
        foreach (['sRGB', 'Adobe RGB (1998)'] as $colour) {
            $file = self::file(
                $picture,
                ['size' => '3024 x 4 mm', 'turn' => 'landscape', 'output' => ['ppi' => 'own']],
                ['colour' => $colour],
            );
            foreach ([self::paper('lustre'), self::paper('matte'), null] as $paper) {
                $drawnIn = new DrawnIn($file, $paper, Sources::proxies($picture, self::profiles()));
                $mask = array_values(
                    (array) unpack(
                        'C*',
                        $drawnIn
                            ->outOfGamut(PrintedPart::of($file->pictures()[0], Sources::proxies($picture, self::profiles()), 3024))
                            ->pixels(),
                    ),
                );
                $moved = array_values(
                    (array) unpack(
                        'g*',
                        $drawnIn->moved(Image::open($picture, streamed: false), PictureReader::read($picture, 'patches.tif'))->pixels(),
                    ),
                );
                foreach ($patches as $i => $rgb) {
                    $distance = $moved[4 * $i + 1];
                    if (abs($distance - 5) > 1.5) {
                        self::assertSame(
                            $distance > 5 ? 255 : 0,
                            $mask[4 * $i + 1],
                            "{$colour}: ".implode(' ', $rgb)." is {$distance} off",
                        );
                    }
                }
                self::assertSame(
                    [],
                    array_filter(range(0, 255), fn (int $code): bool => $mask[4 * (500 + $code) + 1] > 0),
                    "{$colour}: no grey is",
                );
            }
        }
    }

    public function test_what_is_out_of_gamut_is_hatched_and_counted(): void
    {
        // A third greys, a third a deep green no paper holds, a third a dull brown
        $picture = $this->patchPicture([
            ...array_fill(0, 20, [120, 120, 120]),
            ...array_fill(0, 20, [0, 255, 0]),
            ...array_fill(0, 20, [120, 95, 80]),
        ]);
        $file = self::file($picture, ['size' => '240 x 4 mm', 'turn' => 'landscape', 'output' => ['ppi' => 'own']]);
        copy($picture, $proxy = "{$this->folder}/proxy.tif");
        (new DrawnIn($file, self::paper('matte'), Sources::proxies($proxy, self::profiles())))->hatch(1600, "{$this->folder}/hatch.png");
        self::assertEqualsWithDelta(
            1 / 3,
            (new DrawnIn($file, self::paper('matte'), Sources::proxies($proxy, self::profiles())))->share(1600),
            0.01,
        );
        self::assertSame(['greens'], (new DrawnIn($file, self::paper('matte'), Sources::proxies($proxy, self::profiles())))->hues());
        self::assertSame('720 12', self::tool('identify', '-format', '%w %h', "{$this->folder}/hatch.png"));
        $alpha = self::pixels("{$this->folder}/hatch.png", '-alpha', 'extract');
        $at = fn (int $from): int => array_sum(array_slice(array_column(array_chunk($alpha, 3), 0), 3 * $from, 240));
        self::assertSame([0, 0], [$at(0), $at(160)], 'nothing over what fits');
        self::assertGreaterThan(240 * 255 * 0.3, $at(80));
        self::assertLessThan(240 * 255 * 0.9, $at(80), 'hatched, not filled');
        self::assertEqualsWithDelta(
            0.0,
            (new DrawnIn($file, null, Sources::proxies($proxy, self::profiles())))->share(1600),
            1e-9,
            'in sRGB all of it fits',
        );
    }

    /**
     * A paper's profile whose relative table is missing is read by its perceptual one: libvips took sRGB in its place, and
     * nearly all was out of gamut.
     */
    public function test_a_paper_without_a_relative_table_is_judged_by_what_it_has(): void
    {
        file_put_contents(
            $path = "{$this->folder}/half.icc",
            str_replace('A2B1', 'A2Bx', (string) file_get_contents(self::PAPERS.'/simulated-lustre.icc')),
        );
        self::profiles()->know($half = ProfileReader::read($path, 'half.icc'), $path);
        $picture = $this->patchPicture(self::patches());
        $file = self::file($picture, ['size' => '2000 x 4 mm', 'turn' => 'landscape', 'output' => ['ppi' => 'own']]);
        $whole = (new DrawnIn($file, self::paper('lustre'), Sources::proxies($picture, self::profiles())))->share(2000 * 3);
        self::assertGreaterThan(0.1, $whole);
        self::assertEqualsWithDelta(
            $whole,
            (new DrawnIn($file, $half, Sources::proxies($picture, self::profiles())))->share(2000 * 3),
            0.15,
        );
        $grey = Image::fromPixels("\x80\x80\x80", 1, 1, 3)->as(Interpretation::Srgb);
        $shown = array_values((array) unpack('C*', (new Proof($file->encoding, $half, self::profiles()))->onPaper($grey)->pixels()));
        self::assertLessThan(20, max($shown) - min($shown), 'a grey is shown as one');
    }

    public function test_tones_on_paper(): void
    {
        $picture = $this->patchPicture(array_map(fn (int $code): array => [$code, $code, $code], range(0, 255)));
        $file = self::file($picture, ['size' => '1024 x 4 mm', 'turn' => 'landscape', 'output' => ['ppi' => 'own']]);
        Proxy::write($picture, PictureReader::read($picture, 'patches.tif'), 1024, "{$this->folder}/proxy.jpg");
        [$lustre, $matte] = [
            Tones::measure($file, self::paper('lustre'), Sources::proxies("{$this->folder}/proxy.jpg", self::profiles())),
            Tones::measure($file, self::paper('matte'), Sources::proxies("{$this->folder}/proxy.jpg", self::profiles())),
        ];
        self::assertEqualsWithDelta(6.5, $lustre->darkestOnPaper, 1.5, 'its black is 6.0');
        self::assertEqualsWithDelta(16.3, $matte->darkestOnPaper, 1.5, 'its black is 16.0');
        self::assertLessThan(3.0, $matte->darkest);
        self::assertGreaterThan($lustre->lost, $matte->lost);
        self::assertGreaterThan(3.0, $matte->lost, 'a matte paper takes the distance out of the three-quarter tones');
        self::assertEqualsWithDelta([93.0, 3.0, -3.0], [$matte->paperLightness, $matte->paperWarmth, $lustre->paperWarmth], 0.5);
    }

    /** Histograms: ImageMagick's own counts of the same small file, bin by bin. */
    public function test_a_histogram_counts_what_is_there(): void
    {
        $picture = $this->patchPicture([
            ...array_fill(0, 30, [0, 0, 0]),
            ...array_fill(0, 20, [255, 255, 255]),
            ...array_fill(0, 50, [90, 60, 30]),
        ]);
        $file = self::file($picture, ['size' => '400 x 4 mm', 'turn' => 'landscape', 'output' => ['ppi' => 'own']]);
        copy($picture, $proxy = "{$this->folder}/proxy.tif");
        ['before' => $before, 'after' => $after] = Histogram::of($file, Sources::proxies($proxy, self::profiles()));
        self::assertSame([0.3, 0.2], [round($before['dark'], 3), round($before['light'], 3)]);
        self::assertSame($before['red'], $after['red'], 'sRGB to sRGB changes nothing');
        self::assertSame([1.0, 0.6, 0.4], [$before['red'][(int) ((90 / 255) * 64)], $before['red'][0], $before['red'][63]]);
        self::assertEqualsWithDelta(0.5, $before['threeQuarter'], 0.001, 'L* of 90, 60, 30 is 28');
    }

    /** One to one it is the file's own pixels, cut out where they are. */
    public function test_one_to_one_shows_the_files_own_pixels(): void
    {
        $picture = $this->picture('a.jpg', 900, 600);
        $file = self::file($picture, [
            'size' => '6 x 4 in',
            'output' => ['ppi' => 200, 'quality' => 100, 'sharpen' => ['strength' => 'normal']],
        ]);
        $made = self::make($file, $picture, "{$this->folder}/out")->path;
        OneToOne::write($file, Sources::originals($picture, [$file], self::profiles()), 0.5, 0.5, 300, 200, "{$this->folder}/part.jpg");
        self::assertSame('300 200', self::tool('identify', '-format', '%w %h', "{$this->folder}/part.jpg"));
        self::assertLessThan(
            1.5,
            self::difference(self::pixels($made, '-crop', '300x200+450+300', '+repage'), self::pixels("{$this->folder}/part.jpg"))['mean'],
        );
        OneToOne::write($file, Sources::originals($picture, [$file], self::profiles()), 0.0, 1.0, 300, 200, "{$this->folder}/corner.jpg");
        self::assertLessThan(
            1.5,
            self::difference(self::pixels($made, '-crop', '300x200+0+600', '+repage'), self::pixels("{$this->folder}/corner.jpg"))['mean'],
            'never beyond the file',
        );
    }

    /** A picture stored on its side, too large for what a stream looks back on. */
    public function test_a_picture_on_its_side_is_weighed(): void
    {
        $picture = $this->picture('side.jpg', 4200, 2800);
        self::tool('exiftool', '-q', '-overwrite_original', '-n', '-IFD0:Orientation=6', $picture);
        $file = self::file($picture, ['size' => '8 x 12 in', 'output' => ['ppi' => 200]]);
        $made = self::make($file, $picture, "{$this->folder}/out");
        self::assertEqualsWithDelta(
            $made->readBack->bytes,
            Weight::estimate($file, Sources::anywhere($picture, self::profiles()))->bytes,
            $made->readBack->bytes / 10,
        );
    }

    /** The weight told before is within a tenth of the file's that is made, at any quality, reduced and enlarged. */
    public function test_the_weight_is_told_within_a_tenth(): void
    {
        $picture = __DIR__.'/../../demo/pictures/brass-gears.jpg';
        $mean = [];
        foreach ([[100, 95], [100, 60], [250, 85]] as [$ppi, $quality]) {
            $file = self::file($picture, ['size' => '20 x 15 in', 'output' => ['ppi' => $ppi, 'quality' => $quality]]);
            $made = self::make($file, $picture, "{$this->folder}/{$ppi}-{$quality}");
            $told = Weight::estimate($file, Sources::anywhere($picture, self::profiles()));
            self::assertEqualsWithDelta(1.0, $told->bytes / $made->readBack->bytes, 0.1, "{$ppi} ppi, quality {$quality}");
            self::assertGreaterThan(0.0, $told->mean);
            self::assertGreaterThan($told->mean, $told->most);
            $mean[$quality] = $told->mean;
        }
        self::assertGreaterThan($mean[95] ?? INF, $mean[60] ?? NAN, 'less quality differs more');
        self::assertEqualsWithDelta(
            0.0,
            Weight::estimate(
                self::file($picture, ['size' => '4 x 3 in', 'output' => ['ppi' => 100, 'quality' => 100]]),
                Sources::anywhere($picture, self::profiles()),
            )->mean,
            1e-9,
        );
    }
}
