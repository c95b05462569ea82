<?php

declare(strict_types=1);

namespace Tests\app;

use App\Files\Disk;
use App\Lines\LineChanger;
use App\Making\MakeFiles;
use App\Making\Making;
use App\Making\PackZip;
use App\Models\Line;
use App\Models\MadeFile;
use App\Models\Make;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Planisher\Finish\Finishes;
use Planisher\Line\LineChange;
use Planisher\State\FileState;
use Planisher\State\LineState;
use Tests\core\Finish\Pair\PairFinish;

final class MakingTest extends TestCase
{
    private function make(): Make
    {
        $id = $this->postJson("/api/orders/{$this->order->id}/make")
            ->assertCreated()
            ->json('id');

        return Make::query()->findOrFail((int) $id);
    }

    public function test_makes_passed_lines_and_reads_them_back(): void
    {
        $first = $this->line();
        $this->pass($first);
        $open = $this->line('8 x 10 in');
        $make = $this->make();
        self::assertMatchesRegularExpression('#^2611-01_isholm-rowing-club/\d{4}-\d\d-\d\d-1$#', $make->folder);
        $file = $this->getJson("/api/orders/{$this->order->id}/make")
            ->assertOk()
            ->assertJsonCount(1, 'makes.0.files')
            ->json('makes.0.files.0');
        self::assertSame(['isholm-rowing-club_4x6_dawn-boat_1.jpg', 'made'], [$file['name'], $file['state']]);
        self::assertSame([], array_filter($file['readBack'], fn (array $figure): bool => ! $figure['agrees']));
        self::assertContains("1800 × 1200\u{2009}px", array_column($file['readBack'], 'found'));
        self::assertSame(['made', 'open'], [$first->fresh()?->state->value, $open->fresh()?->state->value]);

        $answer = $this->get("/api/files/{$file['id']}")->assertOk();
        self::assertStringContainsString(
            'filename="isholm-rowing-club_4x6_dawn-boat_1.jpg"',
            (string) $answer->headers->get('Content-Disposition'),
        );
        $path = storage_path('app/'.substr((string) $answer->headers->get('X-Accel-Redirect'), strlen('/_private/')));
        self::assertSame($file['sha256'], hash_file('sha256', $path));
    }

    public function test_all_files_of_a_set_in_one_zip(): void
    {
        $this->pass($this->line());
        $this->pass($this->line('8 x 10 in'));
        $make = $this->make();
        $answer = $this->get("/api/makes/{$make->id}/zip")->assertOk();
        $zip = new \ZipArchive();
        $zip->open(storage_path('app/'.substr((string) $answer->headers->get('X-Accel-Redirect'), strlen('/_private/'))));
        self::assertSame(2, $zip->numFiles);
        foreach ($make->files as $file) {
            self::assertSame($file->sha256, hash('sha256', (string) $zip->getFromName($file->name)));
        }
    }

    public function test_nothing_passed_makes_nothing(): void
    {
        $this->line();
        $this->postJson("/api/orders/{$this->order->id}/make")
            ->assertUnprocessable()
            ->assertJsonPath('message', 'No line is passed yet. Pass the lines that are right, then make their files.');
        self::assertSame(0, Make::query()->count());
    }

    public function test_a_passed_line_that_is_stopped_since_is_not_made_and_said(): void
    {
        $this->pass($this->line('4 x 6 in'));
        $this->pass($this->line('4 x 6 in', ['window' => ['x' => 0.2, 'tight' => 2]]));
        $sha256 = $this->order->pictures()->firstOrFail()->picture->sha256;
        $this->putJson("/api/pictures/{$sha256}/must-stay-in", [
            'areas' => [['x' => 0.5, 'y' => 0.4, 'width' => 0.2, 'height' => 0.2]],
            'seen' => [],
        ])->assertOk();
        $this->postJson("/api/orders/{$this->order->id}/make")
            ->assertCreated()
            ->assertJsonPath('stopped', ['Line 2 is passed, but was not made: “must stay in” is cut.']);
        self::assertSame(1, MadeFile::query()->count());
    }

    public function test_only_the_chosen_lines(): void
    {
        $lines = [$this->line(), $this->line('8 x 10 in')];
        array_map($this->pass(...), $lines);
        $this->postJson("/api/orders/{$this->order->id}/make", ['lines' => [$lines[1]->id]])->assertCreated();
        self::assertSame([$lines[1]->id], MadeFile::query()->pluck('line_id')->all());
    }

    public function test_each_press_has_a_folder_of_its_own_and_only_what_has_changed_is_made_again(): void
    {
        [$same, $other] = [$this->line(), $this->line('8 x 10 in')];
        array_map($this->pass(...), [$same, $other]);
        $one = $this->make();
        $this->postJson("/api/orders/{$this->order->id}/make")
            ->assertUnprocessable()
            ->assertJsonPath('message', fn (string $said): bool => str_starts_with($said, 'All that is passed is made already'));
        $this->change($other->refresh(), ['size' => '5 x 7 in'])->assertOk();
        $this->pass($other->refresh());
        self::assertSame([$other->id], $this->make()->files->pluck('line_id')->all(), 'only the line that has changed');

        $all = $this->postJson("/api/orders/{$this->order->id}/make", ['lines' => [$same->id, $other->id]])
            ->assertCreated()
            ->json('id');
        $three = Make::query()->findOrFail((int) $all);
        self::assertStringEndsWith('-3', $three->folder);
        self::assertSame([FileState::Made, FileState::Made], $three->files->pluck('state')->all());
        [$before, $after] = [$one->files()->with('make')->firstOrFail(), $three->files()->with('make')->firstOrFail()];
        self::assertSame([$one->folder, null], [$after->made_before, $after->seconds], 'taken over, not made');
        self::assertSame($before->sha256, hash_file('sha256', $after->path()));

        // Lost or damaged, the earlier one is no source: it is made anew, of the same bytes.
        array_map(unlink(...), [$before->path(), $after->path()]);
        $four = $this->postJson("/api/orders/{$this->order->id}/make", ['lines' => [$same->id]])->json('id');
        $again = MadeFile::query()->where('make_id', $four)->sole();
        self::assertSame([null, $before->sha256], [$again->made_before, $again->sha256]);
        self::assertGreaterThan(0, $again->seconds);
    }

    public function test_the_whole_order_is_named_anew_and_lines_that_come_later_are_named_so(): void
    {
        $lines = [$this->line(), $this->line('8 x 10 in')];
        array_map($this->pass(...), $lines);
        $this->make();
        $name = [
            'parts' => ['order', ['text' => 'a rather long piece of words of our own'], ['text' => 'and some more'], 'size', 'number'],
            'join' => '-',
        ];
        $tried = $this->postJson("/api/orders/{$this->order->id}/names/tried", ['name' => $name])
            ->assertOk()
            ->json();
        self::assertSame([60, 60, true], [$tried['most'], $tried['lines'][0]['length'], $tried['lines'][0]['isShortened']]);
        // 2611-01, 4x6, 1, .jpg and what joins them leave 42 letters for both texts: the longer gives way.
        self::assertSame('2611-01-a-rather-long-piece-of-words-and-some-more-4x6-1.jpg', $tried['lines'][0]['files'][0]);
        self::assertNull($lines[0]->refresh()->wanted['name'] ?? null, 'nothing is done yet');
        $one = $this->postJson("/api/orders/{$this->order->id}/names/tried", ['name' => ['parts' => ['size']], 'lines' => [$lines[1]->id]]);
        self::assertSame(['isholm-rowing-club_4x6_dawn-boat_1.jpg', '8x10.jpg'], array_merge(...$one->json('lines.*.files')));
        $this->postJson("/api/orders/{$this->order->id}/names/tried", ['name' => ['parts' => ['shape']]])->assertUnprocessable();

        $seen = array_map(fn (Line $line): array => ['id' => $line->id, 'version' => (int) $line->fresh()?->version], $lines);
        $this->putJson("/api/orders/{$this->order->id}/names", [
            'name' => ['parts' => ['order', 'number']],
            'isForAll' => true,
            'lines' => $seen,
        ])
            ->assertOk()
            ->assertJsonPath('missed', [])
            ->assertJsonPath('before', null)
            ->assertJsonPath('lines.0.fileName', '2611-01_1.jpg');
        self::assertSame('passed', $lines[0]->refresh()->state->value, 'it was looked at, and has only to be made under its new name');
        $later = $this->line('4 x 6 in');
        self::assertSame(['order', 'number'], $later->refresh()->wanted['name']['parts']);
        self::assertSame(['2611-01_1.jpg', '2611-01_2.jpg'], $this->make()->files->pluck('name')->all());

        // Undone, lines that come later are named as everywhere; lines are never left without a name.
        $nothing = ['name' => null, 'isForAll' => true, 'lines' => []];
        $this->putJson("/api/orders/{$this->order->id}/names", $nothing)
            ->assertOk()
            ->assertJsonPath('before.parts', ['order', 'number']);
        self::assertNotSame(['order', 'number'], $this->line('4 x 6 in')->refresh()->wanted['name']['parts'] ?? null);
        $this->putJson("/api/orders/{$this->order->id}/names", ['lines' => $seen] + $nothing)->assertUnprocessable();
    }

    public function test_making_waits_when_it_is_paused_stops_and_goes_on(): void
    {
        config(['queue.default' => 'database']);
        $lines = [$this->line(), $this->line('8 x 10 in'), $this->line('8 x 10 in')];
        array_map($this->pass(...), $lines);
        $make = $this->make();
        $see = fn (): array => (array) $this->getJson("/api/orders/{$this->order->id}/make")
            ->assertOk()
            ->json('makes.0');
        $work = fn () => $make->files()->get()->each(fn (MadeFile $file) => app()->call([new MakeFiles([$file->id]), 'handle']));
        self::assertNull($see()['secondsLeft'], 'nothing was ever made: nobody knows');
        self::assertSame($make->id, $this->make()->id, 'pressed twice it is made once');
        self::assertSame(3, DB::table('jobs')->count());

        $first = $make->files[0];
        app()->call([new MakeFiles([(int) $first?->id]), 'handle']);
        $pixels = array_column($make->files->toArray(), 'pixels');
        self::assertSame([1800 * 1200, 3000 * 2400, 3000 * 2400], $pixels);
        $took = (float) $first?->refresh()->seconds;
        self::assertEqualsWithDelta((($pixels[1] + $pixels[2]) / $pixels[0]) * $took, $see()['secondsLeft'], 0.06);

        $this->postJson("/api/makes/{$make->id}/pause")->assertNoContent();
        $work();
        self::assertSame(['made', 'waiting', 'waiting'], array_column($see()['files'], 'state'));
        self::assertSame(['paused', null], [$see()['held'], $see()['secondsLeft']]);

        $this->postJson("/api/makes/{$make->id}/stop")->assertNoContent();
        $work();
        self::assertSame(['made', 'stopped', 'stopped'], array_column($see()['files'], 'state'));
        self::assertSame('passed', $lines[1]->refresh()->state->value);
        $this->get("/api/makes/{$make->id}/zip")->assertOk();

        // One of them is wanted all the same: it alone is made.
        $this->postJson("/api/files/{$make->files[1]?->id}/again")->assertOk();
        $work();
        self::assertSame(['made', 'made', 'stopped'], array_column($see()['files'], 'state'));

        DB::table('jobs')->delete();
        $this->postJson("/api/makes/{$make->id}/go-on")->assertNoContent();
        self::assertSame(1, DB::table('jobs')->count(), 'only what was left');
        $work();
        $work();
        self::assertSame(['made', 'made', 'made'], array_column($see()['files'], 'state'));
        self::assertSame('made', $lines[1]->refresh()->state->value);
    }

    public function test_a_file_that_a_worker_has_is_not_taken_by_another(): void
    {
        config(['queue.default' => 'database']);
        $this->pass($this->line());
        $file = $this->make()->files()->firstOrFail();
        $file->update(['state' => FileState::Making, 'held_by' => 'elsewhere:1:77']);
        app()->call([new MakeFiles([$file->id]), 'handle']);
        self::assertSame(FileState::Making, $file->refresh()->state);
        self::assertFileDoesNotExist($file->path());
    }

    public function test_a_line_changed_while_it_is_being_made_is_made_as_it_was_passed_and_wants_passing_again(): void
    {
        config(['queue.default' => 'database']);
        $line = $this->line('4 x 6 in');
        $this->pass($line);
        $file = $this->make()->files()->firstOrFail();
        $this->change($line->refresh(), ['size' => '8 x 10 in'])->assertOk();
        app()->call([new MakeFiles([$file->id]), 'handle']);
        self::assertSame(
            [1800, 1200],
            array_slice((array) getimagesize($file->refresh()->path()), 0, 2),
            'six by four inches, as it was passed',
        );
        self::assertSame(LineState::Open, $line->refresh()->state);
        $this->postJson("/api/orders/{$this->order->id}/make")->assertUnprocessable();

        // Passed as it is now, that is what is made.
        $this->pass($line);
        $again = $this->make()->files()->firstOrFail();
        app()->call([new MakeFiles([$again->id]), 'handle']);
        self::assertSame([3000, 2400], array_slice((array) getimagesize($again->refresh()->path()), 0, 2));
        self::assertSame(LineState::Made, $line->refresh()->state);
    }

    public function test_a_picture_changed_after_passing_is_not_printed(): void
    {
        $line = $this->line();
        $this->pass($line);
        $path = $this->original('dawn-boat.jpg');
        $bytes = (string) file_get_contents($path);
        $touched = (int) filemtime($path);
        chmod($path, 0644);
        file_put_contents($path, strrev($bytes)); // the same size and time: only its checksum tells
        touch($path, $touched);
        clearstatcache();
        $make = $this->make();
        $file = $this->getJson("/api/orders/{$this->order->id}/make")->json('makes.0.files.0');
        self::assertSame('failed', $file['state']);
        self::assertStringContainsString('isn’t the file that was measured', $file['error']);
        self::assertSame([], iterator_to_array(app(Disk::class)->all($make->home())));
        $this->getJson("/api/files/{$file['id']}")->assertNotFound();

        file_put_contents($path, $bytes);
        $this->postJson("/api/files/{$file['id']}/again")->assertOk();
        self::assertSame('made', MadeFile::query()->findOrFail((int) $file['id'])->state->value);
        $this->postJson("/api/files/{$file['id']}/again")
            ->assertUnprocessable()
            ->assertJsonPath('message', 'The file is there, whole and unchanged: its checksum was taken just now.');
    }

    /** Lines that were made before and can't be once more are told, whichever way they are asked for. */
    public function test_lines_whose_original_is_gone_are_told_when_the_rest_is_made(): void
    {
        $lines = [$this->line(), $this->line('8 x 10 in', picture: 'gulls.jpg')];
        array_map(fn (Line $line) => $this->pass($line)->assertOk(), $lines);
        $this->make();
        $path = $this->original('gulls.jpg');
        chmod($path, 0644);
        unlink($path);
        $ids = array_column($lines, 'id');
        foreach ([['make', []], ['screen-copies', ['screenCopy' => ['longSide' => 400]]]] as [$what, $given]) {
            $said = $this->postJson("/api/orders/{$this->order->id}/{$what}", ['lines' => $ids] + $given)
                ->assertCreated()
                ->json('stopped');
            self::assertCount(1, $said, $what);
            self::assertMatchesRegularExpression('/^Line 2 .*(was not made|was not copied): /', $said[0]);
        }
    }

    public function test_a_set_passes_and_is_made_as_a_set(): void
    {
        config(['queue.default' => 'database']);
        $line = $this->line('9 x 6 in', ['make' => 'panels', 'panels' => ['columns' => [1, 2, 1]], 'output' => ['ppi' => 50]]);
        $this->pass($line)->assertOk();
        $make = $this->make();
        self::assertSame(
            ['left', 'middle', 'right'],
            $make->files->map(fn (MadeFile $file): string => (string) preg_replace('/^.*_|\.jpg$/', '', $file->name))->all(),
        );
        self::assertSame(1, DB::table('jobs')->count(), 'one job decodes the picture once');
        $ids = array_values($make->files->map(fn (MadeFile $file): int => $file->id)->all());
        app()->call([new MakeFiles([$ids[0], $ids[1]]), 'handle']);
        self::assertSame('passed', $line->refresh()->state->value, 'a set is made when all of it is');
        app()->call([new MakeFiles([$ids[0], $ids[1], $ids[2]]), 'handle']);
        self::assertSame('made', $line->refresh()->state->value);
        self::assertSame(
            [[113, 300], [225, 300], [112, 300]],
            $make
                ->files()
                ->with('make')
                ->get()
                ->map(fn (MadeFile $file): array => array_slice(getimagesize($file->path()) ?: [], 0, 2))
                ->all(),
        );
    }

    /** Neither by itself nor in the set's ZIP: told, and one press makes it again. */
    public function test_a_file_that_was_altered_is_given_to_nobody(): void
    {
        $this->pass($this->line());
        $this->pass($this->line('8 x 10 in'));
        $make = $this->make();
        $file = $make->files()->with('make')->firstOrFail();
        $bytes = (string) file_get_contents($file->path());
        $made = (int) filemtime($file->path());
        chmod($file->path(), 0640);
        foreach (["files/{$file->id}", "makes/{$make->id}/zip"] as $address) {
            file_put_contents($file->path(), substr_replace($bytes, 'x', 900, 1));
            touch($file->path(), $made); // whoever did it hides it
            $this->getJson("/api/{$address}")
                ->assertConflict()
                ->assertJsonPath(
                    'message',
                    "“{$file->name}” isn’t what was made any more: it was changed, moved or lost since. It isn’t given out. Make it again.",
                )
                ->assertJsonPath('file', $file->id);
            self::assertSame(FileState::Failed, $file->fresh()->state ?? null, 'its page says so');
            $this->postJson("/api/files/{$file->id}/again")->assertOk();
            self::assertSame([FileState::Made, $bytes], [$file->fresh()->state ?? null, file_get_contents($file->path())]);
            $this->get("/api/{$address}")->assertOk();
        }
    }

    public function test_a_zip_that_was_altered_is_packed_anew(): void
    {
        $this->pass($this->line());
        $make = $this->make();
        $path = fn (): string => storage_path(
            'app/'.substr((string) $this->get("/api/makes/{$make->id}/zip")->headers->get('X-Accel-Redirect'), 10),
        );
        $sum = hash_file('sha256', $path());
        file_put_contents($path(), 'something', FILE_APPEND);
        self::assertSame($sum, hash_file('sha256', $path()));
    }

    public function test_a_single_panel_is_made_again_after_damage(): void
    {
        $this->pass(
            $this->line('9 x 6 in', ['make' => 'panels', 'panels' => ['columns' => [1, 1, 1]], 'output' => ['ppi' => 50]]),
        )->assertOk();
        $make = $this->make();
        [$left, $middle, $right] = $make->files()->with('make')->get()->all();
        $bytes = (string) file_get_contents($middle->path());
        foreach (['damaged' => substr($bytes, 0, 500), 'lost' => null] as $how => $now) {
            $now === null ? unlink($middle->path()) : file_put_contents($middle->path(), $now);
            $this->postJson("/api/files/{$middle->id}/again")->assertOk();
            self::assertSame($bytes, file_get_contents($middle->path()), $how);
            self::assertSame(['made', $middle->sha256], [$middle->fresh()?->state->value, $middle->fresh()?->sha256]);
        }
        self::assertSame(substr($bytes, 0, 500), file_get_contents("{$middle->path()}.damaged-1"), 'what was there is kept');
        $this->postJson("/api/files/{$left->id}/again")
            ->assertUnprocessable()
            ->assertJsonPath('message', 'The file is there, whole and unchanged: its checksum was taken just now.');
        self::assertSame([$left->sha256, $right->sha256], [$left->fresh()?->sha256, $right->fresh()?->sha256]);
    }

    public function test_a_ticket_is_made_as_it_was_written(): void
    {
        $line = $this->line();
        $this->pass($line);
        config(['queue.default' => 'database']);
        $make = $this->make();
        $this->change($line, ['size' => '8 x 10 in'])->assertOk();
        $file = $make->files()->firstOrFail();
        app()->call([new MakeFiles([$file->id]), 'handle']);
        self::assertSame(['made', [1800, 1200]], [$file->fresh()?->state->value, array_slice(getimagesize($file->path()) ?: [], 0, 2)]);
        self::assertSame('open', $line->refresh()->state->value, 'what is wanted now is not made yet');
    }

    /** Tickets that were written while a line had one picture, and a ticket one beside its line. */
    public function test_a_ticket_of_before_is_still_made(): void
    {
        $this->pass($this->line());
        config(['queue.default' => 'database']);
        $file = $this->make()->files()->firstOrFail();
        $ticket = $file->ticket;
        $ticket['picture'] = $ticket['pictures'][0];
        unset($ticket['pictures']);
        $file->update(['ticket' => $ticket]);
        app()->call([new MakeFiles([$file->id]), 'handle']);
        self::assertSame(['made', [1800, 1200]], [$file->refresh()->state->value, array_slice(getimagesize($file->path()) ?: [], 0, 2)]);
    }

    /** A finish of two pictures, from the change of its line to the file: every part of the way takes what it is given. */
    public function test_a_line_of_two_pictures_is_made_of_both(): void
    {
        Finishes::add(new PairFinish());
        try {
            $line = $this->line('8 x 10 in', ['output' => ['ppi' => 60, 'format' => 'tiff']]);
            $this->upload(self::pictureBytes(blue: 200), 'grey-gull.jpg')->assertCreated();
            $two = LineChange::of(['make' => 'pair', 'pair' => ['other' => 'grey-gull.jpg']]);
            $line = app(LineChanger::class)->change($line, $line->version, $two);
            self::assertSame(['dawn-boat.jpg', 'grey-gull.jpg'], $line->line()->pictures());
            self::assertSame([0, 1], $line->pictures()->orderBy('place')->pluck('place')->all());
            $line->update(['state' => LineState::Passed]);
            app(Making::class)->start($this->order, null);
            $file = MadeFile::query()->sole();
            self::assertCount(2, $file->ticket['pictures']);
            self::assertSame('made', $file->state->value);
            $before = $line->refresh()->wanted;
            $line = app(LineChanger::class)->change($line, $line->version, LineChange::of(['pair' => ['other' => null]]));
            self::assertSame(['dawn-boat.jpg', null], $line->line()->pictures(), 'one is taken out');
            $line = app(LineChanger::class)->replace(
                $line,
                $line->version,
                ['pair' => ['other' => 'grey-gull.jpg']] + $before + ['picture' => 'dawn-boat.jpg'],
            );
            self::assertSame(['dawn-boat.jpg', 'grey-gull.jpg'], $line->line()->pictures(), 'and put back');
        } finally {
            Finishes::forget('pair');
        }
    }

    /** @return array{Make, string} a made set whose ZIP a worker packs, and the ZIP's address */
    private function madeLarge(): array
    {
        $this->pass($this->line());
        $this->pass($this->line('8 x 10 in'));
        $make = $this->make()->load('files.make');
        config(['planisher.zip.mostWaitedFor' => 1000, 'queue.default' => 'database']);
        File::deleteDirectory(storage_path('app/zips'));

        return [$make, "/api/makes/{$make->id}/zip"];
    }

    private function zipOf(Make $make): string
    {
        return $this->getJson("/api/orders/{$make->order_id}/make")->json('makes.0.zip');
    }

    private function work(): void
    {
        Artisan::call('queue:work', ['connection' => 'database', '--stop-when-empty' => true, '--memory' => 4096]);
    }

    public function test_the_zip_of_a_large_set_that_there_is_no_room_for_is_told_and_tried_again(): void
    {
        [$make, $zip] = $this->madeLarge();
        $zips = storage_path('app/zips');
        File::deleteDirectory($zips);
        file_put_contents($zips, 'no folder can be here');
        self::assertSame('packing', $this->zipOf($make));
        $this->work();
        unlink($zips);
        self::assertSame('ready', $this->zipOf($make), 'it can be asked for');
        $this->getJson($zip)->assertStatus(507);
        self::assertSame('packing', $this->zipOf($make), 'and is tried again');
        $this->work();
        $this->get($zip)->assertOk();
    }

    public function test_a_zip_whose_packing_failed_otherwise_is_under_way_no_more(): void
    {
        [$make, $zip] = $this->madeLarge();
        self::assertSame('packing', $this->zipOf($make));
        (new PackZip($make->id))->failed();
        DB::table('jobs')->delete();
        Cache::lock('laravel_unique_job:'.PackZip::class.":{$make->id} 0")->forceRelease();
        $this->getJson($zip)->assertConflict();
        $this->work();
        $this->get($zip)->assertOk();
    }

    public function test_the_zip_of_a_large_set_with_a_file_that_was_altered_names_it(): void
    {
        [$make, $zip] = $this->madeLarge();
        $file = $make->files->firstOrFail();
        $path = app(Disk::class)->path($file->key());
        unlink($path);
        file_put_contents($path, 'something else');
        $this->zipOf($make);
        $this->work();
        self::assertSame('ready', $this->zipOf($make));
        self::assertSame('ready', $this->zipOf($make), 'it isn’t packed again and again');
        $this->getJson($zip)->assertConflict()->assertJsonPath('file', $file->id);
    }

    /** Wherever in making a file the database goes away, it waits: it isn't the file's fault. */
    public function test_a_database_that_is_away_while_a_file_is_made_is_waited_for(): void
    {
        $this->pass($this->line());
        $away = ['select' => true];
        DB::beforeExecuting(function (string $query) use (&$away): void {
            if (isset($away[strtok($query, ' ')]) && str_contains($query, 'ticket_hash')) {
                throw new \PDOException('SQLSTATE[HY000]: General error: 2006 MySQL server has gone away');
            }
        });
        $file = $this->make()->files()->firstOrFail();
        self::assertSame([FileState::Waiting, true], [$file->state, str_contains((string) $file->error, 'database')]);
        $away = [];
        dispatch_sync(new MakeFiles([$file->id]));
        self::assertSame([FileState::Made, null], [$file->refresh()->state, $file->error]);
    }
}
