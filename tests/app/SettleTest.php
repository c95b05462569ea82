<?php

declare(strict_types=1);

namespace Tests\app;

use App\Models\Line;
use Illuminate\Testing\TestResponse;
use Planisher\State\LineState;

/** What many lines have alike is said yes to once; the lines with nothing else to look at pass. */
final class SettleTest extends TestCase
{
    private const NONE = 'No profile in the picture';

    private function settle(string $alike, Line ...$lines): TestResponse
    {
        $asked = array_map(fn (Line $line): array => ['id' => $line->id, 'version' => (int) $line->fresh()?->version], $lines);

        return $this->postJson("/api/orders/{$this->order->id}/settle", ['alike' => $alike, 'lines' => $asked]);
    }

    /** @return array<string, string> how a line's findings weigh, by their codes */
    private function levels(Line $line): array
    {
        $all = $this->getJson("/api/orders/{$this->order->id}")->json('lines');
        $findings = array_column($all, 'findings', 'id')[$line->id];

        return array_column($findings, 'level', 'code');
    }

    private function again(Line $line): Line
    {
        return $line->refresh();
    }

    public function test_what_two_lines_have_alike_is_settled_and_told_so(): void
    {
        [$first, $second] = [$this->line(picture: 'a.jpg'), $this->line(picture: 'b.jpg')];
        self::assertSame('look', $this->levels($first)['profile-none']);
        self::assertSame('look', $this->levels($first)['enlarged'], '80 ppi at 300');
        $answer = $this->settle(self::NONE, $first, $second)->assertOk();
        self::assertSame([], $answer->json('missed'));
        self::assertSame(['settled', 'look'], [$this->levels($first)['profile-none'], $this->levels($second)['enlarged']]);
        self::assertSame(LineState::Open, $this->again($first)->state, 'it is enlarged, too');

        $this->settle('It may look soft', $first, $second)->assertOk();
        $this->settle('Enlarged far', $first, $second)->assertOk();
        self::assertSame(LineState::Passed, $this->again($first)->state);
        self::assertContains('profile-none', array_column($this->again($first)->passed_with ?? [], 'code'), 'what was looked at is kept');
    }

    public function test_a_line_that_is_stopped_or_has_to_be_seen_does_not_pass_by_it(): void
    {
        $stopped = $this->line('8 x 10 in', ['copies' => 0], 'a.jpg');
        $canvas = $this->line('8 x 10 in', ['make' => 'canvas', 'canvas' => ['depth' => '1 in']], 'b.jpg');
        foreach ([self::NONE, 'Enlarged far', 'It may look soft'] as $alike) {
            $this->settle($alike, $stopped, $canvas)->assertOk();
        }
        self::assertSame([LineState::Open, LineState::Open], [$this->again($stopped)->state, $this->again($canvas)->state]);
        self::assertContains('stops', $this->levels($stopped));
    }

    public function test_what_stops_is_never_settled_by_whatever_words(): void
    {
        $line = $this->line('8 x 10 in', ['copies' => 0]);
        $stops = array_keys($this->levels($line), 'stops', true);
        foreach ($this->getJson("/api/orders/{$this->order->id}")->json('lines.0.findings') as $finding) {
            $this->settle($finding['title'], $line)->assertOk();
            self::assertTrue($finding['level'] === 'look' || $finding['alike'] === null, "{$finding['code']} can’t be settled");
        }
        self::assertSame($stops, array_keys($this->levels($line), 'stops', true));
        self::assertNotSame([], $stops);
    }

    public function test_what_becomes_worse_or_is_of_another_picture_is_looked_at_anew(): void
    {
        [$line, $other] = [$this->line(picture: 'a.jpg'), $this->line(picture: 'b.jpg')];
        $this->settle('Enlarged far', $line, $other)->assertOk();
        $this->change($line, ['size' => '8 x 10 in'])->assertOk();
        self::assertSame('look', $this->levels($line)['enlarged'], 'it is enlarged further');
        $this->change($line, ['size' => '4 x 6 in'])->assertOk();
        self::assertSame('settled', $this->levels($line)['enlarged'], 'as it was said yes to');
        $this->change($line, ['picture' => 'b.jpg'])->assertOk();
        self::assertSame('look', $this->levels($line)['enlarged'], 'another picture, though it says the same');
    }

    public function test_it_is_taken_back_as_it_was(): void
    {
        [$line, $other] = [$this->line(picture: 'a.jpg'), $this->line(picture: 'b.jpg')];
        $keys = $this->settle(self::NONE, $line, $other)->json('lines.0.settled');
        self::assertCount(1, $keys);
        $put = fn (array $settled): TestResponse => $this->putJson("/api/lines/{$line->id}/settled", [
            'version' => $this->again($line)->version,
            'settled' => $settled,
        ]);
        $put([])->assertOk();
        self::assertSame('look', $this->levels($line)['profile-none']);
        $put($keys)->assertOk();
        self::assertSame('settled', $this->levels($line)['profile-none']);
        foreach (['no', str_repeat('g', 32), [1], null, str_repeat('a', 33)] as $bad) {
            $put([$bad])->assertUnprocessable();
        }
        $put(array_fill(0, 101, str_repeat('a', 32)))->assertUnprocessable();
        $this->putJson("/api/lines/{$line->id}/settled", ['version' => 1, 'settled' => []])->assertConflict();
    }

    public function test_a_line_changed_meanwhile_stays_and_is_named_and_one_of_another_order_is_left_alone(): void
    {
        [$line, $other] = [$this->line(picture: 'a.jpg'), $this->line(picture: 'b.jpg')];
        $seen = [
            ['id' => $line->id, 'version' => 99],
            ['id' => $other->id, 'version' => $this->again($other)->version],
            ['id' => 999_999, 'version' => 1],
        ];
        $answer = $this->postJson("/api/orders/{$this->order->id}/settle", ['alike' => self::NONE, 'lines' => $seen])->assertOk();
        self::assertCount(1, $answer->json('lines'));
        self::assertStringContainsString("Line {$line->number} was changed", $answer->json('missed.0'));
        foreach ([[], ['alike' => self::NONE], ['alike' => self::NONE, 'lines' => 'all'], ['alike' => 3, 'lines' => $seen]] as $bad) {
            $this->postJson("/api/orders/{$this->order->id}/settle", $bad)->assertUnprocessable();
        }
    }
}
