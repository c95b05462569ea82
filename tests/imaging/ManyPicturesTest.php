<?php

declare(strict_types=1);

namespace Tests\imaging;

use PHPUnit\Framework\TestCase;
use Planisher\Colour\Rgb;
use Planisher\Finish\Finishes;
use Planisher\Finish\LineReader;
use Planisher\Imaging\FileMaker;
use Planisher\Imaging\Inspect\DrawnIn;
use Planisher\Imaging\Inspect\Histogram;
use Planisher\Imaging\Inspect\Preview;
use Planisher\Imaging\PictureReader;
use Planisher\Imaging\ReadBack\ReadBack;
use Planisher\Imaging\Sources\Sources;
use Planisher\Measure\PixelRect;
use Planisher\Naming\NameBook;
use Planisher\Order\WorkedLine;
use Planisher\OrderFile\JsonNode;
use Planisher\Plan\Layer\GroundLayer;
use Planisher\Plan\Layer\StrokeLayer;
use Planisher\Plan\PlannedFile;
use Tests\core\Finish\Pair\PairFinish;
use Tests\core\LineContexts;

/** A file of several pictures, some of them turned: against ImageMagick, pixel for pixel. */
final class ManyPicturesTest extends TestCase
{
    use Pictures {
        setUp as private withFolder;
        tearDown as private withoutFolder;
    }

    protected function setUp(): void
    {
        $this->withFolder();
        Finishes::add(new PairFinish());
    }

    protected function tearDown(): void
    {
        Finishes::forget('pair');
        $this->withoutFolder();
    }

    /**
     * @param  array<string, mixed>  $output
     * @return array{PlannedFile, array<string, string>} and the pictures' paths by checksum
     */
    private static function pair(string $a, string $b, array $output = ['format' => 'tiff', 'ppi' => 100]): array
    {
        $line = LineReader::read(
            JsonNode::root([
                'make' => 'pair',
                'picture' => basename($a),
                'pair' => ['other' => basename($b)],
                'size' => '10 x 4 in',
                'output' => $output,
            ]),
        );
        $pictures = [PictureReader::read($a, basename($a)), PictureReader::read($b, basename($b))];
        $lab = LineContexts::lab(['minimumPpi' => 1]);
        $plan = WorkedLine::work($line, $pictures, $lab, NameBook::names(LineContexts::head(), $lab, [1 => $line])[1])->plan;

        return [$plan->files[0] ?? throw new \LogicException('no plan'), [$pictures[0]->sha256 => $a, $pictures[1]->sha256 => $b]];
    }

    public function test_two_pictures_lie_on_one_paper_and_one_of_them_turned(): void
    {
        [$a, $b] = [$this->picture('a.png', 500, 400), $this->picture('b.png', 400, 500)];
        [$file, $paths] = self::pair($a, $b);
        $made = FileMaker::make($file, Sources::originals($paths, [$file]), "{$this->folder}/out");
        self::assertTrue($made->readBack->agrees());
        self::assertSamePixels(self::pixels($a, '(', $b, '-rotate', '90', '+repage', ')', '+append'), self::pixels($made->path));
    }

    public function test_the_same_picture_may_lie_on_it_twice(): void
    {
        $a = $this->picture('a.png', 900, 600);
        [$file, $paths] = self::pair($a, $a);
        $made = FileMaker::make($file, Sources::originals($paths, [$file]), "{$this->folder}/out")->path;
        $alone = self::make(
            self::planned($a, ['size' => '5 x 4 in', 'output' => ['format' => 'tiff', 'ppi' => 100]]),
            $a,
            "{$this->folder}/alone",
        );
        self::assertSamePixels(self::pixels($alone->path), self::pixels($made, '-crop', '500x400+0+0', '+repage'), 'as by itself');
    }

    /** A picture that is stored lying, printed reduced, and laid turned. */
    public function test_orientation_and_turning_go_together(): void
    {
        $upright = $this->picture('upright.png', 800, 1000);
        self::tool('/usr/bin/convert', $upright, '-rotate', '-90', $lying = "{$this->folder}/lying.tif");
        self::tool('exiftool', '-q', '-overwrite_original', '-n', '-Orientation=6', $lying);
        [$one, $paths] = self::pair($upright, $lying);
        [$other, $same] = self::pair($upright, $upright);
        $differ = self::difference(
            self::pixels(FileMaker::make($other, Sources::originals($same, [$other]), "{$this->folder}/upright")->path),
            self::pixels(FileMaker::make($one, Sources::originals($paths, [$one]), "{$this->folder}/lying")->path),
        );
        // Reduced across and then down, or down and then across: a code of rounding, twice.
        self::assertLessThanOrEqual(2, $differ['max']);
        self::assertLessThan(0.1, $differ['mean']);
    }

    public function test_it_is_seen_and_measured_as_a_whole(): void
    {
        [$a, $b] = [$this->picture('a.jpg', 1000, 800), $this->picture('b.jpg', 800, 1000)];
        [$file, $paths] = self::pair($a, $b, ['ppi' => 100]);
        $proxies = Sources::proxies($paths); // JPEGs of sRGB are their own
        $preview = Preview::image($file, $proxies, 500);
        self::assertSame([500, 200], [$preview->width(), $preview->height()]);
        $made = FileMaker::make($file, Sources::originals($paths, [$file]), "{$this->folder}/out")->path;
        self::assertLessThan(
            2.0,
            self::difference(
                self::pixels($made, '-filter', 'Box', '-resize', '500x200!'),
                array_values((array) unpack('C*', $preview->pixels())),
            )['mean'],
        );
        self::assertSame(0.0, (new DrawnIn($file, null, $proxies))->share(1600));
        (new DrawnIn($file, null, $proxies))->hatch(600, "{$this->folder}/hatch.png");
        self::assertSame("600 240\n", self::tool('/usr/bin/identify', '-format', "%w %h\n", "{$this->folder}/hatch.png"));
        self::assertCount(64, Histogram::of($file, $proxies)['before']['lightness']);
    }

    /** What is painted on a border isn't taken for a wrong border; a wrong border still is. */
    public function test_the_read_back_knows_what_lies_on_a_border(): void
    {
        $path = $this->picture('a.jpg', 900, 600);
        $file = self::planned($path, ['size' => '6 x 4 in', 'border' => '1 in', 'output' => ['ppi' => 100, 'format' => 'tiff']]);
        $lettered = $file->with(layers: [...$file->layers, new StrokeLayer(new PixelRect(280, 20, 40, 30), Rgb::black())]);
        $made = self::make($lettered, $path, "{$this->folder}/lettered");
        self::assertTrue($made->readBack->agrees());
        self::assertFalse(ReadBack::of($made->path, $file, null)->agrees(), 'the plan knows of nothing there');
        $grey = $file->with(
            layers: [new GroundLayer($file->whole(), Rgb::parse('#808080') ?? Rgb::white()), ...array_slice($file->layers, 1)],
        );
        self::assertFalse(ReadBack::of($made->path, $grey, null)->agrees());
    }
}
