<?php

declare(strict_types=1);

namespace Tests\app;

use App\Making\Making;
use App\Models\HouseFinish;
use App\Models\Line;
use App\Models\MadeFile;
use Illuminate\Testing\TestResponse;
use Planisher\State\FileState;
use Planisher\State\LineState;

/** Prints put together on shared sheets through the API, changed there, and taken apart again. */
final class SheetsTest extends TestCase
{
    private function threeByFour(string $picture, int $copies = 1): Line
    {
        $line = $this->line('3 x 4 in', $copies === 1 ? [] : ['copies' => $copies], $picture);

        return $line->refresh();
    }

    private function gather(string $size, Line ...$lines): TestResponse
    {
        $asked = array_map(fn (Line $line): array => ['id' => $line->id, 'version' => $line->version], $lines);

        return $this->postJson("/api/orders/{$this->order->id}/sheets", ['lines' => $asked, 'size' => $size]);
    }

    private function sheet(): Line
    {
        $answer = $this->gather('4 x 6 in', $this->threeByFour('a.jpg'), $this->threeByFour('b.jpg'))->assertCreated();

        return Line::query()->findOrFail((int) $answer->json('line.id'));
    }

    /** @param  array<string, mixed>  $change */
    private function changeCell(Line $line, int $cell, array $change): TestResponse
    {
        return $this->patchJson("/api/lines/{$line->id}", ['version' => $line->fresh()?->version, 'cell' => $cell, 'change' => $change]);
    }

    private function type(Line $line, string $name, string $typed): TestResponse
    {
        return $this->patchJson("/api/lines/{$line->id}", [
            'version' => $line->fresh()?->version,
            'figure' => ['name' => $name, 'typed' => $typed],
        ]);
    }

    /** @return list<?string> */
    private static function pictures(TestResponse $answer): array
    {
        return array_map(fn (array $cell): ?string => $cell['picture']['name'] ?? null, array_values((array) $answer->json('cells')));
    }

    public function test_lines_are_tried_put_together_and_taken_apart_as_they_were(): void
    {
        [$one, $two] = [$this->threeByFour('a.jpg', 2), $this->threeByFour('b.jpg')];
        $this->change($one, ['border' => '0.1 in'])->assertOk();
        $this->pass($two)->assertOk();
        $one->refresh();
        $two->refresh();
        $asked = array_map(fn (Line $line): array => ['id' => $line->id, 'version' => $line->version], [$one, $two]);
        $tried = $this->postJson("/api/orders/{$this->order->id}/sheets/tried", ['lines' => $asked])->assertOk();
        self::assertSame(['4 x 6 in', '8 x 10 in'], array_column($tried->json('offers'), 'size'), 'by paper, since there are no prices');
        self::assertSame([2, 1], array_column($tried->json('offers'), 'sheets'));

        $made = $this->gather('8 x 10 in', $one, $two)->assertCreated();
        self::assertSame([$one->id, $two->id], $made->json('instead'));
        self::assertSame(['a.jpg', 'b.jpg'], array_map(fn (array $cell): string => $cell['picture']['name'], $made->json('line.cells')));
        self::assertSame(1, $this->order->lines()->count());
        self::assertCount(3, $made->json('line.drawing.prints'), 'copies counted');

        $apart = $this->postJson("/api/lines/{$made->json('line.id')}/apart", ['version' => $made->json('line.version')])->assertOk();
        self::assertSame([$one->id, $two->id], $apart->json('lines'), 'the very lines');
        self::assertSame('0.1 in', $one->refresh()->wanted['border']);
        self::assertSame(LineState::Passed, $two->refresh()->state);
    }

    public function test_what_was_changed_on_the_sheet_comes_apart_changed(): void
    {
        $sheet = $this->sheet();
        $this->changeCell($sheet, 1, ['border' => '0.25 in'])->assertOk();
        $apart = $this->postJson("/api/lines/{$sheet->id}/apart", ['version' => $sheet->refresh()->version])->assertOk();
        $lines = Line::query()->with('pictures')->where('order_id', $this->order->id)->get()->sortBy('id')->values();
        self::assertSame([null, '0.25 in'], $lines->map(fn (Line $line): ?string => $line->wanted['border'] ?? null)->all());
        self::assertSame(['a.jpg', 'b.jpg'], $lines->map(fn (Line $line): string => $line->names()[0])->all());
        self::assertNotContains($sheet->id, $apart->json('lines'));
    }

    public function test_pictures_are_put_on_sheets_in_one_size(): void
    {
        $this->line('4 x 6 in', picture: 'a.jpg');
        $asked = ['pictures' => ['a.jpg', 'a.jpg'], 'each' => '2 x 3 in'];
        $this->postJson("/api/orders/{$this->order->id}/sheets/tried", $asked)
            ->assertOk()
            ->assertJsonPath('offers.0.sheets', 1);
        $made = $this->postJson("/api/orders/{$this->order->id}/sheets", $asked + ['size' => 'cheapest'])->assertCreated();
        self::assertSame('4 x 6 in', $made->json('line.uses.sheetSize'));
        $without = ['pictures' => ['a.jpg'], 'size' => '4 x 6 in'];
        $message = $this->postJson("/api/orders/{$this->order->id}/sheets", $without)
            ->assertUnprocessable()
            ->json('message');
        self::assertStringContainsString('size that each picture', $message);
        $this->postJson("/api/orders/{$this->order->id}/sheets", ['size' => '4 x 6 in'])->assertUnprocessable();
        $this->postJson("/api/orders/{$this->order->id}/sheets/tried", [
            'pictures' => ['a.jpg'],
            'each' => '15 x 11 px',
        ])->assertUnprocessable();
    }

    public function test_a_line_that_somebody_changed_meanwhile_stays_and_nothing_is_gathered(): void
    {
        [$one, $two] = [$this->threeByFour('a.jpg'), $this->threeByFour('b.jpg')];
        $this->change($two, ['border' => '0.1 in'])->assertOk();
        $this->gather('4 x 6 in', $one, $two)->assertConflict();
        self::assertSame(2, $this->order->lines()->count(), 'both are there');
    }

    public function test_a_canvas_stays_by_itself(): void
    {
        $canvas = $this->line('8 x 10 in', ['make' => 'canvas'], 'a.jpg')->refresh();
        $print = $this->threeByFour('b.jpg');
        $asked = array_map(fn (Line $line): array => ['id' => $line->id, 'version' => $line->version], [$canvas, $print]);
        $left = $this->postJson("/api/orders/{$this->order->id}/sheets/tried", ['lines' => $asked])
            ->assertOk()
            ->json('leftOut');
        self::assertSame(['Line 1 stays by itself: a canvas can’t share a sheet.'], $left);
        self::assertSame([$print->id], $this->gather('4 x 6 in', $canvas, $print)->assertCreated()->json('instead'));
    }

    public function test_cells_are_changed_emptied_filled_and_swapped(): void
    {
        $sheet = $this->sheet();
        $window = ['x' => 0.4, 'y' => 0.5, 'tight' => 1.5];
        $answer = $this->changeCell($sheet, 0, ['window' => $window])->assertOk();
        self::assertSame(0.4, $answer->json('cells.0.uses.window.x'));
        self::assertSame(['a.jpg', 'b.jpg'], self::pictures($answer));
        self::assertSame(['b.jpg', 'a.jpg'], self::pictures($this->type($sheet, 'print-1-swapped', '2')->assertOk()));
        $answer = $this->changeCell($sheet, 1, ['picture' => null])->assertOk();
        self::assertSame(['b.jpg', null], self::pictures($answer));
        self::assertSame('waiting', $answer->json('state'));
        self::assertCount(1, array_filter(array_column($answer->json('drawing.prints'), 'picture')), 'the other is drawn');
        $this->pass($sheet)->assertUnprocessable();
        $answer = $this->changeCell($sheet, 1, ['picture' => 'b.jpg'])->assertOk();
        self::assertSame(['b.jpg', 'b.jpg'], self::pictures($answer), 'one picture in two cells');
        self::assertSame(0.5, $answer->json('cells.1.uses.window.x'), 'another picture, another window');
        $this->changeCell($sheet, 9, ['picture' => 'b.jpg'])->assertUnprocessable();
        $this->changeCell($this->line(), 0, ['border' => '1 in'])->assertUnprocessable();
        $this->changeCell($sheet, 0, ['size' => '0 in'])->assertUnprocessable();
    }

    public function test_cells_come_and_go_with_their_pictures(): void
    {
        $sheet = $this->sheet();
        $cells = $sheet->line()->toArray()['sheet']['cells'];
        $answer = $this->change($sheet, ['sheet' => ['cells' => [...$cells, ['size' => '2 x 3 in', 'picture' => 'a.jpg']]]])->assertOk();
        self::assertSame(['a.jpg', 'b.jpg', 'a.jpg'], self::pictures($answer));
        $answer = $this->change($sheet, ['sheet' => ['cells' => [$cells[1]]]])->assertOk();
        self::assertSame(['b.jpg'], self::pictures($answer));
        self::assertSame(1, $sheet->pictures()->count(), 'what is there no more is forgotten');
        $put = [
            'version' => $sheet->refresh()->version,
            'line' => ['make' => 'shared-sheet', 'size' => '4 x 6 in', 'sheet' => ['cells' => $cells]],
        ];
        self::assertSame(['a.jpg', 'b.jpg'], self::pictures($this->putJson("/api/lines/{$sheet->id}", $put)->assertOk()), 'undone');
    }

    public function test_one_from_nothing_is_made_by_its_ready_ways(): void
    {
        $ways = $this->getJson('/api/sheets/ready?size=4%20x%206%20in')->assertOk()->json('ways');
        self::assertSame('two 3 × 4 in', str_replace("\u{2009}", ' ', $ways[0]['label']));
        $made = $this->postJson("/api/orders/{$this->order->id}/lines", [
            'size' => '4 x 6 in',
            'copies' => 1,
            'wanted' => ['make' => 'shared-sheet', 'sheet' => ['cells' => $ways[0]['cells']]],
        ])->assertCreated();
        self::assertSame([null, null], self::pictures($made));
        self::assertSame('waiting', $made->json('state'));
        $this->getJson('/api/sheets/ready?size=banana')->assertUnprocessable();
        $this->getJson('/api/sheets/ready')->assertUnprocessable();
    }

    public function test_several_sheets_are_made_as_files_told_apart_and_read_back(): void
    {
        $sheet = $this->sheet();
        $this->change($sheet, ['output' => ['ppi' => 60]])->assertOk();
        $this->changeCell($sheet, 0, ['copies' => 2, 'border' => '0.2 in', 'paperColour' => '#204060'])->assertOk();
        $this->pass($sheet)->assertOk();
        app(Making::class)->start($this->order, null);
        $files = MadeFile::query()->with('make')->get()->sortBy('id')->values();
        self::assertSame([FileState::Made, FileState::Made], $files->pluck('state')->all());
        self::assertMatchesRegularExpression('/_1of2\.jpg$/', $files[0]->name ?? '');
        self::assertSame([360, 240], array_slice(getimagesize($files[0]->path()) ?: [], 0, 2));
        $preview = $this->get(
            "/api/lines/{$sheet->id}/preview/".$this->getJson("/api/orders/{$this->order->id}")->json('lines.0.planHash'),
        );
        self::assertStringStartsWith('image/', (string) $preview->assertOk()->headers->get('Content-Type'));
    }

    public function test_a_house_finish_fills_its_cells_with_the_pictures_in_their_order(): void
    {
        $sheet = $this->sheet();
        $this->changeCell($sheet, 1, ['border' => '0.25 in'])->assertOk();
        $this->change($sheet, ['sheet' => ['gutter' => '2 mm']])->assertOk();
        $this->postJson('/api/house-finishes', [
            'name' => 'Two cards',
            'line' => $sheet->id,
            'choices' => ['make', 'size'],
        ])->assertCreated();
        $finish = HouseFinish::query()->sole();
        self::assertStringNotContainsString('jpg', (string) json_encode($finish->finish));
        $other = $this->line('8 x 10 in', picture: 'c.jpg')->refresh();
        $this->postJson("/api/orders/{$this->order->id}/house-finishes/{$finish->id}", [
            'lines' => [['id' => $other->id, 'version' => $other->version]],
        ])->assertOk();
        $given = $other->refresh()->line()->toArray();
        self::assertSame(['c.jpg', null], array_map(fn (array $cell): ?string => $cell['picture'] ?? null, $given['sheet']['cells']));
        self::assertSame(['2 mm', '0.25 in'], [$given['sheet']['gutter'], $given['sheet']['cells'][1]['border']]);
        $this->postJson("/api/orders/{$this->order->id}/house-finishes/{$finish->id}", [
            'lines' => [['id' => $sheet->id, 'version' => $sheet->refresh()->version]],
        ])->assertOk();
        self::assertSame(['a.jpg', 'b.jpg'], $sheet->refresh()->line()->pictures(), 'a sheet keeps its pictures');
        $fill = "/api/orders/{$this->order->id}/house-finishes/{$finish->id}/fill";
        $ids = $this->postJson($fill, ['pictures' => ['a.jpg', 'b.jpg', 'c.jpg']])
            ->assertCreated()
            ->json('lines');
        $filled = array_map(fn (int $id): array => Line::query()->findOrFail($id)->line()->pictures(), $ids);
        self::assertSame([['a.jpg', 'b.jpg'], ['c.jpg', null]], $filled);
        $this->postJson($fill, ['pictures' => ['nowhere.jpg']])->assertUnprocessable();
        $this->postJson($fill, ['pictures' => []])->assertUnprocessable();
    }

    public function test_several_cells_are_changed_at_once_and_none_where_one_cannot_be(): void
    {
        $line = $this->sheet();
        $send = fn (mixed $cells): TestResponse => $this->patchJson("/api/lines/{$line->id}", [
            'version' => $line->fresh()?->version,
            'cells' => $cells,
        ]);
        $both = [['cell' => 0, 'change' => ['paperColour' => '#102030']], ['cell' => 1, 'change' => ['border' => '0.25 in']]];
        $now = $send($both)->assertOk()->json('line.sheet.cells');
        self::assertSame(['#102030', '0.25 in'], [$now[0]['paperColour'], $now[1]['border']]);
        self::assertArrayNotHasKey('border', $now[0]);
        $version = $line->fresh()?->version;
        foreach (
            [
                [],
                'all',
                [['cell' => 0]],
                [['cell' => 9, 'change' => ['copies' => 2]], $both[0]],
                [$both[0], $both[0]],
                [['cell' => 0, 'change' => ['paperColour' => 'its own']]],
                [$both[1], ['cell' => 0, 'change' => ['border' => 'wide']]],
            ] as $bad
        ) {
            $send($bad)->assertUnprocessable();
        }
        self::assertSame($version, $line->fresh()?->version, 'nothing was changed');
    }
}
