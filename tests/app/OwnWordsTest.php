<?php

declare(strict_types=1);

namespace Tests\app;

use App\Models\OwnWord;
use Illuminate\Testing\TestResponse;

/** What the studio has taught: kept, told where it can't be, changed, forgotten, and read in every list. */
final class OwnWordsTest extends TestCase
{
    private function teach(string $words, string $means): TestResponse
    {
        return $this->postJson('/api/own-words', ['words' => $words, 'means' => $means, 'order' => $this->order->id]);
    }

    /** @return array<string, mixed> */
    private function read(string $text): array
    {
        return $this->postJson("/api/orders/{$this->order->id}/list/read", ['text' => $text])
            ->assertOk()
            ->json('lines.0');
    }

    public function test_a_taught_word_is_read_in_lists_and_wishes(): void
    {
        $this->upload(self::pictureBytes(), 'regatta.jpg');
        self::assertFalse($this->read('regatta, 2 tiddlers')['isSure']);
        $this->teach(' “Tiddlers” ', '4x6, whole')
            ->assertCreated()
            ->assertJson(['words' => 'Tiddlers', 'means' => '4x6, whole']);
        $read = $this->read('regatta, 2 tiddlers');
        self::assertTrue($read['isSure']);
        self::assertSame('regatta, 2 tiddlers', implode('', array_column($read['parts'], 'words')));
        self::assertStringContainsString('Make 2 prints of Regatta whole on 4 × 6 in', $read['prints'][0]['said']);
        $line = $this->wanted('8 x 10 in');
        $this->postJson("/api/lines/{$line}/wish", ['text' => 'tiddlers'])
            ->assertOk()
            ->assertJson(['isSure' => true]);

        $this->teach('super-duper', '')->assertCreated();
        self::assertTrue($this->read('super-duper regatta 8x10')['isSure'], 'never minded');
    }

    private function wanted(string $size): int
    {
        return (int) $this->postJson("/api/orders/{$this->order->id}/list", [
            'lines' => [['wanted' => ['picture' => 'regatta.jpg', 'size' => $size]]],
        ])->json('lines.0');
    }

    public function test_what_cannot_be_taught_is_told(): void
    {
        $this->teach('123', '4x6')->assertJsonValidationErrors(['words' => 'A word has letters']);
        $this->teach('and the', '4x6')->assertJsonValidationErrors(['words' => 'said in every list']);
        $this->teach('whole', '4x6')->assertJsonValidationErrors(['words' => 'understood already']);
        $this->teach('8x10', '4x6')->assertJsonValidationErrors(['words']);
        $this->teach('tiddlers', 'flimflam')->assertJsonValidationErrors(['means' => '“flimflam” isn’t understood']);
        $this->teach('tiddlers', 'please')->assertJsonValidationErrors(['means' => 'says nothing']);
        $this->teach('pack 5', '')->assertJsonValidationErrors(['means' => 'figure']);
        $this->teach(str_repeat('a', 41), '4x6')->assertJsonValidationErrors(['words' => '40 letters']);
        $this->teach('tiddlers', str_repeat('4x6 ', 40))->assertJsonValidationErrors(['means' => '120 letters']);
        $this->teach('', '4x6')->assertJsonValidationErrors(['words']);
        self::assertSame(0, OwnWord::query()->count(), 'nothing of it was kept');
    }

    public function test_they_are_listed_changed_and_forgotten(): void
    {
        $this->teach('tiddlers', '4x6');
        $this->teach('Biggies', '8x10');
        $this->teach('tiddlers', '4x6, whole'); // again: it is changed
        self::assertSame(['Biggies', 'tiddlers'], array_column((array) $this->getJson('/api/own-words')->json('words'), 'words'));
        $word = $this->getJson('/api/own-words')->json('words.1');
        $to = fn (string $means, int $version): TestResponse => $this->patchJson("/api/own-words/{$word['id']}", [
            'means' => $means,
            'version' => $version,
        ]);
        $to('8x10', $word['version'])
            ->assertOk()
            ->assertJson(['means' => '8x10']);
        $to('4x6', $word['version'])->assertConflict();
        $to('flimflam', $word['version'] + 1)->assertJsonValidationErrors('means');
        $this->deleteJson("/api/own-words/{$word['id']}")->assertNoContent();
        self::assertSame(['Biggies'], OwnWord::query()->pluck('words')->all());
    }
}
