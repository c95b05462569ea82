<?php

declare(strict_types=1);

namespace Tests\app;

use App\Models\Line;
use Illuminate\Support\Facades\Log;

final class LinesTest extends TestCase
{
    public function test_a_line_is_worked_out_as_it_is_added(): void
    {
        $this->line();
        $answer = $this->getJson("/api/orders/{$this->order->id}")->json('lines.0');
        self::assertSame(1, $answer['number']);
        self::assertSame('open', $answer['state']);
        self::assertSame('isholm-rowing-club_4x6_dawn-boat_1.jpg', $answer['fileName']);
        self::assertSame(['x' => 0, 'y' => 0, 'width' => 480, 'height' => 320], $answer['drawing']['window']);
        self::assertSame(
            "Make 1 print of Dawn boat cropped to 4 × 6 in, landscape to suit the picture, at 300\u{2009}ppi in the ".
                'lab’s sRGB, saved as JPEG 95, named isholm-rowing-club_4x6_dawn-boat_1',
            implode('', array_column($answer['sentence'], 'text')),
        );
    }

    public function test_sizes_that_are_none(): void
    {
        foreach (
            [
                'banana' => 'is not a size',
                '15 x 11 px' => 'in pixels',
                '0 x 10 in' => 'side of 0',
                '8 x in' => 'is not a length',
                '' => 'size',
            ] as $size => $says
        ) {
            $message = $this->postJson("/api/orders/{$this->order->id}/lines", ['size' => $size])
                ->assertUnprocessable()
                ->json('message');
            self::assertStringContainsString($says, $message);
        }
        self::assertSame(0, Line::query()->count());
        $line = $this->line();
        $answer = $this->change($line, ['size' => 'banana'])->assertUnprocessable();
        self::assertStringContainsString('“banana” is not a size', $answer->json('message'));
        self::assertSame('4 x 6 in', $line->fresh()?->wanted['size'], 'the line is as it was');
    }

    public function test_changes_that_are_none(): void
    {
        $line = $this->line();
        $changes = [
            ['copies' => -1],
            ['copies' => 'many'],
            ['copies' => 10_000],
            ['window' => ['x' => 2]],
            ['window' => ['tight' => 0]],
            ['turn' => 'sideways'],
            ['output' => ['quality' => 0]],
            ['output' => ['ppi' => 0]],
            ['output' => ['bits' => 12]],
            ['banana' => 1],
            ['name' => ['parts' => ['../etc']]],
            ['size' => null],
            ['make' => 'shared-sheet'],
            ['make' => 'shared-sheet', 'sheet' => ['cells' => []]],
            ['make' => 'shared-sheet', 'sheet' => ['cells' => [['size' => '15 x 11 px']]]],
            ['make' => 'shared-sheet', 'sheet' => ['cells' => [['size' => '3 x 4 in', 'carrier' => 'none']]]],
            ['make' => 'screen-copy', 'longSide' => 0],
            ['make' => 'screen-copy', 'shape' => '8 x 10 in'],
            ['make' => 'screen-copy', 'shape' => '8 x 10 px', 'longSide' => 100],
            ['canvas' => ['depth' => '-2 cm'], 'make' => 'canvas'],
            ['canvas' => ['depth' => '%'], 'make' => 'canvas'],
            ['canvas' => ['soften' => 2], 'make' => 'canvas'],
            ['canvas' => ['edge' => 'folded'], 'make' => 'canvas'],
            ['make' => 'panels', 'panels' => ['columns' => array_fill(0, 40, 1)]],
            ['make' => 'panels', 'panels' => ['columns' => []]],
            ['make' => 'panels', 'panels' => ['columns' => ['30 in', 2]]],
            ['make' => 'panels', 'panels' => ['rows' => [0]]],
            ['viewedFrom' => '0 in'],
        ];
        foreach ($changes as $change) {
            $message = $this->change($line, $change)->assertUnprocessable()->json('message');
            self::assertNotSame('', $message, (string) json_encode($change));
        }
        self::assertSame(1, $line->fresh()?->version);
        $this->change($line, ['picture' => 'nowhere.jpg'])
            ->assertUnprocessable()
            ->assertJsonPath('message', 'This order has no picture “nowhere.jpg”.');
    }

    public function test_what_it_is_made_into_is_changed_and_what_the_other_said_is_dropped(): void
    {
        $line = $this->line('8 x 10 in', ['border' => '1 in', 'window' => ['x' => 0.4, 'y' => 0.5, 'tight' => 1.5]]);
        $answer = $this->change($line, ['make' => 'canvas', 'canvas' => ['depth' => '20 mm']])->assertOk();
        self::assertSame(
            ['make' => 'canvas', 'canvas' => ['depth' => '20 mm']],
            array_intersect_key($answer->json('line'), ['make' => 1, 'canvas' => 1, 'border' => 1]),
        );
        self::assertSame(0.4, $answer->json('line.window.x'), 'the window stays');
        self::assertSame(['depth' => 20, 'spare' => 0], $answer->json('drawing.wrap'));
        self::assertSame('20 mm', $answer->json('uses.depth'));
        $this->patchJson("/api/lines/{$line->id}", [
            'version' => $line->fresh()?->version,
            'figure' => ['name' => 'depth-right', 'typed' => '0.787 in'],
        ])
            ->assertOk()
            ->assertJsonPath('line.canvas.depth', '0.787 in');
        $this->change($line, ['make' => 'panels', 'panels' => ['columns' => [1, 1]]])
            ->assertOk()
            ->assertJsonMissingPath('line.canvas')
            ->assertJsonCount(1, 'drawing.joints');
        $this->change($line, ['make' => 'print', 'panels' => null])
            ->assertOk()
            ->assertJsonMissingPath('line.panels');
    }

    public function test_forty_columns_are_said_to_be_too_many(): void
    {
        $message = $this->change($this->line(), ['make' => 'panels', 'panels' => ['columns' => array_fill(0, 40, 1)]])
            ->assertUnprocessable()
            ->json('message');
        self::assertStringContainsString('40 columns are more than anybody hangs; at most 12', $message);
    }

    public function test_a_joint_is_moved_by_its_figure_and_never_past_its_neighbour(): void
    {
        $line = $this->line('90 x 60 in', ['make' => 'panels', 'panels' => ['columns' => [1, 1, 1], 'gap' => '1 in']]);
        $type = fn (string $name, string $typed) => $this->patchJson("/api/lines/{$line->id}", [
            'version' => $line->fresh()?->version,
            'figure' => ['name' => $name, 'typed' => $typed],
        ]);
        $answer = $type('joint-column-2', '64.5 in')->assertOk();
        self::assertSame(['30 in', '34.5 in', '25.5 in'], $answer->json('line.panels.columns'));
        self::assertSame(
            ['column-1', 'column-2', 'column-3', 'gap-across', 'paper-height'],
            array_values(
                array_filter(array_column($answer->json('drawing.dimensions'), 'name'), fn (string $name): bool => $name !== 'wall-width'),
            ),
        );
        self::assertSame(['20 in', '44.5 in', '25.5 in'], $type('column-1', '20 in')->assertOk()->json('line.panels.columns'));
        self::assertSame(
            ['20 in', '40 in', '30 in'],
            $type('column-3', '30 in')->assertOk()->json('line.panels.columns'),
            'the last takes from the one before',
        );
        self::assertStringContainsString(
            'can’t go past its neighbour: this one lies between',
            $type('joint-column-2', '10 in')->assertUnprocessable()->json('message'),
        );
        self::assertStringContainsString('can’t go past its neighbour', $type('column-2', '95 in')->assertUnprocessable()->json('message'));
        $type('joint-column-3', '10 in')->assertUnprocessable()->assertJsonPath('message', 'There is no such panel.');
        $type('gap-across', '2 in')->assertOk()->assertJsonPath('line.panels.gap', '2 in');
        self::assertSame(['20 in', '40 in', '30 in'], $line->fresh()?->wanted['panels']['columns']);
    }

    public function test_no_copies_stops_the_line_and_one_press_mends_it(): void
    {
        $line = $this->line();
        $answer = $this->change($line, ['copies' => 0])->assertOk();
        self::assertSame('copies-zero', $answer->json('findings.0.code'));
        $this->pass($line)
            ->assertUnprocessable()
            ->assertJsonPath(
                'message',
                'It can’t pass: No copies. The line asks for 0 prints, so nothing would be made. Give a number, or remove the line.',
            );
        $this->change($line, $answer->json('findings.0.remedy.change'))->assertOk();
        $this->pass($line)->assertOk()->assertJsonPath('state', 'passed');
    }

    public function test_a_change_made_on_an_older_version_is_refused_and_shown(): void
    {
        $line = $this->line();
        $this->change($line, ['copies' => 3], 1)
            ->assertOk()
            ->assertJsonPath('version', 2);
        $answer = $this->change($line, ['copies' => 9], 1)->assertConflict();
        self::assertSame([2, 3], [$answer->json('line.version'), $answer->json('line.line.copies')]);
        self::assertSame(3, $line->fresh()?->wanted['copies']);
        $this->postJson("/api/lines/{$line->id}/pass", ['version' => 1])->assertConflict();
        $this->deleteJson("/api/lines/{$line->id}", ['version' => 1])->assertConflict();
    }

    public function test_a_line_removed_meanwhile_is_told(): void
    {
        $line = $this->line();
        $this->deleteJson("/api/lines/{$line->id}", ['version' => 1])->assertNoContent();
        $this->patchJson("/api/lines/{$line->id}", ['version' => 1, 'change' => ['copies' => 2]])->assertNotFound();
    }

    public function test_passing_records_what_there_was_to_look_at_and_a_change_opens_it_again(): void
    {
        $line = $this->line('8 x 10 in');
        $this->pass($line)->assertOk()->assertJsonPath('state', 'passed');
        self::assertContains('cut-much', array_column($line->fresh()->passed_with ?? [], 'code'));
        $this->change($line, ['copies' => 2])
            ->assertOk()
            ->assertJsonPath('state', 'open');
        self::assertNull($line->fresh()?->passed_with);
        $this->pass($line);
        $this->postJson("/api/lines/{$line->id}/hold", ['version' => $line->fresh()?->version])
            ->assertOk()
            ->assertJsonPath('state', 'open');
    }

    public function test_what_is_cut_and_folded_is_seen_before_it_passes(): void
    {
        $print = $this->line();
        $canvas = $this->line('12 x 18 in', ['make' => 'canvas', 'output' => ['ppi' => 20], 'viewedFrom' => '1000 cm']);
        $all = array_map(fn (Line $line): array => ['id' => $line->id, 'version' => $line->fresh()?->version], [$print, $canvas]);
        $answer = $this->postJson("/api/orders/{$this->order->id}/pass", ['lines' => $all])->assertOk();
        self::assertSame([$print->id], array_column((array) $answer->json('lines'), 'id'), 'many at once are those that need no eyes');
        self::assertStringContainsString('Line 2, a canvas', (string) $answer->json('missed.0'));
        self::assertStringContainsString('looked at', (string) $answer->json('missed.0'));
        $left = (array) $this->getJson("/api/orders/{$this->order->id}/make")
            ->assertOk()
            ->json('leftOut');
        self::assertSame([[2, false]], array_map(fn (array $line): array => [$line['number'], $line['canPass']], $left));
        $this->pass($canvas)->assertOk();
        $this->getJson("/api/orders/{$this->order->id}/make")->assertJsonPath('leftOut', []);
    }

    public function test_a_line_that_nobody_passed_is_told_where_files_are(): void
    {
        $one = $this->line();
        $this->getJson("/api/orders/{$this->order->id}/make")->assertJsonPath('leftOut', []); // nothing is passed yet
        $this->pass($one)->assertOk();
        $this->line('5 x 7 in');
        $left = (array) $this->getJson("/api/orders/{$this->order->id}/make")
            ->assertOk()
            ->json('leftOut');
        self::assertSame([2], array_column($left, 'number'));
    }

    public function test_a_number_of_prints_far_beyond_what_is_usual_is_looked_at(): void
    {
        $line = $this->line();
        $this->change($line, ['copies' => 200])->assertJsonMissing(['code' => 'copies-many']);
        $this->change($line, ['copies' => 201])->assertJsonFragment(['code' => 'copies-many', 'level' => 'look']);
        $this->change($line, ['size' => '10 x 12 in', 'copies' => 61])->assertJsonFragment(['code' => 'copies-many']);
    }

    public function test_a_removed_line_comes_back_with_its_number(): void
    {
        $line = $this->line();
        $this->deleteJson("/api/lines/{$line->id}", ['version' => 1])->assertNoContent();
        $this->line('8 x 10 in');
        $this->getJson("/api/orders/{$this->order->id}")
            ->assertJsonCount(1, 'lines')
            ->assertJsonPath('lines.0.number', 2);
        $this->postJson("/api/lines/{$line->id}/restore")->assertOk();
        $this->getJson("/api/orders/{$this->order->id}")->assertJsonPath('lines.*.number', [1, 2]);
    }

    public function test_another_picture_starts_with_a_window_of_its_own(): void
    {
        $line = $this->line(change: ['window' => ['x' => 0.3, 'tight' => 2]]);
        $this->upload(self::pictureBytes(blue: 3), 'slipway.jpg');
        $this->change($line, ['picture' => 'slipway.jpg'])
            ->assertOk()
            ->assertJsonMissingPath('line.window')
            ->assertJsonPath('uses.window', ['x' => 0.5, 'y' => 0.5, 'tight' => 1]);
    }

    public function test_a_picture_missing_or_changed_on_disk_stops_its_lines(): void
    {
        $line = $this->line();
        $path = $this->original('dawn-boat.jpg');
        $bytes = (string) file_get_contents($path);
        chmod($path, 0644);
        file_put_contents($path, self::pictureBytes(300, 200));
        clearstatcache(); // another request would start without it
        $this->getJson("/api/orders/{$this->order->id}")->assertJsonPath('lines.0.findings.0.code', 'picture-changed');
        $this->pass($line)->assertUnprocessable();
        unlink($path);
        $this->getJson("/api/orders/{$this->order->id}")->assertJsonPath('lines.0.findings.0.code', 'picture-missing');
        $this->upload($bytes, 'dawn-boat.jpg')
            ->assertCreated()
            ->assertJson(['already' => true]);
        $this->pass($line)->assertOk();
    }

    public function test_the_preview_is_of_the_plan_it_was_asked_for(): void
    {
        $line = $this->line();
        $hash = $this->getJson("/api/orders/{$this->order->id}")->json('lines.0.planHash');
        $sent = (string) $this->get("/api/lines/{$line->id}/preview/{$hash}")
            ->assertOk()
            ->headers->get('X-Accel-Redirect');
        self::assertSame([1600, 1067], array_slice(getimagesize(storage_path('app/'.substr($sent, strlen('/_private/')))) ?: [], 0, 2));
        $this->change($line, ['window' => ['tight' => 2]]);
        $this->getJson("/api/lines/{$line->id}/preview/{$hash}")->assertNotFound();
    }

    public function test_a_figure_of_the_drawing_is_typed(): void
    {
        $line = $this->line('8 x 10 in', ['fit' => 'whole', 'border' => '1 in']);
        $type = fn (string $name, string $typed) => $this->patchJson("/api/lines/{$line->id}", [
            'version' => $line->fresh()?->version,
            'figure' => ['name' => $name, 'typed' => $typed],
        ]);
        $type('image-width', '6 in')
            ->assertOk()
            ->assertJsonPath('line.image', ['width' => '6 in']);
        $type('margin-left', '3 cm')
            ->assertOk()
            ->assertJsonPath('line.image', ['width' => '194 mm']);
        self::assertStringContainsString('is not a length', $type('paper-width', 'banana')->assertUnprocessable()->json('message'));
        self::assertStringContainsString('vanish', $type('margin-left', '6 in')->assertUnprocessable()->json('message'));
        $type('paper-width', '30 cm')->assertOk()->assertJsonPath('line.size', '30 cm x 8 in');
    }

    public function test_a_line_is_put_back_as_it_was(): void
    {
        $line = $this->line('8 x 10 in', ['border' => '1 in', 'copies' => 4]);
        $before = $this->getJson("/api/orders/{$this->order->id}")->json('lines.0.line');
        $this->upload(self::pictureBytes(blue: 3), 'slipway.jpg');
        $this->change($line, [
            'picture' => 'slipway.jpg',
            'border' => null,
            'size' => '4 x 6 in',
            'keyline' => ['width' => '1 mm'],
        ])->assertOk();
        $this->putJson("/api/lines/{$line->id}", ['version' => 1, 'line' => $before])->assertConflict();
        $after = $this->putJson("/api/lines/{$line->id}", ['version' => $line->fresh()?->version, 'line' => $before])
            ->assertOk()
            ->json('line');
        self::assertSame($before, $after);
    }

    public function test_what_must_stay_in_is_marked_once_for_all_lines(): void
    {
        $first = $this->line('8 x 10 in');
        $second = $this->line('4 x 6 in', ['window' => ['x' => 0.2, 'tight' => 2]]);
        $sha256 = $this->order->pictures()->firstOrFail()->picture->sha256;
        $area = ['label' => 'the boat', 'x' => 0.7, 'y' => 0.4, 'width' => 0.2, 'height' => 0.2];
        $this->putJson("/api/pictures/{$sha256}/must-stay-in", ['areas' => [$area], 'seen' => []])
            ->assertOk()
            ->assertJson(['areas' => [$area]]);
        $lines = $this->getJson("/api/orders/{$this->order->id}")->json('lines');
        self::assertContains('must-stay-in-clear', array_column($lines[0]['findings'], 'code'));
        self::assertSame('must-stay-in-cut', $lines[1]['findings'][0]['code']);
        self::assertSame(
            '“the boat”',
            $lines[0]['sentence'][array_search('marked', array_column($lines[0]['sentence'], 'word'), true)]['text'] ?? null,
        );
        $this->pass($second)->assertUnprocessable();
        $this->change($second, $lines[1]['findings'][0]['remedy']['change'])->assertOk();
        $this->pass($second)->assertOk();
        self::assertNotNull($first->fresh());

        $this->putJson("/api/pictures/{$sha256}/must-stay-in", ['areas' => [], 'seen' => []])
            ->assertConflict()
            ->assertJson(['areas' => [$area]]);
        $wrongs = [
            ['x' => 0.9, 'y' => 0, 'width' => 0.2, 'height' => 0.1],
            ['x' => 0, 'y' => 0, 'width' => 0, 'height' => 1],
            ['x' => 'left'],
        ];
        foreach ($wrongs as $wrong) {
            $this->putJson("/api/pictures/{$sha256}/must-stay-in", ['areas' => [$wrong], 'seen' => [$area]])->assertUnprocessable();
        }
    }

    public function test_what_becomes_of_the_colours_is_measured_of_lines_nobody_has_opened(): void
    {
        $line = $this->line('8 x 10 in');
        $codes = fn (): array => array_column($this->getJson("/api/orders/{$this->order->id}")->json('lines.0.findings'), 'code');
        self::assertNotContains('colours-fit', $codes(), 'the job that measures is asked for by the first look at the sheet');
        self::assertContains('colours-fit', $codes());
        $this->change($line, ['size' => '4 x 6 in'])->assertOk();
        self::assertNotContains('colours-fit', $codes());
        self::assertContains('colours-fit', $codes());
    }

    public function test_what_can_t_be_measured_keeps_the_sheet_from_nothing(): void
    {
        $this->line('8 x 10 in');
        rename(storage_path('app/proxies'), storage_path('app/away'));
        touch(storage_path('app/proxies')); // nor can copies be made anew
        Log::shouldReceive('warning')->once()->withArgs(fn (string $said): bool => str_contains($said, 'could not be measured'));
        foreach ([1, 2] as $_) {
            $codes = array_column(
                $this->getJson("/api/orders/{$this->order->id}")
                    ->assertOk()
                    ->json('lines.0.findings'),
                'code',
            );
            self::assertNotContains('colours-fit', $codes);
        }
        $view = $this->getJson("/api/orders/{$this->order->id}")->json('lines.0');
        unlink(storage_path('app/proxies'));
        rename(storage_path('app/away'), storage_path('app/proxies'));
        $this->getJson("/api/lines/{$view['id']}/seen/{$view['planHash']}")->assertOk();
        self::assertContains(
            'colours-fit',
            array_column($this->getJson("/api/orders/{$this->order->id}")->json('lines.0.findings'), 'code'),
            'on the bench it is tried again at once',
        );
    }

    public function test_a_picture_is_looked_at(): void
    {
        $this->line();
        $looked = $this->getJson('/api/pictures/'.$this->order->pictures()->firstOrFail()->picture->sha256.'/looked')
            ->assertOk()
            ->json();
        self::assertNotEmpty($looked['colours']);
        self::assertMatchesRegularExpression('/^#[0-9a-f]{6}$/', $looked['colours'][0]['code']);
        self::assertNotSame('', $looked['colours'][0]['name']);
        self::assertLessThanOrEqual(1, $looked['suggestion']['x'] + $looked['suggestion']['width']);
    }
}
