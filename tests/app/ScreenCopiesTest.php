<?php

declare(strict_types=1);

namespace Tests\app;

use App\Making\Zip;
use App\Models\MadeFile;
use App\Models\Make;
use Planisher\Imaging\Vips\Image;
use Planisher\State\FileState;
use Planisher\State\LineState;

/** Copies for screens: a folder and a ZIP of their own, never among the lab's files. */
final class ScreenCopiesTest extends TestCase
{
    public function test_the_whole_order_is_copied_for_a_screen(): void
    {
        $this->line();
        $passed = $this->line('8 x 10 in', picture: 'b.jpg');
        $this->pass($passed)->assertOk();
        $this->postJson("/api/orders/{$this->order->id}/screen-copies", [
            'screenCopy' => ['longSide' => 200, 'quality' => 60, 'sharpen' => true],
        ])->assertCreated();
        $files = MadeFile::query()->with('make')->get();
        self::assertCount(2, $files);
        foreach ($files as $file) {
            self::assertSame([FileState::Made, true], [$file->state, $file->is_for_screen], (string) $file->error);
            self::assertStringContainsString('/screen/', $file->path());
            self::assertStringContainsString('screen', $file->name);
            $image = Image::open($file->path());
            self::assertSame(200, max($image->width(), $image->height()));
        }
        self::assertSame(LineState::Passed, $passed->fresh()?->state, 'nothing was made for the lab');
        $answer = $this->getJson("/api/orders/{$this->order->id}/make")->assertOk();
        self::assertSame([null, 'ready'], [$answer->json('makes.0.zip'), $answer->json('makes.0.screenZip')]);
        $make = Make::query()->firstOrFail();
        $this->get("/api/makes/{$make->id}/zip")->assertNotFound();
        $zip = $this->get("/api/makes/{$make->id}/screen-zip")->assertOk();
        self::assertStringContainsString('_screen.zip', (string) $zip->headers->get('Content-Disposition'));
    }

    public function test_a_line_for_a_screen_is_made_with_the_others_and_lies_apart(): void
    {
        $copy = $this->line();
        $this->change($copy, ['make' => 'screen-copy', 'longSide' => 300])
            ->assertOk()
            ->assertJsonPath('drawing.isForScreen', true);
        $print = $this->line('8 x 10 in', picture: 'b.jpg');
        $this->pass($copy)->assertOk();
        $this->pass($print)->assertOk();
        $this->postJson("/api/orders/{$this->order->id}/make")->assertCreated();
        $make = Make::query()->firstOrFail();
        self::assertSame([LineState::Made, LineState::Made], [$copy->fresh()?->state, $print->fresh()?->state]);
        $names = function (bool $forScreens) use ($make): array {
            $zip = new \ZipArchive();
            $zip->open(app(Zip::class)->of($make, $forScreens));

            return array_map(fn (int $at): string => (string) $zip->getNameIndex($at), range(0, $zip->numFiles - 1));
        };
        self::assertCount(1, $names(false));
        self::assertStringNotContainsString('screen', $names(false)[0]);
        self::assertStringContainsString('screen', $names(true)[0]);
    }

    /** A copy that is wanted besides doesn't take the photographer's yes away. */
    public function test_a_copy_besides_leaves_a_line_passed(): void
    {
        $line = $this->line();
        $this->pass($line)->assertOk();
        $this->change($line, ['screenCopy' => ['longSide' => 300]])
            ->assertOk()
            ->assertJsonPath('state', LineState::Passed);
        $this->change($line, ['border' => '0.2 in'])
            ->assertOk()
            ->assertJsonPath('state', LineState::Open);
    }

    public function test_what_cannot_be_copied_is_told(): void
    {
        $copies = fn (array $wanted) => $this->postJson("/api/orders/{$this->order->id}/screen-copies", ['screenCopy' => $wanted]);
        $copies(['longSide' => 800])
            ->assertUnprocessable()
            ->assertJsonPath('message', fn (string $said): bool => str_contains($said, 'No line can be copied'));
        $this->line();
        $copies(['longSide' => 0])->assertUnprocessable();
        $copies(['longSide' => 800, 'quality' => 400])->assertUnprocessable();
        $copies(['banana' => 1])->assertUnprocessable();
        self::assertSame(0, Make::query()->count());
    }
}
