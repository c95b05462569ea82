<?php

declare(strict_types=1);

namespace Tests\app;

use App\Models\Client;
use App\Models\Lab;
use App\Models\Line;
use App\Models\Order;
use App\Models\User;
use Demo\DemoSeeder;
use Illuminate\Support\Carbon;

/**
 * Holds what is: what the API answers for every line of the demo's orders. A change that is meant to change it writes
 * tests/golden/answers.json anew, by itself: GOLDEN=write bin/planisher test app
 */
final class GoldenTest extends TestCase
{
    private const ANSWERS = __DIR__.'/../golden/answers.json';

    public function test_answers_are_as_they_were(): void
    {
        Order::query()->forceDelete();
        Client::query()->delete();
        Lab::query()->delete();
        User::query()->delete();
        $this->travelTo(Carbon::parse('2026-11-25 12:00'));
        $this->seed(DemoSeeder::class);
        $this->actingAs(User::query()->firstOrFail());
        $answers = [];
        foreach (Order::query()->orderBy('number')->get() as $order) {
            $this->getJson("/api/orders/{$order->id}")->assertOk(); // what becomes of its colours is measured by whoever looks first
            $sheet = $this->getJson("/api/orders/{$order->id}")
                ->assertOk()
                ->json();
            foreach ($sheet['lines'] as $line) {
                $answers["{$order->number}, line {$line['number']}"] = self::lasting($line);
            }
        }
        self::assertSame(Line::query()->count(), count($answers));
        if (getenv('GOLDEN') === 'write') {
            file_put_contents(
                self::ANSWERS,
                json_encode($answers, JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES)."\n",
            );
        }
        foreach (json_decode((string) file_get_contents(self::ANSWERS), true) as $of => $answer) {
            self::assertSame(self::sorted($answer), self::sorted(json_decode((string) json_encode($answers[$of] ?? null), true)), $of);
        }
    }

    /** Keys of JSON have no order. */
    private static function sorted(mixed $value): mixed
    {
        if (! is_array($value)) {
            return $value;
        }
        array_is_list($value) || ksort($value);

        return array_map(self::sorted(...), $value);
    }

    /**
     * Without what the database numbers.
     *
     * @param  array<string, mixed>  $line
     * @return array<string, mixed>
     */
    private static function lasting(array $line): array
    {
        unset($line['id'], $line['picture']['id']);
        foreach (array_keys($line['cells']) as $cell) {
            unset($line['cells'][$cell]['picture']['id']);
        }

        return $line;
    }
}
