<?php

declare(strict_types=1);

namespace Tests\core\Plan;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Planisher\Finish\Print\PrintLayout;
use Planisher\Measure\PixelRect;
use Planisher\Measure\Side;
use Planisher\Measure\Unit;
use Planisher\Plan\Layer\StrokeLayer;
use Planisher\Plan\Plan;
use Tests\core\LineContexts;

/** How a picture sits on its paper. Figures without a source are common practice of the trade, no source. */
final class PaperTest extends TestCase
{
    /**
     * @param  array<string, mixed>  $line
     * @param  array<string, mixed>  $lab
     */
    private static function plan(array $line, int $width = 4200, int $height = 2800, array $lab = []): Plan
    {
        return LineContexts::work($line, LineContexts::picture($width, $height), $lab + ['minimumPpi' => 1])->plan ??
            throw new \LogicException('no plan');
    }

    /** @return array{float, float} image width and height in inches, two places */
    private static function image(Plan $plan): array
    {
        $inch = Unit::Inch->nanometres();

        return [round($plan->layout->image->width / $inch, 2), round($plan->layout->image->height / $inch, 2)];
    }

    /**
     * @param  array<string, mixed>  $line
     * @param  array{float, float}  $inches
     */
    #[DataProvider('images')]
    public function test_size_of_the_image(array $line, array $inches, int $width = 4200, int $height = 2800): void
    {
        self::assertSame($inches, self::image(self::plan($line, $width, $height)));
    }

    /** @return iterable<string, list<mixed>> */
    public static function images(): iterable
    {
        yield '3:2 whole on 11 × 14 without margins' => [['size' => '11 x 14 in', 'fit' => 'whole', 'carrier' => 'none'], [14.0, 9.33]];
        yield 'a nearly full frame on 8 × 10 with a quarter inch of room' => [
            ['size' => '8 x 10 in', 'fit' => 'whole', 'border' => '0.25 in'],
            [9.38, 7.5],
            5000,
            4000,
        ];
        yield 'an upright picture turns its paper' => [['size' => '11 x 14 in', 'fit' => 'whole'], [9.33, 14.0], 2800, 4200];
        yield '12 in wide from 4:3 is 9 high' => [
            ['size' => '16 x 20 in', 'fit' => 'whole', 'image' => ['width' => '12 in']],
            [12.0, 9.0],
            4000,
            3000,
        ];
        yield '10 in wide is 7.5' => [['size' => '16 x 20 in', 'fit' => 'whole', 'image' => ['width' => '10 in']], [10.0, 7.5], 4000, 3000];
        yield 'by height' => [['size' => '16 x 20 in', 'fit' => 'whole', 'image' => ['height' => '9 in']], [12.0, 9.0], 4000, 3000];
        yield 'cropped inside a border' => [['size' => '8 x 10 in', 'border' => '1 in'], [8.0, 6.0]];
        yield 'heavier below' => [
            ['size' => '8 x 10 in', 'border' => ['top' => '1 in', 'left' => '1 in', 'right' => '1 in', 'bottom' => '1.5 in']],
            [8.0, 5.5],
        ];
        yield 'an exact image, cropped' => [['size' => '16 x 20 in', 'image' => ['width' => '12 in', 'height' => '8 in']], [12.0, 8.0]];
        yield 'a border that leaves nothing is left away' => [['size' => '4 x 6 in', 'border' => '3 in'], [6.0, 4.0]];
    }

    public function test_centred_raised_and_at_the_optical_centre(): void
    {
        $line = ['size' => '16 x 20 in', 'turn' => 'landscape', 'fit' => 'whole', 'image' => ['width' => '12 in'], 'carrier' => 'none'];
        $top = fn (array $more): float => self::plan($line + $more)->layout->image->y / Unit::Inch->nanometres();
        self::assertSame(4.0, $top([]));
        self::assertSame(3.5, $top(['raise' => '0.5 in']));
        // Free height 8 in: the centre lies a twentieth of it, 0.4 in, above the middle.
        self::assertSame(3.6, $top(['raise' => 'optical']));
        self::assertSame(0.0, $top(['raise' => '9 in']));
    }

    /** 11 × 15 on 12 × 18: half an inch above and below, one and a half left and right. */
    public function test_the_documented_carrier(): void
    {
        $plan = self::plan(['size' => '15 x 11 in'], 6000, 4000);
        $layout = $plan->layout->own;
        self::assertInstanceOf(PrintLayout::class, $layout);
        self::assertSame('18 × 12 in', $layout->carrier?->label());
        self::assertSame([5400, 3600], [$plan->files[0]->width, $plan->files[0]->height]);
        self::assertSame(['x' => 450, 'y' => 150, 'width' => 4500, 'height' => 3300], $plan->files[0]->pictures()[0]->target->toArray());
        $inches = array_map(fn (Side $side): float => $layout->surplus($side) / Unit::Inch->nanometres(), Side::cases());
        self::assertSame([0.5, 1.5, 0.5, 1.5], $inches);
    }

    public function test_ticks_stand_in_the_surplus_only_never_nearer_than_a_millimetre(): void
    {
        mt_srand(7);
        $seen = 0;
        for ($i = 0; $i < 400; $i++) {
            $plan = self::plan([
                'size' => mt_rand(100, 1190) / 100 .' x '.mt_rand(100, 1790) / 100 .' in',
                'output' => ['ppi' => mt_rand(72, 400)],
            ]);
            $file = $plan->files[0];
            $image = $file->pictures()[0]->target;
            $away = $file->resolution->perMillimetre();
            foreach ($file->strokes() as $tick) {
                $seen++;
                $t = $tick->where;
                self::assertTrue($t->x >= 0 && $t->y >= 0 && $t->x + $t->width <= $file->width && $t->y + $t->height <= $file->height);
                $apart = max(
                    $image->x - $t->x - $t->width,
                    $t->x - $image->x - $image->width,
                    $image->y - $t->y - $t->height,
                    $t->y - $image->y - $image->height,
                );
                self::assertGreaterThanOrEqual($away, $apart);
            }
        }
        self::assertGreaterThan(1000, $seen);
        self::assertSame([], self::plan(['size' => '15 x 11 in', 'trimMarks' => false])->files[0]->strokes());
    }

    /** The smallest by area, then by the way round, of all listed sheets that hold it; whatever the sizes. */
    public function test_the_carrier_is_the_smallest_that_holds(): void
    {
        mt_srand(11);
        for ($i = 0; $i < 500; $i++) {
            $sizes = array_map(fn (): array => [mt_rand(4, 30), mt_rand(4, 30)], range(1, 6));
            [$w, $h] = [mt_rand(30, 250) / 10, mt_rand(30, 250) / 10];
            $plan = self::plan(['size' => "{$w} x {$h} in"], 4200, 2800, [
                'sizes' => array_map(fn (array $s): string => "{$s[0]} x {$s[1]} in", $sizes),
            ]);
            $holding = array_filter($sizes, fn (array $s): bool => ($w <= $s[0] && $h <= $s[1]) || ($h <= $s[0] && $w <= $s[1]));
            $listed = array_filter($sizes, fn (array $s): bool => [$w, $h] == $s || [$h, $w] == $s);
            $own = $plan->layout->own;
            self::assertInstanceOf(PrintLayout::class, $own);
            if ($holding === [] || $listed !== []) {
                self::assertNull($own->carrier);

                continue;
            }
            $carrier = $own->carrier ?? self::fail('no carrier');
            self::assertEqualsWithDelta(min(array_map(fn (array $s): int => $s[0] * $s[1], $holding)), $carrier->areaSquareInches(), 1e-6);
            self::assertGreaterThanOrEqual($plan->layout->size->width->nanometres, $carrier->width->nanometres);
            self::assertGreaterThanOrEqual($plan->layout->size->height->nanometres, $carrier->height->nanometres);
        }
    }

    /** Whatever is asked for: pieces tile exactly, nothing is squashed, the window lies inside the picture, a carrier changes no pixel. */
    public function test_properties_of_any_print(): void
    {
        mt_srand(29);
        for ($i = 0; $i < 1500; $i++) {
            $pick = fn (array $of): mixed => $of[array_rand($of)];
            $size = mt_rand(20, 300) / 10 .' x '.mt_rand(20, 300) / 10 .' in';
            $line = [
                'size' => $size,
                'fit' => mt_rand(0, 1) ? 'fill' : 'whole',
                'border' => mt_rand(0, 20) / 20 .' in',
                'carrier' => 'none',
                'window' => ['x' => mt_rand(0, 100) / 100, 'y' => mt_rand(0, 100) / 100, 'tight' => 1 + mt_rand(0, 20) / 10],
                'output' => ['ppi' => mt_rand(0, 3) ? mt_rand(72, 400) : 'own'],
            ];
            [$width, $height] = [mt_rand(400, 7000), mt_rand(400, 7000)];
            $bleed = mt_rand(0, 1) ? [] : ['bleed' => mt_rand(1, 6).' mm'];
            $plan = self::plan($line, $width, $height, $bleed);
            $file = $plan->files[0];
            $p = $file->pictures()[0];
            self::assertTrue(
                $p->source->x >= 0 &&
                    $p->source->y >= 0 &&
                    $p->source->x + $p->source->width <= $width &&
                    $p->source->y + $p->source->height <= $height,
                $size,
            );
            self::assertTrue(
                $p->target->x >= 0 &&
                    $p->target->y >= 0 &&
                    $p->target->x + $p->target->width <= $file->width &&
                    $p->target->y + $p->target->height <= $file->height,
                json_encode([$line, $width, $height, $bleed, $p->target, $file->width, $file->height]) ?: '',
            );
            [$x, $y] = [$p->target->width / $p->source->width, $p->target->height / $p->source->height];
            // A source pixel, and the rounding of the target's own edges
            $allowed = 1 / min($p->source->width, $p->source->height) + 1.5 / min($p->target->width, $p->target->height);
            self::assertLessThanOrEqual($allowed, abs($x / $y - 1), json_encode($line) ?: '');
            if ($line['fit'] === 'whole') {
                self::assertSame([$width, $height], [$p->source->width, $p->source->height]);
            }

            $carried = self::plan(['carrier' => '40 x 40 in', 'trimMarks' => false] + $line, $width, $height);
            $bare = self::plan($line, $width, $height);
            [$on, $off] = [$carried->files[0]->pictures()[0], $bare->files[0]->pictures()[0]];
            self::assertEquals(
                [$off->source, $off->target->width, $off->target->height],
                [$on->source, $on->target->width, $on->target->height],
                'the print on a carrier is the print without',
            );
        }
    }

    /** Bleed goes on with picture, outside the ordered size; a border's bleed is paper. */
    public function test_bleed(): void
    {
        $file = self::plan(['size' => '8 x 10 in'], lab: ['bleed' => '3 mm'])->files[0];
        // 3 mm at 300 ppi are 35.4 pixels: 35 a side
        self::assertSame([3070, 2470], [$file->width, $file->height]);
        self::assertSame(['x' => 0, 'y' => 0, 'width' => 3070, 'height' => 2470], $file->pictures()[0]->target->toArray());
        $bordered = self::plan(['size' => '8 x 10 in', 'border' => '1 in', 'paperColour' => '#203040'], lab: ['bleed' => '3 mm'])->files[0];
        self::assertSame([3070, 2470, '#203040'], [$bordered->width, $bordered->height, (string) $bordered->grounds()[0]->colour]);
        self::assertSame(['x' => 335, 'y' => 335, 'width' => 2400, 'height' => 1800], $bordered->pictures()[0]->target->toArray());
    }

    public function test_a_keyline_lies_inside_the_image_and_is_three_pixels_at_300(): void
    {
        self::assertSame([], self::plan(['size' => '12 x 18 in', 'border' => '2 in'])->files[0]->strokes());
        $file = self::plan(['size' => '12 x 18 in', 'fit' => 'whole', 'border' => '2 in', 'keyline' => ['colour' => '#102030']])->files[0];
        $image = $file->pictures()[0]->target;
        self::assertCount(4, $file->strokes());
        $area = array_sum(array_map(fn (StrokeLayer $f): int => $f->where->area(), $file->strokes()));
        self::assertSame(2 * 3 * ($image->width + $image->height), $area);
        foreach ($file->strokes() as $stroke) {
            self::assertSame('#102030', (string) $stroke->colour);
            self::assertTrue(self::within($stroke->where, $image));
        }
        $fine = self::plan(['size' => '12 x 18 in', 'keyline' => ['width' => '0.001 in']])->files[0]->strokes()[0];
        self::assertSame(1, $fine->where->height, 'at least a pixel');
    }

    public function test_the_colour_of_the_paper_stays_on_the_paper(): void
    {
        $plain = self::plan(['size' => '12 x 18 in', 'border' => '1 in', 'paperColour' => '#aa3311'])->files[0];
        self::assertSame(['#aa3311', []], [(string) $plain->grounds()[0]->colour, array_slice($plain->grounds(), 1)]);
        $carried = self::plan(['size' => '11 x 15 in', 'border' => '1 in', 'paperColour' => '#aa3311'])->files[0];
        self::assertSame('#ffffff', (string) $carried->grounds()[0]->colour, 'surplus is white');
        self::assertEquals(new PixelRect(450, 150, 4500, 3300), $carried->grounds()[1]->where);
    }

    private static function within(PixelRect $inner, PixelRect $outer): bool
    {
        return $inner->x >= $outer->x &&
            $inner->y >= $outer->y &&
            $inner->x + $inner->width <= $outer->x + $outer->width &&
            $inner->y + $inner->height <= $outer->y + $outer->height;
    }
}
