<?php

declare(strict_types=1);

namespace Tests\core\Plan;

use PHPUnit\Framework\TestCase;
use Planisher\Finish\Panels\JointProposal;
use Planisher\Finish\Panels\PanelGrid;
use Planisher\Finish\Panels\PanelsWanted;
use Planisher\Measure\Length;
use Planisher\Measure\Size;
use Planisher\OrderFile\JsonNode;

/** Proportions that touch nothing marked. */
final class JointProposalTest extends TestCase
{
    private const INCH = 25_400_000;

    /**
     * @param  array<string, mixed>  $panels
     * @param  list<array{int|float, int|float}>  $marked  from and to in inches
     * @return ?list<string>
     */
    private static function proposed(string $size, array $panels, array $marked): ?array
    {
        $size = Size::parse($size);
        $grid = PanelGrid::of(PanelsWanted::fromNode(JsonNode::root($panels)), $size);
        $lengths = JointProposal::lengths(
            $grid->columns,
            array_map(fn (array $m): array => [(int) ($m[0] * self::INCH), (int) ($m[1] * self::INCH)], $marked),
            $size->width,
            $grid->between,
        );

        return $lengths === null ? null : array_map(strval(...), $lengths);
    }

    public function test_moves_joints_as_little_as_can_be(): void
    {
        self::assertSame(['30 in', '30 in', '30 in'], self::proposed('90 x 60 in', ['columns' => [1, 1, 1]], []));
        // A face from 55 to 64 in: both joints move out alike, to the first quarter inch beyond it and 5 mm.
        self::assertSame(['25.75 in', '38.5 in', '25.75 in'], self::proposed('90 x 60 in', ['columns' => [1, 1, 1]], [[55, 64]]));
        self::assertSame(['47.25 in', '42.75 in'], self::proposed('90 x 60 in', ['columns' => [1, 1]], [[40, 47]]));
        self::assertNull(self::proposed('90 x 60 in', ['columns' => [1, 1]], [[0, 90]]), 'everything is marked');
        self::assertNull(self::proposed('90 x 60 in', ['columns' => [1]], [[40, 47]]), 'there is no joint');
    }

    public function test_a_set_that_cannot_stay_symmetric_does_not(): void
    {
        // Left and right are marked so that no mirrored pair of joints is free, but each joint alone is.
        $proposed = self::proposed('90 x 60 in', ['columns' => [1, 1, 1]], [[0, 32], [34, 44], [46, 90]]);
        self::assertNotNull($proposed);
        self::assertNotSame($proposed[0], $proposed[2]);
    }

    /** Property: what is proposed adds up, clears everything marked by 5 mm, and leaves no sliver. */
    public function test_proposals_clear_and_add_up(): void
    {
        mt_srand(31);
        $found = 0;
        for ($i = 0; $i < 300; $i++) {
            $count = mt_rand(2, 6);
            $gap = mt_rand(0, 30);
            $panels =
                ['columns' => array_fill(0, $count, 1)] +
                ($gap === 0 ? [] : ['gap' => "{$gap} mm", 'behindGap' => ['keep', 'drop'][$i % 2]]);
            $marked = array_map(function (): array {
                $from = mt_rand(0, 80);

                return [$from, $from + mt_rand(1, 8)];
            }, range(1, mt_rand(1, 3)));
            $proposed = self::proposed('90 x 60 in', $panels, $marked);
            if ($proposed === null) {
                continue;
            }
            $found++;
            $grid = PanelGrid::of(PanelsWanted::fromNode(JsonNode::root(['columns' => $proposed] + $panels)), Size::parse('90 x 60 in'));
            self::assertNull($grid->missingAcross);
            foreach (PanelGrid::joints($grid->columns) as [$start, $end]) {
                foreach ($marked as [$from, $to]) {
                    self::assertTrue(
                        $from * self::INCH - $end >= 4_999_000 || $start - $to * self::INCH >= 4_999_000,
                        json_encode([$proposed, $marked]) ?: '',
                    );
                }
            }
            self::assertGreaterThan(
                ((0.29 * 90) / $count) * self::INCH * 0.9,
                min(array_map(fn (string $length): int => Length::parse($length)->nanometres, $proposed)),
            );
        }
        self::assertGreaterThan(200, $found);
    }
}
