<?php

declare(strict_types=1);

namespace Tests\core\Finding;

use PHPUnit\Framework\TestCase;
use Planisher\Finding\Finding;
use Planisher\Finding\Severity;
use Planisher\Order\WorkedLine;
use Planisher\OrderFile\JsonNode;
use Planisher\Picture\MustStayIn;
use Planisher\Picture\PictureFacts;
use Tests\core\LineContexts;

final class MarkedStaysInTest extends TestCase
{
    /** @param  list<array{float, float, float, float}>  $areas x, y, width, height in fractions */
    private static function picture(array $areas, int $width = 4200, int $height = 2800): PictureFacts
    {
        return LineContexts::picture($width, $height)->with(
            mustStayIn: array_map(
                fn (array $a): MustStayIn => MustStayIn::fromNode(
                    JsonNode::root(['label' => 'the light', 'x' => $a[0], 'y' => $a[1], 'width' => $a[2], 'height' => $a[3]]),
                ),
                $areas,
            ),
        );
    }

    private static function found(WorkedLine $worked): Finding
    {
        foreach ($worked->findings as $finding) {
            if (str_starts_with($finding->code, 'must-stay-in')) {
                return $finding;
            }
        }
        self::fail('nothing was said of what must stay in');
    }

    public function test_nothing_is_said_when_nothing_is_marked(): void
    {
        $this->expectException(\PHPUnit\Framework\AssertionFailedError::class);
        self::found(LineContexts::work());
    }

    /** Of a 3:2 picture an 8 × 10 shows 3500 of 4200 px; an area at the far right moves the window there. */
    public function test_the_default_window_moves_for_it_and_no_further(): void
    {
        self::assertSame(350, LineContexts::work()->plan?->parts[0]->window->x);
        self::assertSame(
            350,
            LineContexts::work([], self::picture([[0.4, 0.4, 0.2, 0.2]]))->plan?->parts[0]->window->x,
            'in the middle it stays',
        );
        $worked = LineContexts::work([], self::picture([[0.85, 0.4, 0.1, 0.2]]));
        $finding = self::found($worked);
        self::assertSame(Severity::Fine, $finding->level);
        // The area ends at 3990; 5 mm under the frame are 68.9 px, and a twentieth of the window more: it must end at 4200,
        // the picture's edge.
        self::assertSame(700, $worked->plan?->parts[0]->window->x);
        $some = LineContexts::work([], self::picture([[0.8, 0.4, 0.08, 0.2]]));
        self::assertGreaterThan(350, $some->plan?->parts[0]->window->x);
        self::assertLessThan(700, $some->plan?->parts[0]->window->x);
    }

    public function test_says_how_far_the_nearest_edge_is(): void
    {
        // 8 × 12 shows all of a 3:2 picture; the area's right edge at 90 % leaves 1.2 of 12 in.
        $finding = self::found(LineContexts::work(['size' => '8 x 12 in', 'carrier' => 'none'], self::picture([[0.5, 0.4, 0.4, 0.2]])));
        self::assertSame('must-stay-in-clear', $finding->code);
        self::assertStringContainsString("1.2\u{2009}in from “the light”", $finding->text);
    }

    public function test_an_area_that_is_cut_stops_the_line_and_one_press_mends_it(): void
    {
        $picture = self::picture([[0.85, 0.4, 0.1, 0.2]]);
        $worked = LineContexts::work(['window' => ['x' => 0.4, 'y' => 0.5, 'tight' => 1]], $picture);
        $finding = self::found($worked);
        self::assertSame(['must-stay-in-cut', Severity::Error, true], [$finding->code, $finding->level, $worked->isStopped()]);
        self::assertStringContainsString('on the right', $finding->text);
        // The window ends at 3500, the area at 3990: 490 of 3500 px on 10 in
        self::assertStringContainsString("1.4\u{2009}in", $finding->text);
        self::assertSame(['window' => null], $finding->remedy?->change->toArray());
        self::assertSame(Severity::Fine, self::found(LineContexts::work([], $picture))->level);
    }

    public function test_areas_that_no_window_of_the_shape_holds(): void
    {
        $finding = self::found(LineContexts::work(['size' => '8 x 10 in', 'turn' => 'landscape'], self::picture([[0.02, 0.4, 0.96, 0.2]])));
        self::assertStringContainsString('No window of this shape holds all', $finding->text);
        self::assertSame(['window' => null, 'fit' => 'whole'], $finding->remedy?->change->toArray());
        $mended = self::found(
            LineContexts::work(
                ['size' => '8 x 10 in', 'turn' => 'landscape', 'fit' => 'whole', 'border' => '0.5 in'],
                self::picture([[0.02, 0.4, 0.96, 0.2]]),
            ),
        );
        self::assertSame(Severity::Fine, $mended->level);
    }

    public function test_a_frame_that_covers_it_asks_for_a_look(): void
    {
        $line = ['size' => '8 x 12 in', 'carrier' => 'none'];
        $picture = self::picture([[0.5, 0.01, 0.1, 0.2]]);
        $finding = self::found(LineContexts::work($line, $picture));
        self::assertSame(['must-stay-in-framed', Severity::Warning], [$finding->code, $finding->level]);
        // 1 % of 8 in are 2.03 mm; a frame that hides 5 mm lies 2.97 mm over it, 0.12 in
        self::assertStringContainsString("0.12\u{2009}in of that lies over it at the top", $finding->text);
        self::assertSame(
            ['frameCover' => '0 mm'],
            $finding->remedy?->change->toArray(),
            'no window clears it: it lies at the picture’s own edge',
        );
        self::assertSame('must-stay-in-clear', self::found(LineContexts::work($line + ['frameCover' => '0 mm'], $picture))->code);
        self::assertSame(
            'must-stay-in-clear',
            self::found(LineContexts::work($line + ['border' => '0.2 in', 'fit' => 'whole'], $picture))->code,
            'a border keeps the frame off',
        );
    }

    public function test_the_trim_of_the_bleed_counts_as_a_cut(): void
    {
        $line = ['size' => '8 x 12 in', 'carrier' => 'none', 'frameCover' => '0 mm'];
        $picture = self::picture([[0.4, 0.005, 0.2, 0.2]]);
        self::assertSame('must-stay-in-clear', self::found(LineContexts::work($line, $picture))->code);
        self::assertSame('must-stay-in-cut', self::found(LineContexts::work($line, $picture, ['bleed' => '5 mm']))->code);
    }

    /** Whatever is marked: the default window holds it whenever a window of its shape can. */
    public function test_the_default_window_holds_what_can_be_held(): void
    {
        mt_srand(3);
        $held = 0;
        for ($i = 0; $i < 800; $i++) {
            [$x, $y] = [mt_rand(0, 90) / 100, mt_rand(0, 90) / 100];
            [$w, $h] = [(mt_rand(1, 100) / 100) * (1 - $x), (mt_rand(1, 100) / 100) * (1 - $y)];
            [$width, $height] = [mt_rand(500, 6000), mt_rand(500, 6000)];
            $worked = LineContexts::work(
                ['size' => mt_rand(4, 20).' x '.mt_rand(4, 20).' in', 'carrier' => 'none', 'frameCover' => '0 mm'],
                self::picture([[$x, $y, max(0.01, $w), max(0.01, $h)]], $width, $height),
                ['minimumPpi' => 1],
            );
            $window = $worked->plan?->parts[0]->window ?? self::fail('no plan');
            $fits = max(0.01, $w) * $width <= $window->width - 2 && max(0.01, $h) * $height <= $window->height - 2;
            $held += $fits ? 1 : 0;
            self::assertSame(
                $fits,
                $fits && self::found($worked)->code === 'must-stay-in-clear',
                json_encode([$x, $y, $w, $h, $width, $height]) ?: '',
            );
        }
        self::assertGreaterThan(200, $held);
    }
}
