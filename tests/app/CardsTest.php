<?php

declare(strict_types=1);

namespace Tests\app;

use App\Models\Lab;
use App\Models\Order;
use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;

/** Lab cards as a studio fills them in: added, changed with what that changes told, copied, handed on, removed. */
final class CardsTest extends TestCase
{
    /** @param  array<string, mixed>  $more */
    private function add(string $name, string $sizes, array $more = []): TestResponse
    {
        return $this->postJson('/api/labs', ['texts' => ['name' => $name, 'sizes' => $sizes]] + $more);
    }

    private function take(string $text, string $name = 'card.json'): TestResponse
    {
        $path = storage_path('app/uploads/'.bin2hex(random_bytes(6)));
        file_put_contents($path, $text);

        return $this->post('/api/labs/import', ['card' => new UploadedFile($path, $name, test: true)], ['Accept' => 'application/json']);
    }

    public function test_a_lab_is_usable_after_its_name_and_its_sizes(): void
    {
        $id = $this->add('Tidewater', '8x10, 8 by 12, 20×30 cm, A4')->assertCreated()->json('id');
        $lab = $this->getJson("/api/labs/{$id}")
            ->assertOk()
            ->json();
        self::assertSame(['8 × 10 in', '8 × 12 in', '20 × 30 cm', 'A4'], array_column($lab['sizes'], 'label'));
        $order = $this->postJson('/api/orders', ['client' => 'Brindle Pottery', 'lab' => 'Tidewater'])
            ->assertCreated()
            ->json('id');
        $this->order = Order::query()->findOrFail((int) $order);
        $line = $this->line('20 x 30 cm');
        self::assertContains('size-listed', self::codes($this->change($line, ['copies' => 2])));
    }

    /** @return iterable<string, array{string, string, string, string}> name, sizes, the field that is wrong, what is said */
    public static function wrong(): iterable
    {
        yield 'without sizes' => ['Tidewater', ' ', 'sizes', 'Give the sizes'];
        yield 'no size' => ['Tidewater', '8x10, jumbo', 'sizes', '“jumbo” is no size'];
        yield 'thousands or a decimal' => ['Tidewater', '1,000 x 8', 'sizes', 'no size'];
        yield 'without a name' => ['', '8x10', 'name', 'Give the lab a name'];
        yield 'a name that is taken' => ['Larkmoor', '8x10', 'name', 'There is a lab called “Larkmoor” already'];
    }

    #[DataProvider('wrong')]
    public function test_what_is_wrong_with_a_new_lab(string $name, string $sizes, string $field, string $says): void
    {
        $errors = $this->add($name, $sizes)->assertUnprocessable()->json('errors');
        self::assertStringContainsString($says, $errors[$field][0]);
        self::assertSame(1, Lab::query()->count());
    }

    public function test_prices_that_are_none(): void
    {
        foreach (['8x10 -3' => 'below 0', '8x10 ask us' => 'no price', 'jumbo 3' => 'doesn’t begin with a size'] as $typed => $says) {
            $answer = $this->postJson('/api/labs/tried', ['texts' => ['name' => 'Tidewater', 'sizes' => '8x10', 'prices' => $typed]]);
            self::assertStringContainsString($says, $answer->assertOk()->json('errors.prices'));
        }
        $twice = $this->postJson('/api/labs/tried', ['texts' => ['name' => 'Tidewater', 'sizes' => '8x10, A4, 10 x 8']])->assertOk();
        self::assertStringContainsString('There twice and kept once: 10 × 8 in', $twice->json('told.sizes'));
        self::assertSame(1, Lab::query()->count(), 'trying keeps nothing');
    }

    public function test_products_have_what_is_theirs(): void
    {
        $metal = [
            'name' => 'metal',
            'sizes' => '12x18',
            'largestPiece' => '30x40',
            'papers' => '',
            'mounts' => 'rail +9',
            'options' => '',
            'prices' => '12x18 24',
        ];
        $id = $this->add('Tidewater', '8x10', ['products' => [$metal]])
            ->assertCreated()
            ->json('id');
        $card = Lab::query()->findOrFail((int) $id)->card;
        self::assertSame('12 x 18 in', $card['products'][0]['sizes'][0]);
        self::assertEquals(['name' => 'rail', 'price' => 9], $card['products'][0]['mounts'][0]);
        $wrong = $this->postJson('/api/labs/tried', [
            'texts' => ['name' => 'B', 'sizes' => '8x10'],
            'products' => [['name' => ''] + $metal, ['prices' => 'ask'] + $metal],
        ]);
        self::assertSame(['products.0', 'products.1'], array_keys($wrong->assertOk()->json('errors')));
    }

    public function test_a_change_tells_which_lines_change_by_it_and_opens_them_again(): void
    {
        $same = $this->line('4 x 6 in');
        $other = $this->line('8 x 10 in', picture: 'slipway.jpg');
        $this->pass($same)->assertOk();
        $this->pass($other)->assertOk();
        $id = $this->order->lab_id;
        $change = ['texts' => ['sizes' => '4x6, 11x14', 'quality' => '95']];
        $told = $this->postJson('/api/labs/tried', ['id' => $id] + $change)
            ->assertOk()
            ->json('lines');
        self::assertSame([[$other->number, 'changes']], array_map(fn (array $line): array => [$line['lineNumber'], $line['how']], $told));
        self::assertStringContainsString('It comes out in', $told[0]['says'], 'it is laid on a larger sheet');
        self::assertSame('passed', $other->refresh()->state->value, 'told before it is kept');
        $this->putJson("/api/labs/{$id}", ['version' => 1] + $change)->assertOk();
        self::assertSame(['passed', 'open'], [$same->refresh()->state->value, $other->refresh()->state->value]);
        $this->putJson("/api/labs/{$id}", ['version' => 1] + $change)->assertConflict();
    }

    public function test_a_lab_is_copied_and_removed_but_not_while_open_orders_use_it(): void
    {
        $id = $this->order->lab_id;
        $copy = $this->postJson("/api/labs/{$id}/copy")
            ->assertCreated()
            ->json('id');
        self::assertSame('Larkmoor, copy', Lab::query()->findOrFail((int) $copy)->name);
        $this->deleteJson("/api/labs/{$copy}")->assertNoContent();
        self::assertStringContainsString(
            '2611-01',
            $this->deleteJson("/api/labs/{$id}")
                ->assertUnprocessable()
                ->json('message'),
        );
        $this->order->delete();
        $this->deleteJson("/api/labs/{$id}")->assertUnprocessable(); // it can be brought back
        $this->order->forceDelete();
        $this->deleteJson("/api/labs/{$id}")->assertNoContent();
    }

    public function test_a_card_goes_out_and_comes_in_again(): void
    {
        $prices = "8 x 10 in  2.20\n4x6 on Rag  0.90";
        $id = $this->add('Tidewater', '8x10, 4x6', ['papers' => [['name' => 'Rag', 'surface' => 'matte']]])->json('id');
        $this->putJson("/api/labs/{$id}", [
            'version' => 1,
            'texts' => ['prices' => $prices, 'canvas.depth' => '1.5 in', 'maxBytes' => '90 MB'],
        ])->assertOk();
        $text = (string) $this->get("/api/labs/{$id}/export")
            ->assertOk()
            ->getContent();
        $validator = new Validator();
        $schema = 'https://planisher.example/order.schema.json';
        $validator->resolver()?->registerFile($schema, __DIR__.'/../../core/OrderFile/order.schema.json');
        self::assertTrue($validator->validate(json_decode($text)->lab, "{$schema}#/\$defs/LabCard")->isValid());
        $again = $this->take($text)->assertCreated()->json('id');
        $cards = array_map(fn (int $one): array => ['name' => ''] + Lab::query()->findOrFail($one)->labCard()->toArray(), [
            (int) $id,
            (int) $again,
        ]);
        self::assertSame($cards[0], $cards[1]);
        self::assertSame('Tidewater (2)', Lab::query()->findOrFail((int) $again)->name);
        foreach (
            [
                '{"planisher": 2, "lab": {"name": "x", "sizes": ["8 x 10 in"]}}' => 'newer Planisher',
                '{"presets": []}' => 'no lab card of Planisher’s',
                substr($text, 0, 60) => 'broken or cut off at line',
                '{"planisher": 1, "lab": {"name": "x", "sizes": []}}' => 'Its sizes can’t be',
                '{"planisher": 1, "lab": {"name": "x", "sizes": ["A4"], "prices": [{"size": "A4", "price": -3}]}}' => 'prices[0].price',
            ] as $wrong => $says
        ) {
            self::assertStringContainsString($says, $this->take((string) $wrong)->assertUnprocessable()->json('message'));
        }
    }

    public function test_what_the_lab_says_is_read_and_nothing_is_kept(): void
    {
        $read = $this->postJson('/api/labs/read', [
            'text' => "Tidewater Prints\nJPEG in sRGB, 300 ppi.\nMounting on request, 5 mm.",
        ])->assertOk();
        self::assertSame(['Tidewater Prints', '300', 'sRGB', 'JPEG'], array_column($read->json('understood'), 'text'));
        self::assertSame('JPEG in sRGB, 300 ppi.', $read->json('understood.1.words'));
        self::assertSame(['Mounting on request, 5 mm.'], $read->json('rest'));
        self::assertSame(1, Lab::query()->count());
        $this->postJson('/api/labs/read', ['text' => str_repeat('x', 60_001)])->assertUnprocessable();
    }
}
