<?php

declare(strict_types=1);

namespace Tests\core\Finish;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Planisher\Finish\LineReader;
use Planisher\Finish\TypedFigure;
use Planisher\OrderFile\JsonNode;
use Planisher\OrderFile\OrderFileError;
use Planisher\Plan\PlannedFile;
use Tests\core\LineContexts;

/** Panels of which the size of each is given: all of it is as many as there are. */
final class PiecesTest extends TestCase
{
    /** @return array<string, mixed> */
    private static function line(mixed ...$panels): array
    {
        return [
            'make' => 'panels',
            'size' => null,
            'output' => ['ppi' => 60],
            'panels' => ['piece' => '30 x 60 in', 'columns' => 3, ...$panels],
        ];
    }

    /** @param  array<string, mixed>  $panels */
    #[DataProvider('sets')]
    public function test_all_of_it_follows(array $panels, string $all, int $files): void
    {
        $worked = LineContexts::work(self::line(...$panels), LineContexts::picture(6000, 4000));
        self::assertSame($all, (string) $worked->line->sized()->size);
        self::assertSame(
            array_fill(0, $files, [1800, 3600]),
            array_map(fn (PlannedFile $file): array => [$file->width, $file->height], $worked->plan->files ?? []),
            'each is 30 × 60 in at 60 ppi',
        );
        $form = $worked->line->toArray();
        self::assertArrayNotHasKey('size', $form, 'it follows');
        self::assertEquals($worked->line->toArray(), LineReader::read(JsonNode::root($form))->toArray());
    }

    /** @return array<string, array{array<string, mixed>, string, int}> */
    public static function sets(): array
    {
        return [
            'three side by side' => [[], '90 x 60 in', 3],
            'a gap of wall' => [['gap' => '1 in'], '90 x 60 in', 3],
            'a gap that is counted in' => [['gap' => '1 in', 'behindGap' => 'drop'], '92 x 60 in', 3],
            'two rows of two' => [['columns' => 2, 'rows' => 2], '60 x 120 in', 4],
            'shares that are alike' => [['columns' => [1, 1, 1]], '90 x 60 in', 3],
        ];
    }

    public function test_an_upright_picture_turns_no_piece(): void
    {
        $worked = LineContexts::work(self::line(), LineContexts::picture(4000, 6000));
        self::assertSame([1800, 3600], [$worked->plan?->files[0]->width, $worked->plan?->files[0]->height]);
    }

    public function test_whichever_figure_is_typed_the_others_follow(): void
    {
        $type = function (string $name, string $typed): array {
            $worked = LineContexts::work(self::line(gap: '1 in', behindGap: 'drop'), LineContexts::picture(6000, 4000));
            $change = TypedFigure::change($worked->line, $worked->plan?->layout, $name, $typed);
            $then = LineReader::changed($worked->line, $change);

            return [$then->toArray()['panels']['piece'], (string) $then->sized()->size];
        };
        self::assertSame(['20 x 60 in', '62 x 60 in'], $type('column-2', '20'));
        self::assertSame(['40 x 60 in', '122 x 60 in'], $type('paper-width', '122'));
        self::assertSame(['30 x 50 in', '92 x 50 in'], $type('paper-height', '50'));
        self::assertSame(['30 x 60 in', '96 x 60 in'], $type('gap-across', '3'));
    }

    public function test_each_piece_is_held_against_the_sizes_of_its_product(): void
    {
        $lab = [
            'products' => [['name' => 'metal', 'sizes' => ['16 x 20 in', '20 x 30 in']], ['name' => 'canvas', 'sizes' => ['20 x 30 in']]],
        ];
        $had = fn (array $line): ?string => LineContexts::finding(
            LineContexts::work($line + ['output' => ['ppi' => 60]], LineContexts::picture(6000, 4000), $lab),
            'piece-not-had',
        )?->title;
        $panels = fn (string $piece): array => ['product' => 'metal'] + self::line(piece: $piece);
        self::assertNull($had($panels('20 x 30 in')));
        self::assertSame('metal isn’t had in 20 × 40 in', str_replace("\u{2009}", ' ', (string) $had($panels('20 x 40 in'))));
        self::assertNull($had($panels('50.8 x 76.2 cm')), '20 × 30 in in another system');
        $canvas = ['make' => 'canvas', 'canvas' => ['depth' => '1 in']];
        self::assertNull($had(['size' => '30 x 20 in'] + $canvas));
        self::assertSame('canvas isn’t had in 30 × 24 in', str_replace("\u{2009}", ' ', (string) $had(['size' => '30 x 24 in'] + $canvas)));
        self::assertNull($had(['size' => '11 x 14 in', 'product' => 'metal']), 'a print has a check of its own');
    }

    /** @param  array<string, mixed>  $wanted */
    #[DataProvider('mistakes')]
    public function test_what_can_not_be_is_told_where_it_stands(array $wanted, string $where): void
    {
        try {
            LineReader::read(JsonNode::root(['make' => 'panels', 'picture' => 'a.jpg'] + $wanted));
            self::fail('it was read');
        } catch (OrderFileError $e) {
            self::assertSame($where, $e->path);
        }
    }

    /** @return array<string, array{array<string, mixed>, string}> */
    public static function mistakes(): array
    {
        return [
            'the size of all besides' => [['size' => '90 x 60 in', 'panels' => ['piece' => '30 x 60 in', 'columns' => 3]], 'size'],
            'pieces that differ' => [['panels' => ['piece' => '30 x 60 in', 'columns' => [1, 2, 1]]], 'panels.columns'],
            'no size at all' => [['panels' => ['columns' => 3]], 'size'],
            'too many' => [['panels' => ['piece' => '3 x 6 in', 'columns' => 13]], 'panels.columns'],
            'no piece' => [['panels' => ['piece' => 'large', 'columns' => 3]], 'panels.piece'],
        ];
    }
}
