<?php

declare(strict_types=1);

namespace Tests\app;

use App\Models\Picture;
use App\Models\Studio;
use Illuminate\Support\Facades\File;
use Symfony\Component\Process\Process;

/** The studio's pictures folder: shown as it is, taken from by choosing, never changed. */
final class FolderTest extends TestCase
{
    private string $folder;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir().'/planisher-pictures-'.bin2hex(random_bytes(4));
        File::ensureDirectoryExists("{$this->folder}/fair");
        Studio::query()->create(['name' => 'Wren Halloway', 'pictures_folder' => $this->folder]);
    }

    protected function tearDown(): void
    {
        File::deleteDirectory($this->folder);
        parent::tearDown();
    }

    private function lay(string $name, int $blue = 90, int $age = 60): string
    {
        $path = "{$this->folder}/{$name}";
        file_put_contents($path, self::pictureBytes(blue: $blue));
        touch($path, time() - $age);

        return $path;
    }

    public function test_it_is_shown_as_it_is(): void
    {
        $this->lay('b2.jpg', 1, 30);
        $this->lay('b10.jpg', 2, 90);
        $rated = $this->lay('a.jpg', 3, 50);
        // written by exiftool, which implements both standards
        (new Process([
            'exiftool',
            '-q',
            '-overwrite_original',
            '-XMP:Rating=4',
            '-DateTimeOriginal=2026:11:03 07:12:00',
            '-ModifyDate=2026:11:09 10:00:00',
            $rated,
        ]))->mustRun();
        touch($rated, time() - 50);
        file_put_contents("{$this->folder}/b2.xmp", '<rdf:Description xmp:Rating="2"/>');
        file_put_contents("{$this->folder}/notes.txt", 'x');
        file_put_contents("{$this->folder}/.hidden.jpg", 'x');
        $page = $this->getJson('/api/pictures-folder')->assertOk();
        self::assertSame(['a.jpg', 'b2.jpg', 'b10.jpg'], array_column($page->json('files'), 'name'));
        self::assertSame([4, 2, null], array_column($page->json('files'), 'rating'));
        self::assertSame('2026-11-03T07:12:00', $page->json('files.0.takenAt'));
        self::assertSame([['fair'], 3, 1], [$page->json('folders'), $page->json('pictures'), $page->json('others')]);
        $newest = array_column($this->getJson('/api/pictures-folder?sort=newest')->json('files'), 'name');
        self::assertSame(['b2.jpg', 'a.jpg', 'b10.jpg'], $newest);
        $this->get('/api/pictures-folder/thumb?file=a.jpg')->assertOk()->assertHeader('Content-Type', 'image/jpeg');
    }

    public function test_a_picture_is_copied_once_and_never_changed(): void
    {
        $path = $this->lay('slipway.jpg');
        copy($path, "{$this->folder}/fair/again.jpg");
        touch("{$this->folder}/fair/again.jpg", time() - 60);
        [$sum, $time] = [hash_file('sha256', $path), filemtime($path)];
        $take = fn (string $file) => $this->postJson("/api/orders/{$this->order->id}/pictures-folder", ['file' => $file]);
        $take('slipway.jpg')
            ->assertCreated()
            ->assertJson(['name' => 'slipway.jpg', 'already' => false]);
        $take('fair/again.jpg')
            ->assertCreated()
            ->assertJson(['name' => 'slipway.jpg', 'already' => true]);
        self::assertSame(1, Picture::query()->count());
        clearstatcache();
        self::assertSame([$sum, $time], [hash_file('sha256', $path), filemtime($path)]);
        self::assertSame([], glob(storage_path('app/incoming/*')), 'nothing is left of the copy');
    }

    public function test_what_cannot_be_taken(): void
    {
        $take = fn (string $file) => $this->postJson("/api/orders/{$this->order->id}/pictures-folder", ['file' => $file]);
        $this->lay('new.jpg', age: 0);
        self::assertStringContainsString('still being written', $take('new.jpg')->assertUnprocessable()->json('message'));
        self::assertTrue($this->getJson('/api/pictures-folder')->json('files.0.isBeingWritten'));
        foreach (['../etc/passwd', 'fair/../../x.jpg', 'gone.jpg', "a\0b.jpg"] as $outside) {
            $take($outside)->assertUnprocessable();
        }
        symlink('/etc/hosts', "{$this->folder}/link.jpg");
        $take('link.jpg')->assertUnprocessable();
        File::deleteDirectory($this->folder);
        self::assertStringContainsString('isn’t there', $this->getJson('/api/pictures-folder')->assertUnprocessable()->json('message'));
    }

    /** A pipe holds whoever opens it; a link leads elsewhere; what is too large isn't copied first. */
    public function test_what_is_no_plain_file_of_the_folder_is_neither_shown_nor_opened(): void
    {
        posix_mkfifo("{$this->folder}/pipe.jpg", 0644);
        posix_mkfifo("{$this->folder}/beside.xmp", 0644);
        $this->lay('beside.jpg');
        $outside = sys_get_temp_dir().'/planisher-outside-'.bin2hex(random_bytes(4));
        File::ensureDirectoryExists($outside);
        try {
            file_put_contents("{$outside}/theirs.jpg", self::pictureBytes());
            symlink("{$outside}/theirs.jpg", "{$this->folder}/theirs.jpg");
            symlink($outside, "{$this->folder}/elsewhere");
            symlink("{$this->folder}/beside.jpg", "{$this->folder}/within.jpg");
            $huge = fopen("{$this->folder}/huge.jpg", 'w') ?: self::fail('no file');
            ftruncate($huge, 500_000_000);
            touch("{$this->folder}/huge.jpg", time() - 60);
            $began = microtime(true);
            $page = $this->getJson('/api/pictures-folder')->assertOk();
            self::assertEqualsCanonicalizing(['beside.jpg', 'within.jpg', 'huge.jpg'], array_column($page->json('files'), 'name'));
            self::assertSame(['fair'], $page->json('folders'));
            $take = fn (string $file) => $this->postJson("/api/orders/{$this->order->id}/pictures-folder", ['file' => $file]);
            self::assertStringContainsString('no plain file', $take('pipe.jpg')->assertUnprocessable()->json('message'));
            self::assertStringContainsString('the largest taken is', $take('huge.jpg')->assertUnprocessable()->json('message'));
            $take('theirs.jpg')->assertUnprocessable();
            $this->get('/api/pictures-folder/thumb?file=pipe.jpg')->assertNotFound();
            $this->get('/api/pictures-folder/thumb?file=elsewhere/theirs.jpg')->assertUnprocessable();
            self::assertLessThan(5, microtime(true) - $began, 'nobody waits for a pipe');
            $take('within.jpg')->assertCreated();
            self::assertSame([], glob(storage_path('app/incoming/*')));
        } finally {
            File::deleteDirectory($outside);
        }
    }

    public function test_a_large_folder_comes_a_page_at_a_time(): void
    {
        for ($i = 0; $i < 300; $i++) {
            touch("{$this->folder}/p{$i}.jpg", time() - 100);
        }
        $page = $this->getJson('/api/pictures-folder?page=3')->assertOk();
        self::assertSame([300, 3, 60], [$page->json('pictures'), $page->json('pages'), count($page->json('files'))]);
        self::assertLessThan(100_000, strlen((string) $page->getContent()));
    }
}
