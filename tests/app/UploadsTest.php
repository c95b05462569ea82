<?php

declare(strict_types=1);

namespace Tests\app;

use App\Models\Picture;
use Illuminate\Testing\TestResponse;

/** Uploads in pieces, as tus 1.0.0 has them (from memory); tus-js-client does it in the browser's tests. */
final class UploadsTest extends TestCase
{
    /** @param  array<string, string|int>  $headers */
    private function tus(string $method, string $path, array $headers = [], string $body = ''): TestResponse
    {
        $server = $this->transformHeadersToServerVars($headers + ['Tus-Resumable' => '1.0.0', 'Accept' => 'application/json']);

        return $this->call($method, $path, server: $server, content: $body);
    }

    private function begin(int $bytes, string $name = 'dawn-boat.jpg'): string
    {
        $meta = 'filename '.base64_encode($name).',filetype '.base64_encode('image/jpeg');
        $answer = $this->tus('POST', "/api/orders/{$this->order->id}/uploads", ['Upload-Length' => $bytes, 'Upload-Metadata' => $meta]);
        $answer->assertStatus(201)->assertHeader('Tus-Resumable', '1.0.0');

        return (string) $answer->headers->get('Location');
    }

    private function piece(string $at, int $offset, string $bytes): TestResponse
    {
        return $this->tus('PATCH', $at, ['Upload-Offset' => $offset, 'Content-Type' => 'application/offset+octet-stream'], $bytes);
    }

    private function taken(string $at): TestResponse
    {
        return $this->postJson("/api/orders/{$this->order->id}/pictures", ['upload' => basename($at)]);
    }

    public function test_it_goes_on_where_it_broke_off(): void
    {
        $bytes = self::pictureBytes(900, 600);
        $half = intdiv(strlen($bytes), 2);
        $at = $this->begin(strlen($bytes));
        $this->tus('HEAD', $at)->assertOk()->assertHeader('Upload-Offset', '0')->assertHeader('Upload-Length', (string) strlen($bytes));
        $this->piece($at, 0, substr($bytes, 0, $half))->assertNoContent()->assertHeader('Upload-Offset', (string) $half);
        $this->taken($at)->assertStatus(409);
        $this->piece($at, 0, $bytes)->assertStatus(409); // it didn't know how far it was
        $this->tus('HEAD', $at)->assertHeader('Upload-Offset', (string) $half);
        $this->piece($at, $half, substr($bytes, $half).'and more than was said')->assertHeader('Upload-Offset', (string) strlen($bytes));
        $this->taken($at)
            ->assertCreated()
            ->assertJson(['name' => 'dawn-boat.jpg', 'already' => false]);
        self::assertStringEqualsFile($this->original('dawn-boat.jpg'), $bytes);
        $this->tus('HEAD', $at)->assertNotFound();
        $this->taken($at)->assertNotFound();
        self::assertSame([], glob(storage_path('app/begun/*')), 'nothing is left of it');
    }

    /** What is begun may come: no more is begun than there is room for. */
    public function test_uploads_that_are_begun_reserve_no_more_than_there_is(): void
    {
        $largest = 400 * 1024 * 1024;
        $begun = 0;
        for (; $begun < 450; $begun++) {
            $answer = $this->tus('POST', "/api/orders/{$this->order->id}/uploads", [
                'Upload-Length' => $largest,
                'Upload-Metadata' => 'filename '.base64_encode('dawn-boat.jpg'),
            ]);
            if ($answer->getStatusCode() !== 201) {
                break;
            }
        }
        $answer->assertStatus(507);
        self::assertMatchesRegularExpression('/as many uploads as may be|are still to come/', (string) $answer->json('message'));
        self::assertLessThanOrEqual((int) disk_free_space(storage_path()), $begun * $largest);
        array_map(unlink(...), glob(storage_path('app/begun/*')) ?: []);
        $this->begin(1000);
    }

    public function test_the_same_bytes_are_one_picture_whichever_way_they_came(): void
    {
        $bytes = self::pictureBytes();
        $this->upload($bytes, 'a.jpg')->assertCreated();
        $at = $this->begin(strlen($bytes), 'b.jpg');
        $this->piece($at, 0, $bytes)->assertNoContent();
        $this->taken($at)
            ->assertCreated()
            ->assertJson(['name' => 'a.jpg', 'already' => true]);
        self::assertSame(1, Picture::query()->count());
    }

    public function test_what_is_no_upload_is_refused(): void
    {
        $to = "/api/orders/{$this->order->id}/uploads";
        $this->tus('POST', $to, ['Tus-Resumable' => '0.2.2', 'Upload-Length' => 5])
            ->assertStatus(412)
            ->assertHeader('Tus-Version', '1.0.0');
        $this->tus('POST', $to, ['Upload-Length' => 'many'])->assertStatus(422);
        $this->tus('POST', $to, ['Upload-Length' => 400 * 1024 * 1024 + 1])
            ->assertStatus(413)
            ->assertJsonPath('message', 'The file is larger than 400 MB, the most that is taken.');
        $this->tus('HEAD', '/api/uploads/'.str_repeat('a', 32))->assertNotFound();
        $at = $this->begin(10, '../../etc/passwd.jpg');
        $this->tus('PATCH', $at, ['Upload-Offset' => 0, 'Content-Type' => 'image/jpeg'], 'x')->assertStatus(415);
        $this->tus('HEAD', $at, ['Tus-Resumable' => ''])->assertStatus(412);
        $this->piece($at, 0, 'not a pict')->assertNoContent();
        $this->taken($at)
            ->assertStatus(422)
            ->assertJsonPath('message', fn (string $said): bool => str_contains($said, '“passwd.jpg” wasn’t taken'));
        $other = $this->begin(10);
        $this->tus('DELETE', $other)->assertNoContent();
        $this->tus('HEAD', $other)->assertNotFound();
        $this->postJson("/api/orders/{$this->order->id}/pictures", ['upload' => '../etc'])->assertStatus(422);
    }
}
