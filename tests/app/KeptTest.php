<?php

declare(strict_types=1);

namespace Tests\app;

use App\Lines\KeptNames;
use App\Lines\WorkedOrder;
use App\Lists\KeptRules;
use App\Models\Line;
use App\Models\Order;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Planisher\Naming\FileName;
use Planisher\Naming\NameBook;
use Planisher\Reading\Rule\RuleBook;
use Planisher\Reading\Rule\RuleIndex;

/** What is kept so that it needn't be worked out again is what would be worked out. */
final class KeptTest extends TestCase
{
    /**
     * @param  array<int, FileName>  $names
     * @return list<list<string>> of each line, its files
     */
    private static function files(array $names): array
    {
        return array_values(array_map(fn (FileName $name): array => [...$name->files(), ...$name->copies], $names));
    }

    private function assertKept(string $when): Order
    {
        $order = Order::query()->with(WorkedOrder::RELATIONS)->findOrFail($this->order->id);
        $lines = $order->lines->keyBy('number')->map(fn (Line $line) => $line->line())->all();
        $worked = NameBook::names($order->head(), $order->lab->labCard(), $lines);
        self::assertSame(self::files($worked), self::files(app(KeptNames::class)->of($order)), $when);

        return $order;
    }

    public function test_names_of_an_orders_files(): void
    {
        $lines = [];
        for ($n = 0; $n < 12; $n++) {
            $lines[] = $this->line($n % 3 === 0 ? '8 x 10 in' : '4 x 6 in');
        }
        $this->assertKept('new');
        self::assertIsArray(Cache::get("names-of-{$this->order->id}"), 'they are kept');
        $this->assertKept('and kept');
        $this->change($lines[4], ['copies' => 3, 'name' => ['parts' => ['size']]])->assertOk();
        $this->change($lines[5], ['screenCopy' => []])->assertOk();
        $this->assertKept('two named otherwise');
        DB::table('lines')
            ->where('id', $lines[2]->id)
            ->update(['deleted_at' => now()]);
        $this->assertKept('one removed');
        $this->order->client->update(['name' => 'Skarven Sea Kayaks']);
        $order = $this->assertKept('another client');
        self::assertStringStartsWith('skarven', app(KeptNames::class)->of($order)[1]->files()[0]);

        $line = Line::query()->with('pictures')->findOrFail($lines[0]->id);
        $line->wanted = ['name' => ['parts' => ['order'], 'join' => '-']] + $line->wanted;
        self::assertSame('2611-01.jpg', app(KeptNames::class)->of($order, $line)[1]->files()[0], 'as it would be');
        $this->assertKept('and isn’t');
    }

    public function test_the_index_of_the_rules(): void
    {
        KeptRules::write();
        $kept = KeptRules::read();
        $rules = RuleBook::general();
        self::assertEquals(RuleIndex::of($rules), RuleIndex::kept($kept, $rules));
        self::assertNull(RuleIndex::kept($kept, array_slice($rules, 1)), 'of other rules there is none kept');
        self::assertNull(RuleIndex::kept(null, $rules));
    }
}
