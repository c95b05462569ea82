<?php

declare(strict_types=1);

namespace Tests\app;

use App\Models\Picture;
use App\Pictures\Incoming;
use Illuminate\Support\Facades\File;
use PHPUnit\Framework\Attributes\DataProvider;

final class PicturesTest extends TestCase
{
    public function test_a_picture_is_kept_as_it_came(): void
    {
        $bytes = self::pictureBytes();
        $this->upload($bytes, 'dawn-boat.jpg')
            ->assertCreated()
            ->assertJson(['name' => 'dawn-boat.jpg', 'already' => false]);
        $sha256 = hash('sha256', $bytes);
        self::assertStringEqualsFile($this->original('dawn-boat.jpg'), $bytes);
        self::assertSame(0o440, fileperms($this->original('dawn-boat.jpg')) & 0o777, 'nobody writes it again');
        foreach (['screen' => 480, 'thumb' => 256] as $kind => $width) {
            $sent = (string) $this->get("/api/pictures/{$sha256}/{$kind}")
                ->assertOk()
                ->headers->get('X-Accel-Redirect');
            self::assertSame($width, getimagesize(storage_path('app/'.substr($sent, strlen('/_private/'))))[0] ?? 0);
        }
        $this->getJson("/api/orders/{$this->order->id}")->assertJsonPath('pictures.0.size', "480 × 320\u{2009}px");
    }

    public function test_the_same_file_twice_is_one_picture(): void
    {
        $bytes = self::pictureBytes();
        $this->upload($bytes, 'a.jpg')->assertCreated();
        $this->upload($bytes, 'copy of a.jpg')
            ->assertCreated()
            ->assertJson(['name' => 'a.jpg', 'already' => true]);
        self::assertSame(1, $this->order->pictures()->count());
    }

    public function test_two_pictures_of_one_name_are_told_apart(): void
    {
        $this->upload(self::pictureBytes(blue: 1), 'a.jpg')
            ->assertCreated()
            ->assertJson(['name' => 'a.jpg']);
        $this->upload(self::pictureBytes(blue: 2), 'a.jpg')
            ->assertCreated()
            ->assertJson(['name' => 'a-2.jpg', 'already' => false]);
    }

    public function test_pictures_stand_by_their_names_whichever_came_first(): void
    {
        foreach (['IMG_10.jpg', 'gulls.jpg', 'IMG_9.jpg', 'Éclair.jpg', 'img_0412.jpg'] as $n => $name) {
            $this->upload(self::pictureBytes(blue: $n), $name)->assertCreated();
        }
        $names = array_column((array) $this->getJson("/api/orders/{$this->order->id}")->json('pictures'), 'name');
        self::assertSame(['gulls.jpg', 'IMG_9.jpg', 'IMG_10.jpg', 'img_0412.jpg', 'Éclair.jpg'], $names);
    }

    /** Screen-sized copies can be made again: they are, when they are asked for, byte for byte. */
    public function test_copies_that_are_gone_come_back_from_the_original(): void
    {
        $this->upload(self::pictureBytes(), 'dawn-boat.jpg')->assertCreated();
        $sha256 = Picture::query()->firstOrFail()->sha256;
        $path = fn (string $kind): string => storage_path('app/proxies/'.substr($sha256, 0, 2)."/{$sha256}-{$kind}.jpg");
        $before = [md5_file($path('screen')), md5_file($path('thumb'))];
        File::deleteDirectory(storage_path('app/proxies'));
        $this->get("/api/pictures/{$sha256}/thumb")->assertOk();
        self::assertSame($before, [md5_file($path('screen')), md5_file($path('thumb'))]);
        File::deleteDirectory(storage_path('app/proxies'));
        $line = $this->line();
        $hash = $this->getJson("/api/orders/{$this->order->id}")->json('lines.0.planHash');
        $this->get("/api/lines/{$line->id}/histogram/{$hash}")->assertOk();
        File::deleteDirectory(storage_path('app/proxies'));
        File::deleteDirectory(storage_path('app/pictures'));
        $this->getJson("/api/pictures/{$sha256}/thumb")->assertNotFound();
    }

    public function test_a_name_never_becomes_a_path(): void
    {
        $this->upload(self::pictureBytes(), '../../../../etc/passwd.jpg')
            ->assertCreated()
            ->assertJson(['name' => 'passwd.jpg']);
        $this->upload(self::pictureBytes(blue: 7), '..\\..\\boot.jpg')
            ->assertCreated()
            ->assertJson(['name' => 'boot.jpg']);
        $kept = array_map(fn ($file): string => $file->getFilename(), File::allFiles(storage_path('app/pictures')));
        self::assertCount(2, $kept);
        self::assertSame([], array_filter($kept, fn (string $name): bool => preg_match('/^[0-9a-f]{64}\.jpg$/', $name) !== 1));
    }

    #[DataProvider('refused')]
    public function test_refuses_by_name_and_keeps_nothing(string $kind, string $name, string $says): void
    {
        $bytes = match ($kind) {
            'text' => 'not a picture at all',
            'svg' => '<svg xmlns="http://www.w3.org/2000/svg"><rect width="9" height="9"/></svg>',
            'cut' => substr(self::pictureBytes(), 0, 4000),
            'empty' => '',
            default => self::hugePng(),
        };
        $message = $this->upload($bytes, $name)->assertUnprocessable()->json('message');
        self::assertStringStartsWith("“{$name}” wasn’t taken: ", $message);
        self::assertStringContainsString($says, $message);
        self::assertSame(0, Picture::query()->count());
        self::assertSame([], File::isDirectory(storage_path('app/pictures')) ? File::allFiles(storage_path('app/pictures')) : []);
        self::assertSame([], File::isDirectory(storage_path('app/proxies')) ? File::allFiles(storage_path('app/proxies')) : []);
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function refused(): iterable
    {
        yield 'no picture' => ['text', 'notes.jpg', 'it is not a picture'];
        yield 'an SVG' => ['svg', 'logo.svg', 'SVG drawing'];
        yield 'cut off half-way' => ['cut', 'half.jpg', 'cut off or damaged'];
        yield 'empty' => ['empty', 'nothing.jpg', 'it is empty'];
        yield 'a claim of 60 000 × 60 000' => ['huge', 'huge.png', "60\u{2009}000 × 60\u{2009}000"];
    }

    public function test_an_upload_that_broke_off(): void
    {
        $this->post("/api/orders/{$this->order->id}/pictures", [], ['Accept' => 'application/json'])
            ->assertUnprocessable()
            ->assertJson(['message' => 'The upload broke off. Nothing was kept; try it again.']);
    }

    public function test_an_upload_that_takes_long_is_read_by_a_worker(): void
    {
        $path = storage_path('app/uploads/slow.jpg');
        file_put_contents($path, self::pictureBytes());
        $token = app(Incoming::class)->later($this->order, $path, 'slow.jpg'); // the queue is run at once in tests
        $this->getJson("/api/orders/{$this->order->id}/incoming/{$token}")
            ->assertOk()
            ->assertJson(['state' => 'taken', 'name' => 'slow.jpg', 'already' => false]);
        self::assertSame('slow.jpg', $this->order->pictures()->sole()->name);
        self::assertFileDoesNotExist(app(Incoming::class)->path($token));

        file_put_contents($path, 'no picture');
        $token = app(Incoming::class)->later($this->order, $path, 'text.jpg');
        $this->getJson("/api/orders/{$this->order->id}/incoming/{$token}")
            ->assertOk()
            ->assertJsonPath('state', 'refused');
        self::assertFileDoesNotExist(app(Incoming::class)->path($token));
        $this->getJson("/api/orders/{$this->order->id}/incoming/".str_repeat('0', 32))->assertNotFound();
    }

    public function test_a_picture_in_use_stays(): void
    {
        $line = $this->line();
        $picture = $this->order->pictures()->firstOrFail();
        $this->deleteJson("/api/orders/{$this->order->id}/pictures/{$picture->id}")
            ->assertUnprocessable()
            ->assertJsonPath('message', '“dawn-boat.jpg” is used by a line. Give them another picture first.');
        $this->change($line, ['picture' => null])
            ->assertOk()
            ->assertJsonPath('state', 'waiting');
        $this->deleteJson("/api/orders/{$this->order->id}/pictures/{$picture->id}")->assertNoContent();
        self::assertSame(1, Picture::query()->count(), 'the studio keeps the original');
    }

    private static function hugePng(): string
    {
        $chunk = fn (string $type, string $data): string => pack('N', strlen($data)).$type.$data.pack('N', crc32($type.$data));

        return "\x89PNG\r\n\x1A\n".
            $chunk('IHDR', pack('NNCCCCC', 60_000, 60_000, 8, 2, 0, 0, 0)).
            $chunk('IDAT', (string) gzcompress('')).
            $chunk('IEND', '');
    }
}
