<?php

declare(strict_types=1);

namespace Tests\app;

use App\Models\ClientAnswer;
use App\Models\ClientPage;
use App\Models\Line;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Auth;
use Illuminate\Testing\TestResponse;
use Planisher\Imaging\Vips\Image;
use Planisher\State\LineState;

/** What a client is shown behind a signed link and answers there; and that nothing else can be reached with it. */
final class ClientPagesTest extends TestCase
{
    private Line $boat;

    private Line $shore;

    protected function setUp(): void
    {
        parent::setUp();
        $this->boat = $this->line();
        $this->shore = $this->line('8 x 10 in', picture: 'shore.jpg');
    }

    /**
     * @param  array<string, mixed>  $wanted
     * @return string the link, without its host
     */
    private function link(array $wanted = []): string
    {
        $url = (string) $this->postJson("/api/orders/{$this->order->id}/client-pages", $wanted)
            ->assertCreated()
            ->json('url');

        return (string) parse_url($url, PHP_URL_PATH).'?'.parse_url($url, PHP_URL_QUERY);
    }

    /** @return array<string, mixed> what the page carries */
    private function shown(string $link): array
    {
        Auth::forgetGuards();
        $page = (string) $this->get($link)->assertOk()->getContent();
        self::assertSame(1, preg_match('/data-shown="([^"]*)"/', $page, $found));
        $this->actingAs($this->wren);

        return json_decode(html_entity_decode($found[1] ?? '', ENT_QUOTES), true, flags: JSON_THROW_ON_ERROR);
    }

    /** @param  array<string, mixed>  ...$answers */
    private function answer(string $at, array ...$answers): TestResponse
    {
        return $this->postJson($at, ['answers' => $answers]);
    }

    /**
     * @param  array<string, mixed>  $shown
     * @return array{line: int, version: string}
     */
    private static function to(array $shown, int $print): array
    {
        return ['line' => $shown['prints'][$print]['line'], 'version' => $shown['prints'][$print]['version']];
    }

    /** @return array<string, mixed> what the studio hears of a line, and whether it is to what is there now */
    private function said(Line $line): array
    {
        $said = $this->getJson("/api/orders/{$this->order->id}/client-pages")
            ->assertOk()
            ->json("answers.{$line->id}");
        $hashes = array_column((array) $this->getJson("/api/orders/{$this->order->id}")->json('lines'), 'planHash', 'id');

        return $said + ['isOfThis' => $said['version'] === $hashes[$line->id]];
    }

    public function test_a_client_sees_every_print_in_pictures_and_words(): void
    {
        $this->change($this->boat, ['border' => '0.25 in'])->assertOk();
        $waiting = $this->line(change: ['picture' => null]);
        $screen = $this->line(change: ['make' => 'screen-copy']);
        $shown = $this->shown($this->link());
        self::assertSame([$this->boat->id, $this->shore->id], array_column($shown['prints'], 'line'), 'only what is printed, and can be');
        self::assertNotContains($waiting->id, array_column($shown['prints'], 'line'));
        self::assertNotContains($screen->id, array_column($shown['prints'], 'line'));
        self::assertSame(
            "1 print, cropped to 4 × 6\u{2009}in",
            str_replace(' in', "\u{2009}in", strtok($shown['prints'][0]['what'], ',').','.strtok(',')),
        );
        self::assertStringContainsString('white border', $shown['prints'][0]['what']);
        self::assertStringContainsString('from the', $shown['prints'][1]['cut']);
        foreach (['small' => 800, 'large' => 1600] as $size => $most) {
            Auth::forgetGuards();
            $picture = $this->get($shown['prints'][0]['pictures'][$size])->assertOk();
            $path = storage_path('app/'.substr((string) $picture->headers->get('X-Accel-Redirect'), strlen('/_private/')));
            $image = Image::open($path);
            self::assertLessThanOrEqual($most, max($image->width(), $image->height()));
        }
    }

    public function test_a_yes_is_kept_with_the_version_it_was_given_to(): void
    {
        $shown = $this->shown($this->link());
        $this->answer($shown['answerAt'], ['isYes' => true] + self::to($shown, 0))
            ->assertOk()
            ->assertJsonPath('prints.0.answer.isYes', true);
        self::assertSame([true, true], [$this->said($this->boat)['isYes'], $this->said($this->boat)['isOfThis']]);
        $this->pass($this->boat)->assertOk();
        self::assertTrue($this->said($this->boat)['isOfThis'], 'passing changes nothing of it');
        $this->change($this->boat, ['border' => '0.5 in'])->assertOk();
        self::assertFalse($this->said($this->boat)['isOfThis'], 'a line changed since asks again');
        $now = $this->getJson($shown['lookAt'])->assertOk();
        self::assertFalse($now->json('prints.0.answer.isOfThis'));
        // Answering what is not there any more changes nothing, and shows what is.
        $this->answer($shown['answerAt'], ['isYes' => true] + self::to($shown, 0))
            ->assertConflict()
            ->assertJsonPath('shown.prints.0.version', $now->json('prints.0.version'));
        self::assertSame(1, ClientAnswer::query()->count());
    }

    public function test_all_as_shown_answers_each(): void
    {
        $shown = $this->shown($this->link());
        $this->answer(
            $shown['answerAt'],
            ...array_map(fn (int $at): array => ['isYes' => true] + self::to($shown, $at), [0, 1]),
        )->assertOk();
        self::assertSame([true, true], [$this->said($this->boat)['isYes'], $this->said($this->shore)['isYes']]);
    }

    public function test_a_note_opens_its_line_again_where_the_studio_wishes_it(): void
    {
        $this->pass($this->boat)->assertOk();
        $this->pass($this->shore)->assertOk();
        $quiet = $this->shown($this->link());
        $this->answer(
            $quiet['answerAt'],
            ['isYes' => false, 'note' => ' A bit higher <script>alert(1)</script> '] + self::to($quiet, 0),
        )->assertOk();
        self::assertSame('A bit higher <script>alert(1)</script>', $this->said($this->boat)['note'], 'markup is words');
        self::assertSame(LineState::Passed, $this->boat->fresh()?->state);
        $opens = $this->shown($this->link(['reopens' => true]));
        $this->answer($opens['answerAt'], ['isYes' => false, 'note' => 'Tighter'] + self::to($opens, 1))->assertOk();
        self::assertSame(LineState::Open, $this->shore->fresh()?->state);
        $page = (string) $this->get($this->link())->assertOk()->getContent();
        self::assertStringNotContainsString('<script>alert', $page);
    }

    /** The last of what is said of a print counts, and the same said again is nothing new. */
    public function test_of_several_answers_to_a_print_the_last_is_kept_once(): void
    {
        $shown = $this->shown($this->link());
        for ($again = 0; $again < 3; $again++) {
            $this->answer(
                $shown['answerAt'],
                ['isYes' => false, 'note' => 'Darker'] + self::to($shown, 0),
                ['isYes' => true] + self::to($shown, 0),
            )->assertOk();
        }
        self::assertSame(1, ClientAnswer::query()->count());
        self::assertTrue($this->said($this->boat)['isYes']);
        $told = array_column((array) $this->getJson("/api/orders/{$this->order->id}/history")->json('events'), 'what');
        self::assertCount(1, array_keys($told, 'said yes to it', true));
        $this->answer($shown['answerAt'], ['isYes' => false, 'note' => 'Darker'] + self::to($shown, 0))->assertOk();
        self::assertSame('Darker', $this->said($this->boat)['note'], 'another answer is one');
    }

    /** Bounds come before rules: 15 kB of nothing cost 2.8 s. */
    public function test_a_body_of_too_much_is_refused_before_it_is_unpacked(): void
    {
        $shown = $this->shown($this->link());
        foreach ([array_fill(0, 5000, new \stdClass()), array_fill(0, 300_000, 1)] as $answers) {
            $began = microtime(true);
            $status = $this->postJson($shown['answerAt'], ['answers' => $answers])->getStatusCode();
            self::assertContains($status, [413, 422]);
            self::assertLessThan(0.5, microtime(true) - $began);
        }
        $deep = str_repeat('[', 400).str_repeat(']', 400);
        foreach (['/api/sign-in', "/api/orders/{$this->order->id}/lines", $shown['answerAt']] as $at) {
            $json = ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'];
            $this->call('POST', $at, server: $json, content: $deep)->assertUnprocessable()->assertSee('within each other');
        }
        self::assertSame(0, ClientAnswer::query()->count());
    }

    public function test_what_is_no_answer_is_refused(): void
    {
        $shown = $this->shown($this->link());
        $at = self::to($shown, 0);
        $this->answer($shown['answerAt'], ['isYes' => false, 'note' => str_repeat('x', 100_000)] + $at)
            ->assertUnprocessable()
            ->assertJsonPath('message', fn (string $said): bool => str_contains($said, 'up to 2000 letters'));
        $this->answer($shown['answerAt'], ['isYes' => false] + $at)->assertUnprocessable();
        $this->answer($shown['answerAt'], ['isYes' => 'perhaps'] + $at)->assertUnprocessable();
        $this->answer($shown['answerAt'])->assertUnprocessable();
        $other = $this->line(picture: 'other.jpg');
        $other->update(['order_id' => $this->anotherOrder()]);
        $this->answer($shown['answerAt'], ['isYes' => true, 'line' => $other->id, 'version' => $at['version']])->assertConflict();
        self::assertSame(0, ClientAnswer::query()->count());
    }

    public function test_a_page_keeps_so_many_answers_and_no_more(): void
    {
        $shown = $this->shown($this->link());
        $row = [
            'client_page_id' => ClientPage::query()->max('id'),
            'line_id' => $this->boat->id,
            'plan_hash' => str_repeat('a', 64),
            'is_yes' => true,
        ];
        ClientAnswer::query()->insert(array_fill(0, 5000, $row));
        $this->answer($shown['answerAt'], ['isYes' => true] + self::to($shown, 0))
            ->assertUnprocessable()
            ->assertSee('new link');
    }

    private function anotherOrder(): int
    {
        $other = $this->order->replicate();
        $other->number = '2611-99';
        $other->save();

        return $other->id;
    }

    /** Each letter and each field of a link is signed. */
    public function test_an_altered_link_opens_nothing(): void
    {
        $shown = $this->shown($link = $this->link());
        Auth::forgetGuards();
        [$path, $query] = explode('?', $link);
        parse_str($query, $fields);
        $fields = array_map(strval(...), array_filter($fields, is_string(...)));
        $altered = [
            '/shown/2?'.$query,
            $path,
            "{$path}?expires={$fields['expires']}",
            "{$path}?signature={$fields['signature']}",
            "{$path}?".http_build_query(['expires' => (int) $fields['expires'] + 1] + $fields),
            "{$path}?".http_build_query(['expires' => ''] + $fields),
            "{$path}?{$query}&extra=1",
            "{$path}/prints?{$query}",
            "{$path}/answers?{$query}",
        ];
        for ($i = 0; $i < 64; $i += 7) {
            $signature = $fields['signature'];
            $signature[$i] = $signature[$i] === 'a' ? 'b' : 'a';
            $altered[] = "{$path}?".http_build_query(['signature' => $signature] + $fields);
        }
        foreach ([$shown['prints'][0]['pictures']['small'], $shown['lookAt']] as $signed) {
            $altered[] = (string) preg_replace_callback(
                '~\d(?=[^\d]*\?)~',
                fn (array $m): string => (string) ((int) $m[0] ^ 1 ?: 2),
                $signed,
            );
            $altered[] = str_replace('signature=', 'signature=0', $signed);
        }
        $picture = $shown['prints'][0]['pictures']['small'];
        $altered[] = str_replace("/{$this->boat->id}/", "/{$this->shore->id}/", $picture);
        $altered[] = str_replace('/800?', '/1600?', $picture);
        foreach ($altered as $url) {
            $status = $this->get($url)->getStatusCode();
            self::assertContains($status, [403, 404, 405], $url);
        }
        $this->get($path.'?'.$query.'0')
            ->assertForbidden()
            ->assertSee('altered');
        self::assertSame(1, ClientPage::query()->firstOrFail()->seen, 'seen once, by the first look');
    }

    public function test_links_run_out_and_can_be_revoked(): void
    {
        $link = $this->link(['days' => 2]);
        $shown = $this->shown($link);
        Auth::forgetGuards();
        Carbon::setTestNow(now()->addDays(2)->addMinute());
        $this->get($link)->assertForbidden()->assertSee('run out');
        $this->get($shown['prints'][0]['pictures']['small'])->assertForbidden();
        $this->answer($shown['answerAt'], ['isYes' => true] + self::to($shown, 0))->assertForbidden();
        Carbon::setTestNow();
        $this->actingAs($this->wren);
        $usual = $this->link();
        $this->getJson("/api/orders/{$this->order->id}/client-pages")->assertJsonPath(
            'pages.0.expiresOn',
            now()->addDays(14)->format('Y-m-d'),
        );
        $again = $this->shown($usual);
        $this->postJson('/api/client-pages/'.ClientPage::query()->max('id').'/revoke')
            ->assertOk()
            ->assertJsonPath('isOpen', false);
        Auth::forgetGuards();
        $this->get($usual)->assertStatus(410)->assertSee('Ask the studio');
        $this->getJson($again['lookAt'])
            ->assertStatus(410)
            ->assertJsonPath('message', fn (string $said): bool => str_contains($said, 'Ask the studio'));
        $this->get($again['prints'][0]['pictures']['small'])->assertStatus(410);
        $this->answer($again['answerAt'], ['isYes' => true] + self::to($again, 0))->assertStatus(410);
        self::assertSame(0, ClientAnswer::query()->count());
    }

    public function test_how_often_it_was_seen_is_counted_without_the_studios_own_looks(): void
    {
        $link = $this->link();
        $this->get($link)->assertOk();
        Auth::forgetGuards();
        for ($n = 0; $n < 5; $n++) {
            $this->get($link)->assertOk();
        }
        ClientPage::query()->update(['seen' => 10_000]);
        $this->get($link)->assertOk();
        $this->actingAs($this->wren);
        $this->getJson("/api/orders/{$this->order->id}/client-pages")->assertJsonPath('pages.0.seen', 10_001);
    }

    /** With a link one reaches its page and its pictures; the studio asks who one is. */
    public function test_nothing_else_can_be_reached(): void
    {
        $link = $this->link();
        Auth::forgetGuards();
        $query = (string) parse_url($link, PHP_URL_QUERY);
        foreach (
            [
                'orders',
                "orders/{$this->order->id}",
                "orders/{$this->order->id}/client-pages",
                'marks',
                'labs',
                "orders/{$this->order->id}/make",
            ] as $path
        ) {
            $this->getJson("/api/{$path}?{$query}")->assertUnauthorized();
        }
        $this->postJson("/api/orders/{$this->order->id}/client-pages?{$query}")->assertUnauthorized();
    }

    public function test_links_are_made_as_they_should_be(): void
    {
        $make = fn (array $wanted) => $this->postJson("/api/orders/{$this->order->id}/client-pages", $wanted);
        $make(['days' => 0])->assertUnprocessable();
        $make(['days' => 10_000])->assertUnprocessable();
        $make(['mark' => 'nowhere.png'])
            ->assertUnprocessable()
            ->assertJsonPath('message', fn (string $said): bool => str_contains($said, 'no mark'));
        self::assertSame(0, ClientPage::query()->count());
    }
}
