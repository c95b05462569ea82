<?php

declare(strict_types=1);

namespace Tests\core\Plan;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Planisher\Finish\Panels\PanelGrid;
use Planisher\Finish\Panels\PanelsWanted;
use Planisher\Finish\Panels\Span;
use Planisher\Finish\Panels\WallSize;
use Planisher\Measure\Unit;
use Planisher\Plan\Plan;
use Planisher\Plan\PlannedFile;
use Tests\core\LineContexts;

/** One picture across several panels. Figures without a source are common practice of the trade, no source. */
final class PanelsTest extends TestCase
{
    /**
     * @param  array<string, mixed>  $panels
     * @param  array<string, mixed>  $line
     * @param  array<string, mixed>  $lab
     */
    private static function plan(string $size, array $panels, array $line = [], array $lab = []): Plan
    {
        return LineContexts::work(
            ['make' => 'panels', 'size' => $size, 'panels' => $panels] + $line,
            LineContexts::picture(6000, 4000),
            $lab + ['minimumPpi' => 1, 'nameLength' => 80],
        )->plan ?? throw new \LogicException('no plan');
    }

    private static function grid(Plan $plan): PanelGrid
    {
        $grid = $plan->layout->own;
        self::assertInstanceOf(PanelGrid::class, $grid);

        return $grid;
    }

    /**
     * @param  list<Span>  $spans
     * @return list<float> their lengths
     */
    private static function lengths(array $spans, Unit $unit = Unit::Inch): array
    {
        return array_map(fn (Span $span): float => round($span->length / $unit->nanometres(), 4), $spans);
    }

    public function test_90_by_60_in_thirds(): void
    {
        $plan = self::plan('90 x 60 in', ['columns' => [1, 1, 1]], ['output' => ['ppi' => 150]]);
        self::assertSame(
            [[4500, 9000], [4500, 9000], [4500, 9000]],
            array_map(fn (PlannedFile $file): array => [$file->width, $file->height], $plan->files),
        );
        self::assertSame([13500, 9000], [$plan->shown->width, $plan->shown->height]);
        self::assertSame([0, -4500, -9000], array_map(fn (PlannedFile $file): int => $file->pictures()[0]->target->x, $plan->files));
        self::assertSame([30.0, 30.0, 30.0], self::lengths(self::grid($plan)->columns));
    }

    public function test_three_of_48_by_72_make_144_by_72(): void
    {
        $grid = self::grid(self::plan('144 x 72 in', ['columns' => ['48 in', '48 in', '48 in']]));
        self::assertSame([48.0, 48.0, 48.0], self::lengths($grid->columns));
        self::assertNull($grid->missingAcross);
        self::assertSame(144 * 25_400_000, $grid->hung()->width);
    }

    /**
     * @param  array<string, mixed>  $panels
     * @param  list<float>  $lengths
     */
    #[DataProvider('gaps')]
    public function test_gaps_and_overlaps(array $panels, array $lengths, float $wall, float $lost): void
    {
        $grid = self::grid(self::plan('90 x 60 in', $panels));
        self::assertSame($lengths, self::lengths($grid->columns));
        self::assertEqualsWithDelta($wall, $grid->hung()->width / 25_400_000, 1e-6);
        self::assertEqualsWithDelta($lost, 90 - array_sum($lengths), 1e-3, 'what of the picture no panel has');
    }

    /** @return iterable<string, list<mixed>> */
    public static function gaps(): iterable
    {
        yield 'none' => [['columns' => [1, 2, 1]], [22.5, 45.0, 22.5], 90.0, 0.0];
        yield 'kept whole, the wall piece is wider' => [['columns' => [1, 1, 1], 'gap' => '1 in'], [30.0, 30.0, 30.0], 92.0, 0.0];
        yield 'dropped, the size counts the gaps in' => [
            ['columns' => [1, 1, 1], 'gap' => '3 in', 'behindGap' => 'drop'],
            [28.0, 28.0, 28.0],
            90.0,
            6.0,
        ];
        yield 'overlapping, neighbours have it twice' => [['columns' => [1, 1, 1], 'overlap' => '0.75 in'], [30.5, 30.5, 30.5], 90.0, -1.5];
    }

    /** Property: panels always add up, whatever the proportions, gaps and overlaps, to the nanometre and to the pixel. */
    public function test_panels_add_up(): void
    {
        mt_srand(21);
        for ($i = 0; $i < 600; $i++) {
            $columns = array_map(fn (): int => mt_rand(1, 9), range(1, mt_rand(1, 12)));
            $rows = array_map(fn (): int => mt_rand(1, 9), range(1, mt_rand(1, 4)));
            $between = [
                [],
                ['gap' => mt_rand(1, 9).' mm'],
                ['gap' => mt_rand(1, 9).' mm', 'behindGap' => 'drop'],
                ['overlap' => mt_rand(1, 9).' mm'],
            ][$i % 4];
            $plan = self::plan(
                mt_rand(900, 3000).' x '.mt_rand(900, 3000).' mm',
                ['columns' => $columns, 'rows' => $rows] + $between,
                ['turn' => 'landscape', 'output' => ['ppi' => mt_rand(30, 150)]],
            );
            $grid = self::grid($plan);
            self::assertTrue($grid->holds);
            foreach (
                [[$grid->columns, $plan->size()->width->nanometres], [$grid->rows, $plan->size()->height->nanometres]] as [$spans, $side]
            ) {
                self::assertSame(0, $spans[0]->from);
                self::assertSame($side, $spans[count($spans) - 1]->to());
                for ($n = 1; $n < count($spans); $n++) {
                    self::assertSame($spans[$n - 1]->to() + $grid->between, $spans[$n]->from);
                    self::assertSame($grid->between >= 0 ? $grid->gap : $grid->between, $spans[$n]->hangsFrom - $spans[$n - 1]->hangsTo());
                }
            }
            self::assertCount(count($columns) * count($rows), $plan->files);
            if ($grid->between === 0) {
                $row = array_slice($plan->files, 0, count($columns));
                self::assertSame($plan->shown->width, array_sum(array_map(fn (PlannedFile $file): int => $file->width, $row)));
                self::assertSame(
                    $plan->shown->width * $plan->shown->height,
                    array_sum(array_map(fn (PlannedFile $file): int => $file->width * $file->height, $plan->files)),
                );
            }
            // Every file takes the same part of the picture at the same scale: it is cut from one undivided print.
            foreach ($plan->files as $file) {
                self::assertEquals($plan->shown->pictures()[0]->source, $file->pictures()[0]->source);
                self::assertSame(
                    [$plan->shown->width, $plan->shown->height],
                    [$file->pictures()[0]->target->width, $file->pictures()[0]->target->height],
                );
            }
        }
    }

    public function test_bleed_is_the_picture_going_on(): void
    {
        $plan = self::plan('30 x 20 cm', ['columns' => [1, 1, 1]], ['output' => ['ppi' => 254]], ['bleed' => '3 mm']);
        self::assertSame(
            [[1060, 2060], [1060, 2060], [1060, 2060]],
            array_map(fn (PlannedFile $file): array => [$file->width, $file->height], $plan->files),
        );
        self::assertSame(
            [0, -1000, -2000],
            array_map(fn (PlannedFile $file): int => $file->pictures()[0]->target->x, $plan->files),
            'neighbours share it',
        );
        self::assertSame([3060, 2060], [$plan->shown->width, $plan->shown->height]);
    }

    public function test_its_own_pixels_are_shared_out(): void
    {
        $plan = self::plan('90 x 60 in', ['columns' => [1, 1, 1]], ['output' => ['ppi' => 'own']]);
        self::assertSame([2000, 2000, 2000], array_map(fn (PlannedFile $file): int => $file->width, $plan->files));
    }

    public function test_names(): void
    {
        self::assertSame(['left', 'middle', 'right'], PanelsWanted::places(3, 1));
        self::assertSame(['left', 'right'], PanelsWanted::places(2, 1));
        self::assertSame(['1of5', '2of5', '3of5', '4of5', '5of5'], PanelsWanted::places(5, 1));
        self::assertSame(['r1c1', 'r1c2', 'r2c1', 'r2c2'], PanelsWanted::places(2, 2));
        self::assertSame(['r1c1', 'r2c1', 'r3c1'], PanelsWanted::places(1, 3));
        $files = fn (array $line): array => array_map(
            fn (PlannedFile $file): string => $file->name,
            self::plan('90 x 60 in', ['columns' => [1, 1, 1]], $line)->files,
        );
        self::assertSame(
            [
                'isholm-rowing-club_90x60_mouth_1_left.jpg',
                'isholm-rowing-club_90x60_mouth_1_middle.jpg',
                'isholm-rowing-club_90x60_mouth_1_right.jpg',
            ],
            $files(['subject' => 'Mouth']),
        );
        self::assertSame(
            ['left-mouth.jpg', 'middle-mouth.jpg', 'right-mouth.jpg'],
            $files(['subject' => 'Mouth', 'name' => ['parts' => ['panel', 'subject'], 'join' => '-']]),
        );
    }

    public function test_the_largest_wall_piece(): void
    {
        $largest = fn (array $line, array $lab): ?string => ($size = WallSize::largest(
            LineContexts::work(['make' => 'panels', 'panels' => ['columns' => [1, 1, 1]]] + $line, LineContexts::picture(6000, 4000), $lab)
                ->at,
        )) === null
            ? null
            : (string) $size;
        self::assertSame('144 x 96 in', $largest(['size' => '90 x 60 in'], ['largestPiece' => '48 x 96 in']), 'three of 48 × 96');
        self::assertNull(
            $largest(['size' => '90 x 60 in'], []),
            'nothing bounds it: looked at from its diagonal its pixels are always enough',
        );
        // From 60 in an eye of one arcminute needs 57.3 ppi: 6000 px reach 104.7 in.
        self::assertSame('104.7 x 69.8 in', $largest(['size' => '90 x 60 in', 'viewedFrom' => '60 in'], ['minimumPpi' => 100]));
        self::assertSame(
            '90 x 60 in',
            $largest(
                ['size' => '60 x 40 in', 'product' => 'metal'],
                ['largestPiece' => '48 x 96 in', 'products' => [['name' => 'metal', 'largestPiece' => '30 x 60 in']]],
            ),
        );
    }
}
