<?php

declare(strict_types=1);

namespace Tests\app;

use App\Models\Line;
use App\Models\MadeFile;
use App\Models\StudioMark;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\File;
use Illuminate\Testing\TestResponse;
use Planisher\Imaging\Vips\Image;
use Planisher\State\FileState;

/** The studio's marks and what lines say with them, and words, through the API and into made files. */
final class MarksTest extends TestCase
{
    private function take(string $bytes, string $name = 'our mark.png'): TestResponse
    {
        $path = storage_path('app/uploads/'.bin2hex(random_bytes(6)));
        file_put_contents($path, $bytes);

        return $this->post('/api/marks', ['mark' => new UploadedFile($path, $name, test: true)], ['Accept' => 'application/json']);
    }

    /** Half see-through. */
    private static function mark(int $side = 60): string
    {
        $path = storage_path('app/uploads/mark.png');
        Image::fromPixels(str_repeat("\xFF\x00\x00\x80", $side * $side), $side, $side, 4)->save('pngsave', $path, []);

        return (string) file_get_contents($path);
    }

    public function test_a_mark_is_kept_once_and_chosen_by_name(): void
    {
        $this->take(self::mark())->assertCreated()->assertJsonPath('name', 'our mark.png')->assertJsonPath('covers', false);
        $this->take(self::mark(), '../../our mark.png')->assertCreated();
        self::assertSame(1, StudioMark::query()->count(), 'the same name is replaced');
        self::assertCount(1, File::files(storage_path('app/marks')));
        $line = $this->line();
        $this->change($line, ['overlays' => [['picture' => 'our mark.png', 'width' => '1 in']]])
            ->assertOk()
            ->assertJsonPath('drawing.added.overlays.0.name', 'our mark.png');
        $this->getJson('/api/marks')->assertOk()->assertJsonPath('marks.0.lines', 1);
        $sha256 = StudioMark::query()->firstOrFail()->sha256;
        $image = $this->get("/api/marks/{$sha256}/image")->assertOk();
        self::assertSame("/_private/marks/{$sha256}.png", $image->headers->get('X-Accel-Redirect'));
    }

    public function test_what_is_no_mark_is_refused(): void
    {
        $this->take('hello')->assertUnprocessable();
        $this->take(self::pictureBytes(), 'photo.png')
            ->assertUnprocessable()
            ->assertJsonPath(
                'message',
                fn (string $said): bool => str_contains($said, '“photo.png” wasn’t taken') && str_contains($said, 'A mark is a PNG'),
            );
        $this->postJson('/api/marks')->assertUnprocessable();
        $this->take(self::pictureBytes(ending: 'png'), 'plain.png')->assertCreated()->assertJsonPath('covers', true);
    }

    public function test_a_mark_taken_away_stops_the_lines_that_name_it(): void
    {
        $this->take(self::mark())->assertCreated();
        $line = $this->line(change: ['overlays' => [['picture' => 'our mark.png']]]);
        $this->deleteJson('/api/marks/'.StudioMark::query()->firstOrFail()->id)->assertNoContent();
        $answer = $this->change($line, ['copies' => 2])->assertOk();
        self::assertContains('mark-missing', self::codes($answer));
        $this->take(self::mark())->assertCreated();
        File::delete(File::files(storage_path('app/marks')));
        self::assertContains('mark-missing', self::codes($this->change($line, ['copies' => 3])->assertOk()), 'its file was lost');
    }

    /** A made file has its words and its mark; made again from its ticket it has the same bytes, whatever has changed since. */
    public function test_files_are_made_with_their_words_and_marks(): void
    {
        $this->take(self::mark())->assertCreated();
        $line = $this->line(
            change: [
                'border' => '0.5 in',
                'caption' => ['parts' => ['client', 'order']],
                'lettering' => [['text' => 'First day', 'colour' => '#ffffff']],
                'overlays' => [['picture' => 'our mark.png']],
            ],
        );
        $answer = $this->getJson("/api/orders/{$this->order->id}")->assertOk();
        self::assertSame('Isholm Rowing Club · 2611-01', $answer->json('lines.0.drawing.added.caption.lines.0.text'));
        self::assertStringContainsString('captioned “Isholm Rowing Club · 2611-01” below it', self::sentence($answer));
        self::assertStringContainsString('lettered “First day” in Newsreader', self::sentence($answer));
        $this->pass($line)->assertOk();
        $this->postJson("/api/orders/{$this->order->id}/make")->assertCreated();
        $file = MadeFile::query()->firstOrFail();
        self::assertSame(FileState::Made, $file->state, (string) $file->error);
        StudioMark::query()->delete();
        $this->order->client->update(['name' => 'Somebody else']);
        File::delete($file->path());
        $this->postJson("/api/files/{$file->id}/again")->assertOk();
        self::assertSame([FileState::Made, $file->sha256], [$file->fresh()?->state, $file->fresh()?->sha256]);
    }

    public function test_a_preview_shows_words_and_marks(): void
    {
        $this->take(self::mark())->assertCreated();
        $line = $this->line();
        $view = fn (): string => (string) $this->get(
            "/api/lines/{$line->id}/preview/".$this->getJson("/api/orders/{$this->order->id}")->json('lines.0.planHash'),
        )
            ->assertOk()
            ->headers->get('X-Accel-Redirect');
        $plain = $view();
        $this->change($line, [
            'overlays' => [['picture' => 'our mark.png', 'where' => 'whole']],
            'lettering' => [['text' => 'Sold']],
        ])->assertOk();
        $marked = $view();
        self::assertNotSame($plain, $marked);
        $mean = fn (string $url): float => Image::open(storage_path('app/'.substr($url, strlen('/_private/'))))
            ->run('extract_band', [0])
            ->mean();
        self::assertGreaterThan($mean($plain) + 30, $mean($marked), 'redder all over');
    }

    public function test_a_house_finish_gives_its_mark_and_its_caption(): void
    {
        $this->take(self::mark())->assertCreated();
        $from = $this->line(
            change: ['border' => '0.5 in', 'caption' => ['parts' => ['date']], 'overlays' => [['picture' => 'our mark.png']]],
        );
        $finish = $this->postJson('/api/house-finishes', [
            'name' => 'Proof',
            'line' => $from->id,
            'choices' => ['border', 'caption', 'overlays'],
        ])
            ->assertCreated()
            ->json('id');
        $to = $this->line('8 x 10 in');
        $this->postJson("/api/orders/{$this->order->id}/house-finishes/{$finish}", [
            'lines' => [['id' => $to->id, 'version' => $to->version]],
        ])->assertOk();
        self::assertSame('our mark.png', Line::query()->findOrFail($to->id)->wanted['overlays'][0]['picture']);
    }

    private static function sentence(TestResponse $answer): string
    {
        return implode('', array_column($answer->json('lines.0.sentence'), 'text'));
    }
}
