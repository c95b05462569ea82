<?php

declare(strict_types=1);

namespace Tests\imaging;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Planisher\Imaging\MarkReader;
use Planisher\Imaging\PictureReader;
use Planisher\Imaging\Sources\Sources;
use Planisher\Imaging\Type\FaceFiles;
use Planisher\Imaging\Type\HarfBuzz;
use Planisher\Naming\NameBook;
use Planisher\Order\WorkedLine;
use Planisher\Plan\Layer\OverlayLayer;
use Planisher\Plan\Layer\WordsLayer;
use Planisher\Plan\PlannedFile;
use Planisher\Studio\OrderContext;
use Tests\core\LineContexts;

/**
 * Captions, lettering and marks at every place, in every finish and both kinds of file. What is made is held against the same file
 * without them, on which ImageMagick has drawn them where the plan has them.
 */
final class WordsEverywhereTest extends TestCase
{
    use Pictures;

    /** Of a file whose letters two programs have drawn, in codes of 8 bits per sample. */
    private const DIFFERS_AT_MOST = 0.6;

    /** So many times as much as that is the difference to the file without them. */
    private const CLEARLY = 1.5;

    private const PRINT = ['size' => '8 x 10 in', 'border' => '1 in', 'carrier' => 'none'];

    /** @var array<string, string> files by name */
    private static array $painted = [];

    private const FINISHES = [
        'print' => self::PRINT,
        'print of the whole' => ['fit' => 'whole'] + self::PRINT,
        'print on a larger sheet' => ['size' => '6 x 8 in', 'border' => '0.5 in', 'carrier' => '8 x 10 in'],
        'canvas' => ['make' => 'canvas', 'size' => '8 x 10 in', 'canvas' => ['depth' => '1 in', 'edge' => 'mirrored']],
        'panels' => ['make' => 'panels', 'size' => '12 x 8 in', 'panels' => ['columns' => [1, 2]]],
        'shared sheet' => ['make' => 'shared-sheet', 'size' => '8 x 10 in'],
        'screen copy' => ['make' => 'screen-copy', 'longSide' => 1800],
    ];

    private const WORDS = ['caption' => 'above', 'first row' => [0.5, 0.0], 'left' => [0.0, 0.3], 'middle' => [0.5, 0.5]];

    private const WORDS_BELOW = ['caption' => 'below', 'last row' => [0.5, 1.0], 'right' => [1.0, 0.7]];

    private const MARKS = ['top-left', 'top', 'top-right', 'left', 'centre', 'right', 'bottom-left', 'bottom', 'bottom-right', 'whole'];

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function lines(): iterable
    {
        foreach (self::FINISHES as $finish => $line) {
            foreach (['jpeg', 'tiff'] as $kind) {
                $marks = str_starts_with($finish, 'print ') ? [] : ['marks' => null];
                foreach (['above' => self::WORDS, 'below' => self::WORDS_BELOW] + $marks as $name => $words) {
                    $added = $words === null ? ['overlays' => self::marks()] : self::words($words, str_starts_with($finish, 'print'));
                    yield "{$finish}, {$name}, {$kind}" => [self::with($line, $added), $kind];
                }
            }
        }
    }

    /** @return list<array<string, mixed>> */
    private static function marks(): array
    {
        return array_map(fn (string $where): array => ['picture' => 'mark.png', 'where' => $where, 'strength' => 1], self::MARKS);
    }

    /**
     * @param  array<string, string|array{float, float}>  $places
     * @return array<string, mixed>
     */
    private static function words(array $places, bool $hasBorder): array
    {
        $caption = ['parts' => [['text' => 'Harbour at noon']], 'height' => '8 mm', 'where' => $places['caption']];
        unset($places['caption']);
        $block = fn (string $text, mixed $at): array => [
            'text' => $text,
            'height' => '11 mm',
            'face' => 'Bitter',
            'colour' => '#101010',
            'x' => $at[0],
            'y' => $at[1],
            'align' => $at[0] === 0.0 ? 'left' : ($at[0] === 1.0 ? 'right' : 'middle'),
        ];

        return ['lettering' => array_map($block, array_keys($places), $places)] + ($hasBorder ? ['caption' => $caption] : []);
    }

    /**
     * @param  array<string, mixed>  $line
     * @param  array<string, mixed>  $added
     * @return array<string, mixed>
     */
    private static function with(array $line, array $added): array
    {
        if (($line['make'] ?? '') !== 'shared-sheet') {
            return $line + $added;
        }
        foreach ($added['lettering'] ?? [] as $i => $block) {
            $added['lettering'][$i]['y'] = 0.1 + 0.8 * $block['y']; // what reaches beyond a cell is cut off with it
        }
        $cell = fn (string $size): array => ['picture' => 'a.jpg', 'size' => $size] + $added;

        // One upright, two on their sides.
        return $line + ['sheet' => ['cells' => [$cell('4 x 6 in'), $cell('4 x 6 in'), $cell('8 x 4 in')]]];
    }

    /** @param  array<string, mixed>  $line */
    #[DataProvider('lines')]
    public function test_added_words_and_marks_are_in_the_file_where_they_are_planned(array $line, string $kind): void
    {
        $this->painted();
        $worked = $this->work(
            $line + ['output' => ['ppi' => ($line['make'] ?? 'print') === 'print' ? 300 : 150, 'format' => $kind, 'quality' => 98]],
        );
        $files = $worked->plan->files ?? self::fail($worked->worst()->title);
        $isAdded = fn (object $layer): bool => $layer instanceof WordsLayer || $layer instanceof OverlayLayer;
        self::assertNotEmpty(array_filter(array_merge(...array_column($files, 'layers')), $isAdded), 'something is added');
        foreach ($files as $file) {
            $bare = $file->with(layers: array_values(array_filter($file->layers, fn (object $layer): bool => ! $isAdded($layer))));
            [$with, $without] = [$this->madeIn($file, 'with'), $this->madeIn($bare, 'without')];
            /** @var list<WordsLayer|OverlayLayer> $layers */
            $layers = array_values(array_filter($file->layers, $isAdded));
            $differs = $this->meanDifference($with, $without, $layers);
            self::assertLessThan(self::DIFFERS_AT_MOST, $differs, "{$file->name}: mean difference in codes");
            if (array_filter($layers, fn (WordsLayer|OverlayLayer $layer): bool => $layer->where()->meets($file->whole())) !== []) {
                self::assertGreaterThan(self::CLEARLY * $differs, $this->meanDifference($with, $without, []), "{$file->name}: it has them");
            }
        }
    }

    /** A picture large enough to be read as a stream, and a mark that is half seen through; each painted once for all tests. */
    private function painted(): void
    {
        foreach (['a.jpg', 'mark.png'] as $name) {
            if (isset(self::$painted[$name])) {
                file_put_contents("{$this->folder}/{$name}", self::$painted[$name]);
            }
        }
        if (self::$painted !== []) {
            return;
        }
        $this->picture('a.jpg', 2400, 1600);
        self::tool(
            'convert',
            ...['-size', '600x240', 'xc:none', '-fill', 'rgba(220,40,30,0.55)', '-draw', 'roundrectangle 16,16 583,223 80,80'],
            ...['-strip', "PNG32:{$this->folder}/mark.png"],
        );
        foreach (['a.jpg', 'mark.png'] as $name) {
            self::$painted[$name] = (string) file_get_contents("{$this->folder}/{$name}");
        }
    }

    /** @param  array<string, mixed>  $line */
    private function work(array $line): WorkedLine
    {
        $wanted = LineContexts::line($line + ['picture' => 'a.jpg']);
        $lab = LineContexts::lab(['minimumPpi' => 1, 'nameLength' => 60]);

        return WorkedLine::work(
            $wanted,
            array_map(fn () => PictureReader::read("{$this->folder}/a.jpg", 'a.jpg'), $wanted->pictures()),
            $lab,
            NameBook::names(LineContexts::head(), $lab, [1 => $wanted])[1],
            orderContext: new OrderContext(
                LineContexts::head(),
                ['mark.png' => MarkReader::read("{$this->folder}/mark.png", 'mark.png')],
                new HarfBuzz(),
            ),
        );
    }

    private function madeIn(PlannedFile $file, string $folder): string
    {
        $paths = [];
        foreach ([...Sources::in($file), ...Sources::marksIn($file)] as $picture) {
            $paths[$picture->sha256] = "{$this->folder}/{$picture->name}";
        }

        return self::make($file, Sources::originals($paths, [$file], self::profiles()), "{$this->folder}/{$folder}")->path;
    }

    /** @return list<string> */
    private function lettered(string $path, WordsLayer $words): array
    {
        $steps = [
            '-define',
            'type:hinting=off',
            '-font',
            FaceFiles::path($words->face, $words->style),
            '-pointsize',
            (string) $words->size,
        ];
        $steps = [...$steps, '-fill', (string) $words->colour, '-stroke', 'none'];
        $width = (int) self::tool('identify', '-format', '%w', $path);
        [$x, $y] = $words->isTurned ? [$words->y, $width - $words->x] : [$words->x, $words->y];
        foreach ($words->lines as $line) {
            $steps = [...$steps, '-draw', sprintf('text %.2f,%.2f "%s"', $x + $line->left, $y + $line->baseline, $line->text)];
        }

        return $words->isTurned ? ['-rotate', '-90', '+repage', ...$steps, '-rotate', '90', '+repage'] : $steps;
    }

    /** @return list<string> */
    private function laidOver(OverlayLayer $overlay): array
    {
        [$target, $turn] = [$overlay->target, $overlay->isTurned ? ['-rotate', '90'] : []];

        return [
            ...['(', "{$this->folder}/mark.png", ...$turn, '-resize', "{$target->width}x{$target->height}!", ')'],
            ...['-geometry', sprintf('%+d%+d', $target->x, $target->y), '-composite'],
        ];
    }

    /**
     * In codes of 8 bits, over all samples, of a file and another on which ImageMagick draws these; small, for two programs never draw
     * an edge alike.
     *
     * @param  list<WordsLayer|OverlayLayer>  $drawn
     */
    private function meanDifference(string $one, string $other, array $drawn): float
    {
        $steps = [];
        foreach ($drawn as $layer) {
            $steps = [...$steps, ...$layer instanceof WordsLayer ? $this->lettered($other, $layer) : $this->laidOver($layer)];
        }

        return (float) self::tool(
            'convert',
            ...['(', $other, ...$steps, '+repage', '-scale', '25%', ')', '(', $one, '-scale', '25%', ')'],
            ...['-compose', 'difference', '-composite', '-format', '%[fx:mean*255]', 'info:'],
        );
    }
}
