<?php

declare(strict_types=1);

namespace Tests\app;

use App\Models\Client;
use App\Models\Lab;
use App\Models\Line;
use App\Models\Order;
use App\Models\User;
use App\Pictures\PictureStore;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Foundation\Testing\TestCase as LaravelTestCase;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\File;
use Illuminate\Testing\TestResponse;
use Planisher\Imaging\Vips\Image;
use Planisher\Imaging\Vips\Interpretation;

/** The application over HTTP, on MariaDB, with a studio, a lab and an order. Files lie in a storage of the tests' own. */
abstract class TestCase extends LaravelTestCase
{
    use RefreshDatabase;

    protected User $wren;

    protected Order $order;

    /** Whether lines that are told as they were kept are held against the same worked */
    protected bool $holdsKept = true;

    protected function setUp(): void
    {
        parent::setUp();
        config(['planisher.lines.workedAnew' => 0]); // all are kept, and held against what they are
        foreach (['pictures', 'proxies', 'previews', 'orders', 'parcels', 'zips', 'marks'] as $folder) {
            File::deleteDirectory(storage_path("app/{$folder}"));
        }
        File::ensureDirectoryExists(storage_path('app/uploads'));
        $this->wren = User::query()->create([
            'name' => 'Wren Halloway',
            'email' => 'wren@halloway.example',
            'password' => 'copper-and-paper',
        ]);
        $lab = Lab::query()->create([
            'name' => 'Larkmoor',
            'card' => [
                'name' => 'Larkmoor',
                'sizes' => ['4 x 6 in', '8 x 10 in'],
                'minimumPpi' => 30,
                'formats' => ['jpeg', 'tiff'],
                'nameLength' => 60,
            ],
        ]);
        $client = Client::query()->create(['name' => 'Isholm Rowing Club']);
        $this->order = Order::query()->create([
            'number' => '2611-01',
            'client_id' => $client->id,
            'lab_id' => $lab->id,
            'ordered_on' => '2026-11-24',
            'due_on' => '2026-12-04',
        ]);
        $this->actingAs($this->wren);
    }

    /**
     * Every answer is held against its shape; lines that are told as they were kept, against the same worked.
     *
     * @param  array<string, mixed>  $parameters
     * @param  array<string, mixed>  $cookies
     * @param  array<string, mixed>  $files
     * @param  array<string, mixed>  $server
     */
    public function call($method, $uri, $parameters = [], $cookies = [], $files = [], $server = [], $content = null): TestResponse
    {
        $answer = parent::call($method, $uri, $parameters, $cookies, $files, $server, $content);
        $route = app('router')->current();
        Answers::check($answer, $route);
        $this->holdsKept && $answer->isOk() && KeptLines::check($route);

        return $answer;
    }

    /** A picture in which red says how far right a place is, green how far down. */
    protected static function pictureBytes(int $width = 480, int $height = 320, int $blue = 90, string $ending = 'jpg'): string
    {
        $pixels = '';
        for ($y = 0; $y < $height; $y++) {
            for ($x = 0; $x < $width; $x++) {
                $pixels .= chr(intdiv(255 * $x, $width)).chr(intdiv(255 * $y, $height)).chr($blue);
            }
        }
        $path = storage_path("app/uploads/made.{$ending}");
        Image::fromPixels($pixels, $width, $height, 3)
            ->as(Interpretation::Srgb)
            ->save(['jpg' => 'jpegsave', 'tif' => 'tiffsave', 'png' => 'pngsave'][$ending], $path, []);

        return (string) file_get_contents($path);
    }

    protected function upload(string $bytes, string $name): TestResponse
    {
        $path = storage_path('app/uploads/'.bin2hex(random_bytes(6)));
        file_put_contents($path, $bytes);

        return $this->post(
            "/api/orders/{$this->order->id}/pictures",
            ['picture' => new UploadedFile($path, $name, test: true)],
            ['Accept' => 'application/json'],
        );
    }

    /**
     * A line with a picture of its own, 480 × 320 px.
     *
     * @param  array<string, mixed>  $change
     */
    protected function line(string $size = '4 x 6 in', array $change = [], string $picture = 'dawn-boat.jpg'): Line
    {
        if ($this->order->pictures()->where('name', $picture)->doesntExist()) {
            $this->upload(self::pictureBytes(blue: crc32($picture) % 256), $picture)->assertCreated();
        }
        $id = $this->postJson("/api/orders/{$this->order->id}/lines", ['size' => $size, 'copies' => 1, 'picture' => $picture])
            ->assertCreated()
            ->json('id');
        if ($change !== []) {
            $this->change(Line::query()->findOrFail((int) $id), $change)->assertOk();
        }

        return Line::query()->findOrFail((int) $id);
    }

    /** @param  array<string, mixed>  $change */
    protected function change(Line $line, array $change, ?int $version = null): TestResponse
    {
        return $this->patchJson("/api/lines/{$line->id}", ['version' => $version ?? $line->fresh()?->version, 'change' => $change]);
    }

    protected function pass(Line $line): TestResponse
    {
        return $this->postJson("/api/lines/{$line->id}/pass", ['version' => $line->fresh()?->version]);
    }

    protected function original(string $name): string
    {
        $facts = $this->order->pictures()->where('name', $name)->firstOrFail()->facts();
        $path = app(PictureStore::class)->verified($facts);

        return is_string($path) ? $path : self::fail($path->text);
    }

    /** @return list<string> codes of a line's findings, worst first */
    protected static function codes(TestResponse $answer): array
    {
        return array_column($answer->json('findings'), 'code');
    }
}
