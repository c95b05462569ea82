<?php

declare(strict_types=1);

namespace Tests\app;

use PHPUnit\Framework\Attributes\DataProvider;

/** Requests of the wrong types and shapes: told what is wrong, never a breakdown. */
final class BadRequestsTest extends TestCase
{
    /** @param  array<string, mixed>  $body */
    #[DataProvider('requests')]
    public function test_is_answered_with_what_is_wrong(string $method, string $path, array $body, int $status): void
    {
        $line = $this->line();
        $path = str_replace(['{line}', '{order}'], [(string) $line->id, (string) $this->order->id], $path);
        $this->json($method, "/api/{$path}", $body)->assertStatus($status);
    }

    /** @return iterable<string, array{string, string, array<string, mixed>, int}> */
    public static function requests(): iterable
    {
        yield 'more than a number' => ['GET', 'orders/1 or 1=1', [], 404];
        yield 'a number and letters' => ['DELETE', 'house-finishes/17abc', [], 404];
        yield 'a number beyond the database' => ['GET', 'orders/99999999999999999999', [], 404];
        yield 'a list to find' => ['GET', 'orders?find[]=a', [], 422];
        yield 'a picture by zero, which MariaDB takes for any text' => [
            'PATCH',
            'lines/{line}',
            ['version' => 1, 'change' => ['picture' => 0]],
            422,
        ];
        yield 'a picture by a list' => ['PATCH', 'lines/{line}', ['version' => 1, 'change' => ['picture' => []]], 422];
        yield 'a line by a picture that is true' => [
            'PUT',
            'lines/{line}',
            ['version' => 1, 'line' => ['size' => '4 x 6 in', 'picture' => true]],
            422,
        ];
        yield 'a view by no hash' => ['GET', 'lines/{line}/preview/x', [], 404];
        yield 'a picture by no checksum' => ['GET', 'pictures/1/looked', [], 404];
        yield 'lines that are words' => ['POST', 'orders/{order}/make', ['lines' => ['all']], 422];
    }

    public function test_a_picture_s_name_that_is_no_text(): void
    {
        $name = $this->upload(self::pictureBytes(), "caf\xE9\xFF.jpg")->assertCreated()->json('name');
        self::assertTrue(mb_check_encoding($name, 'UTF-8'));
    }
}
