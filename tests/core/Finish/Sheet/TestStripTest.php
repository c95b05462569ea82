<?php

declare(strict_types=1);

namespace Tests\core\Finish\Sheet;

use PHPUnit\Framework\Attributes\CoversNothing;
use PHPUnit\Framework\TestCase;
use Planisher\Colour\ToneCurve;
use Planisher\Finish\Finishes;
use Planisher\OrderFile\OrderFileError;
use Tests\core\LineContexts;

#[CoversNothing]
final class TestStripTest extends TestCase
{
    public function test_the_same_print_at_five_settings_on_one_sheet(): void
    {
        $line = LineContexts::work(
            ['size' => '8 x 10 in', 'window' => ['x' => 0.4, 'y' => 0.5, 'tight' => 1.2], 'paper' => 'Rag'],
            lab: [
                'papers' => [['name' => 'Rag']],
            ],
        );
        $settings = array_map(fn (float $open): ToneCurve => new ToneCurve($open), [0, 0.15, 0.3, 0.45, 0.6]);
        $wanted = Finishes::gathering()->testStrip($line->at, $settings);
        self::assertSame(['test'], array_column(array_filter($wanted['name']['parts'], is_array(...)), 'text'), 'its names say so');
        self::assertSame('Rag', $wanted['paper']);

        $cells = $wanted['sheet']['cells'];
        $captions = array_map(fn (array $cell): string => str_replace("\u{2009}", ' ', $cell['caption']['parts'][0]['text']), $cells);
        self::assertSame(['straight', 'opened by 15 %', 'opened by 30 %', 'opened by 45 %', 'opened by 60 %'], $captions);
        self::assertSame([null, 0.15, 0.3, 0.45, 0.6], array_map(fn (array $cell): ?float => $cell['forPaper']['open'] ?? null, $cells));
        self::assertCount(1, array_unique(array_column($cells, 'window'), SORT_REGULAR));

        // All of them lie on one sheet that the lab lists, apart, and show the same part of the picture as the line does.
        $strip = LineContexts::work(['picture' => null] + $wanted, lab: ['papers' => [['name' => 'Rag']]]);
        self::assertCount(1, $strip->plan->files ?? []);
        self::assertFalse($strip->isStopped(), $strip->worst()->title);
        $own = $line->plan?->only()->window ?? throw new \LogicException('It has a window.');
        foreach ($strip->plan->parts ?? [] as $part) {
            self::assertEqualsWithDelta($own->x, $part->window->x, 3);
            self::assertEqualsWithDelta($own->width, $part->window->width, 6);
            self::assertEqualsWithDelta($own->height, $part->window->height, 6);
        }
        self::assertCount(5, $strip->plan->parts ?? []);
    }

    public function test_its_prints_are_in_the_unit_of_what_was_ordered(): void
    {
        $settings = [new ToneCurve(), new ToneCurve(0.2), new ToneCurve(0.4)];
        foreach (['8 x 10 in' => 'in', '20 x 30 cm' => 'mm'] as $size => $unit) {
            $line = LineContexts::work(['size' => $size]);
            $cell = Finishes::gathering()->testStrip($line->at, $settings)['sheet']['cells'][1];
            foreach ([$cell['size'], $cell['border']['bottom'], $cell['frameCover'], $cell['at']['x']] as $length) {
                self::assertStringEndsWith(" {$unit}", $length);
            }
        }
    }

    public function test_lightness_and_contrast_at_once_lie_three_by_three(): void
    {
        $line = LineContexts::work(['size' => '8 x 10 in']);
        $settings = [];
        foreach ([0.0, 0.2, 0.4] as $contrast) {
            foreach ([0.0, 0.2, 0.4] as $open) {
                $settings[] = new ToneCurve($open, $contrast);
            }
        }
        $wanted = Finishes::gathering()->testStrip($line->at, $settings);
        $cells = $wanted['sheet']['cells'];
        self::assertCount(9, $cells);
        foreach ([0, 3, 6] as $first) {
            self::assertCount(1, array_unique(array_map(fn (array $cell): string => $cell['at']['y'], array_slice($cells, $first, 3))));
        }
        self::assertCount(3, array_unique(array_map(fn (array $cell): string => $cell['at']['x'], $cells)));
        $strip = LineContexts::work(['picture' => null] + $wanted);
        self::assertFalse($strip->isStopped(), $strip->worst()->title);
    }

    public function test_what_can_be_no_strip_is_said(): void
    {
        $line = LineContexts::work(['size' => '8 x 10 in']);
        $strip = fn (float ...$opens): array => Finishes::gathering()->testStrip(
            $line->at,
            array_map(fn (float $open): ToneCurve => new ToneCurve($open), array_values($opens)),
        );
        self::assertCount(3, $strip(0, 0.2, 0.4)['sheet']['cells']);
        foreach ([[0, 0.1], [0, 0.1, 0.1], [0, 0.1, 0.2, 0.3, 0.4, 0.5]] as $opens) {
            try {
                $strip(...$opens);
                self::fail('Three to five that differ.');
            } catch (OrderFileError $e) {
                self::assertStringContainsString('three to five', (string) $e->plain);
            }
        }
        $copy = LineContexts::work(['make' => 'screen-copy', 'size' => null]);
        $this->expectException(OrderFileError::class);
        Finishes::gathering()->testStrip($copy->at, [new ToneCurve(), new ToneCurve(0.1), new ToneCurve(0.2)]);
    }
}
