<?php

declare(strict_types=1);

namespace Tests\imaging;

use PHPUnit\Framework\TestCase;
use Planisher\Imaging\Inspect\Preview;
use Planisher\Imaging\PictureReader;
use Planisher\Imaging\Sources\Proxy;
use Planisher\Imaging\Sources\Sources;
use Planisher\Imaging\Type\HarfBuzz;
use Planisher\Imaging\Vips\Image;
use Planisher\Imaging\Vips\Interpretation;
use Planisher\Naming\NameBook;
use Planisher\Order\WorkedLine;
use Planisher\Plan\PlannedFile;
use Planisher\Studio\OrderContext;
use Tests\core\LineContexts;

/** Words in made files: where the plan has them, in the colour they were given, and the same on panels, sheets and previews. */
final class WordsTest extends TestCase
{
    use Pictures;

    private const OUTPUT = ['format' => 'tiff', 'ppi' => 150];

    /** @param  array<string, mixed>  $line */
    private function work(array $line, string $picture = 'grey.png'): WorkedLine
    {
        $wanted = LineContexts::line(
            $line + ['picture' => $picture, 'size' => '8 x 10 in', 'turn' => 'landscape', 'output' => self::OUTPUT],
        );
        $lab = LineContexts::lab(['minimumPpi' => 1, 'nameLength' => 60, 'bits' => [8, 16]]);

        return WorkedLine::work(
            $wanted,
            array_map(fn (?string $name) => PictureReader::read("{$this->folder}/{$name}", (string) $name), $wanted->pictures()),
            $lab,
            NameBook::names(LineContexts::head(), $lab, [1 => $wanted])[1],
            orderContext: new OrderContext(LineContexts::head(), [], new HarfBuzz()),
        );
    }

    /** @param  array<string, mixed>  $line */
    private function madeOf(array $line, string $folder, string $picture = 'grey.png'): string
    {
        $worked = $this->work($line, $picture);
        $file = $worked->plan->files[0] ?? self::fail($worked->worst()->title);

        return self::make($file, "{$this->folder}/{$picture}", "{$this->folder}/{$folder}")->path;
    }

    private function grey(string $name = 'grey.png', int $width = 1500, int $height = 1200): void
    {
        Image::plain($width, $height, [128.0, 128.0, 128.0])
            ->as(Interpretation::Srgb)
            ->save('pngsave', "{$this->folder}/{$name}", []);
    }

    /**
     * What ImageMagick finds inked on grey.
     *
     * @return array{int, int, int, int} left, top, right, bottom
     */
    private static function inked(string $path): array
    {
        $found = self::tool('convert', $path, '-colorspace', 'Gray', '-threshold', '60%', '-trim', '-format', '%w %h %X %Y', 'info:');
        [$width, $height, $left, $top] = array_map(intval(...), explode(' ', str_replace('+', '', $found)));

        return [$left, $top, $left + $width, $top + $height];
    }

    public function test_letters_stand_where_the_plan_has_them(): void
    {
        $this->grey();
        foreach (['left', 'middle', 'right'] as $align) {
            foreach ([['Archivo', 'HxH'], ['Bitter', "HH\nHxH"], ['Rubik', 'HH']] as $i => [$face, $text]) {
                $line = [
                    'lettering' => [
                        [
                            'text' => $text,
                            'face' => $face,
                            'height' => '20 mm',
                            'colour' => '#ffffff',
                            'align' => $align,
                            'x' => 0.5,
                            'y' => 0.4,
                        ],
                    ],
                ];
                $block = $this->work($line)->plan?->added->lettering[0] ?? self::fail('no block');
                [$left, , $right, $bottom] = self::inked($this->madeOf($line, "{$align}-{$i}"));
                $px = fn (float $nanometres): float => ($nanometres / 25_400_000) * 150;
                $last = $block->lines[count($block->lines) - 1];
                // An H stands on its baseline, and fills its place but for its side bearings, some hundredths of an em.
                self::assertEqualsWithDelta($px($block->box->y + $last->baseline), $bottom, 1.0, "{$face} {$align}: baseline");
                self::assertEqualsWithDelta($px($block->box->x), $left, $px($block->height) * 0.12, "{$face} {$align}: left");
                self::assertEqualsWithDelta($px($block->box->right()), $right, $px($block->height) * 0.12, "{$face} {$align}: right");
                $anchor = ['left' => $block->box->x, 'middle' => $block->box->x + $block->box->width / 2, 'right' => $block->box->right()];
                self::assertEqualsWithDelta(0.5 * 254_000_000, $anchor[$align], 2.0, 'its anchor');
            }
        }
    }

    /** In every colour space: the colour that was chosen, wholly within a letter. */
    public function test_words_have_their_colour(): void
    {
        $this->grey();
        $block = ['text' => 'H', 'height' => '60 mm', 'face' => 'Bitter', 'weight' => 'bold', 'colour' => '#c83214'];
        foreach ([['bits' => 8], ['bits' => 16], ['colour' => 'Adobe RGB (1998)', 'bits' => 8]] as $i => $output) {
            $line = ['lettering' => [$block], 'output' => $output + self::OUTPUT];
            $path = $this->madeOf($line, "colour-{$i}");
            $middle = self::tool(
                'convert',
                $path,
                '-profile',
                self::srgb(),
                '-gravity',
                'center',
                '-crop',
                '9x9+0+0',
                '-depth',
                '8',
                '-scale',
                '1x1!',
                'txt:-',
            );
            preg_match('/#([0-9A-F]{6})/', $middle, $found) === 1 || self::fail($middle);
            foreach ([0, 2, 4] as $band) {
                self::assertEqualsWithDelta(hexdec(substr('c83214', $band, 2)), hexdec(substr($found[1], $band, 2)), 1.0, $middle);
            }
        }
    }

    private static function srgb(): string
    {
        return __DIR__.'/../../imaging/profiles/srgb.icc';
    }

    /** What is seen small is the file, reduced: within a pixel of the preview. */
    public function test_a_preview_has_its_words_within_a_pixel_of_the_files(): void
    {
        $this->grey();
        $lettering = [
            [
                'text' => 'Half past nine',
                'height' => '7 mm',
                'face' => 'Newsreader',
                'colour' => '#ffffff',
                'x' => 0.31,
                'y' => 0.17,
                'align' => 'left',
            ],
            [
                'text' => "the long way\nhome again",
                'height' => '11 mm',
                'face' => 'Rubik',
                'colour' => '#ffffff',
                'x' => 0.93,
                'y' => 0.83,
                'align' => 'right',
            ],
        ];
        foreach ($lettering as $i => $block) {
            $worked = $this->work(['lettering' => [$block]]);
            $file = $worked->plan->files[0] ?? self::fail('no plan');
            $made = self::make($file, "{$this->folder}/grey.png", "{$this->folder}/out-{$i}")->path;
            $proxy = "{$this->folder}/proxy.jpg";
            Proxy::write("{$this->folder}/grey.png", $worked->facts()[0], 1024, $proxy);
            $small = "{$this->folder}/small-{$i}.jpg";
            Preview::write($file, Sources::proxies($proxy), 500, $small);
            $scale = 500 / $file->width;
            foreach (array_map(null, self::inked($made), self::inked($small)) as $side => [$large, $seen]) {
                self::assertEqualsWithDelta($large * $scale, $seen, 1.0, "block {$i}, side {$side}");
            }
        }
    }

    /** Over the joints of panels: the panels beside each other are the undivided print. */
    public function test_words_across_panels_are_shared_out_with_the_picture(): void
    {
        $path = $this->picture('a.png', 1800, 1200);
        $line = [
            'size' => '12 x 8 in',
            'turn' => 'auto',
            'lettering' => [['text' => 'Across all of them', 'height' => '30 mm', 'colour' => '#ffffff', 'slant' => 'italic']],
            'output' => ['format' => 'tiff', 'ppi' => 100],
        ];
        $plan = $this->work(['make' => 'panels', 'panels' => ['columns' => [1, 2, 1]]] + $line, 'a.png')->plan ?? self::fail('no plan');
        $sources = Sources::originals($path, $plan->files);
        $panels = array_map(fn (PlannedFile $file): string => self::make($file, $sources, "{$this->folder}/panels")->path, $plan->files);
        $whole = self::make($plan->shown, $path, "{$this->folder}/whole")->path;
        $joined = "{$this->folder}/joined.tif";
        self::tool('convert', ...[...$panels, '+append', $joined]);
        self::assertSamePixels(self::pixels($whole), self::pixels($joined), 'panels joined');
    }

    /** A cell with words, cut out and turned back, is the print by itself. */
    public function test_words_of_a_turned_cell_are_the_prints(): void
    {
        $this->picture('a.png', 1800, 1200);
        $cell = [
            'picture' => 'a.png',
            'size' => '4 x 6 in',
            'border' => '0.5 in',
            'caption' => ['parts' => ['subject', ['text' => 'Proof only']]],
            'lettering' => [['text' => "Turned words\nof two lines", 'height' => '8 mm', 'colour' => '#ffffff', 'x' => 0.4, 'y' => 0.3]],
        ];
        $sheet = $this->madeOf(
            [
                'make' => 'shared-sheet',
                'size' => '8 x 10 in',
                'turn' => 'auto',
                'sheet' => ['cells' => [$cell + ['at' => ['x' => '1 in', 'y' => '2 in']]]],
            ],
            'sheet',
            'a.png',
        );
        $print = $this->madeOf($cell + ['turn' => 'auto', 'carrier' => 'none'], 'print', 'a.png');
        [$width, $height] = explode(' ', self::tool('identify', '-format', '%w %h', $print));
        $cut = "{$this->folder}/cut.tif";
        self::tool('convert', $sheet, '-crop', "{$height}x{$width}+150+300", '+repage', '-rotate', '-90', '+repage', $cut);
        $difference = self::difference(self::pixels($print), self::pixels($cut));
        self::assertLessThan(0.02, $difference['mean'], 'letters fall on the same pixels, but for rounding where they are reduced');
        self::assertLessThan(40, $difference['max']);
    }

    /** Mirrored edges repeat the face, not what is lettered on it. */
    public function test_a_canvas_does_not_mirror_its_words(): void
    {
        $this->grey();
        $line = [
            'make' => 'canvas',
            'size' => '10 x 8 in',
            'canvas' => ['depth' => '1 in', 'edge' => 'mirrored'],
            'lettering' => [['text' => 'HHH', 'height' => '10 mm', 'face' => 'Bitter', 'colour' => '#ffffff', 'x' => 0.5, 'y' => 0.96]],
        ];
        [, $top, , $bottom] = self::inked($this->madeOf($line, 'canvas'));
        $face = [150, 150 + 8 * 150];
        self::assertGreaterThan($face[0], $top);
        self::assertLessThanOrEqual($face[1], $bottom, 'nothing is inked below the fold');
    }

    /** The exposure as the camera wrote it, written here by exiftool. */
    public function test_a_caption_tells_the_exposure_that_the_picture_carries(): void
    {
        $path = $this->picture('shot.jpg', 1800, 1200);
        self::tool(
            'exiftool',
            '-q',
            '-overwrite_original',
            '-n',
            '-ExifIFD:ExposureTime=0.004',
            '-ExifIFD:FNumber=8',
            '-ExifIFD:ISO=100',
            '-ExifIFD:FocalLength=35',
            $path,
        );
        $line = ['border' => '0.5 in', 'turn' => 'auto', 'caption' => ['parts' => ['exposure', 'client']]];
        $caption = $this->work($line, 'shot.jpg')->plan?->added->caption;
        self::assertSame('1/250 s · f/8 · ISO 100 · 35 mm · Isholm Rowing Club', $caption?->lines[0]->text);
        [$left, $top, , $bottom] = self::inkedDark($this->madeOf($line, 'captioned', 'shot.jpg'));
        self::assertGreaterThan(8 * 150 - 75, $top, 'below the image');
        self::assertLessThan(8 * 150, $bottom);
        self::assertEqualsWithDelta(75, $left, 3, 'from the image’s left');
    }

    /** @return array{int, int, int, int} of what is dark in the lower border */
    private static function inkedDark(string $path): array
    {
        $found = self::tool(
            'convert',
            $path,
            '-colorspace',
            'Gray',
            '-fill',
            'white',
            '-draw',
            'rectangle 0,0 1500,1125',
            '-threshold',
            '50%',
            '-trim',
            '-format',
            '%w %h %X %Y',
            'info:',
        );
        [$width, $height, $left, $top] = array_map(intval(...), explode(' ', str_replace('+', '', $found)));

        return [$left, $top, $left + $width, $top + $height];
    }

    /** A letter nobody has stops the line; one another face has takes all of the text there. */
    public function test_letters_that_are_not_there_are_told_by_name_and_code(): void
    {
        $this->grey();
        $worked = $this->work(['lettering' => [['text' => 'Hooray 😀']]]);
        self::assertTrue($worked->isStopped());
        self::assertStringContainsString('“😀” (GRINNING FACE, U+1F600)', $worked->worst()->text);
        $change = $worked->worst()->remedy?->change->toArray() ?? self::fail('it has a way out');
        self::assertSame('Hooray', $change['lettering'][0]['text']);
        self::assertFalse($this->work($change)->isStopped());
        self::assertSame(
            [],
            $this->work(['lettering' => [['text' => '😀']]])
                ->worst()
                ->remedy?->change->toArray()['lettering'],
        );
        $other = $this->work(['lettering' => [['text' => 'שלום', 'face' => 'Bitter']]]);
        $finding = LineContexts::finding($other, 'letters-other-face') ?? self::fail('no finding');
        self::assertStringContainsString('(HEBREW LETTER SHIN, U+05E9)', $finding->text);
        self::assertSame('Rubik', $other->plan?->added->lettering[0]->face->value);
        self::assertSame('Rubik', $finding->remedy?->change->toArray()['lettering'][0]['face']);
        $plain = $this->work(['lettering' => [['text' => 'Sommer', 'face' => 'Marck Script', 'weight' => 'bold']]]);
        self::assertNotNull(LineContexts::finding($plain, 'style-missing'));
    }
}
