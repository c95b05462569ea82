<?php

declare(strict_types=1);

namespace Tests\attack;

use Symfony\Component\Process\Process;

/** Who isn't signed in: whatever it costs to answer them, the studio goes on working; and of several at once one is first. */
final class GuestsTest extends Attack
{
    private const ASKS = 40;

    /** The studio's page takes at most so many times as long while ten guests ask what costs most. */
    private const TIMES = 2.0;

    /** The client's page of an order of twenty prints, and what is costliest behind it. */
    private function costly(): string
    {
        $order = self::order();
        self::assertSame(201, self::upload($order, $this->picture('a.jpg', 600, 400))->status);
        for ($n = 0; $n < 20; $n++) {
            self::line($order, '4 x 6 in', 'a.jpg', ['border' => '0.5 in']);
        }
        $url = (string) self::asWren('POST', "/api/orders/{$order}/client-pages", ['days' => 3])->json('url');
        $page = self::ask('GET', (string) preg_replace('~^https?://[^/]+~', '', $url), headers: ['Accept' => 'text/html'])->body;
        preg_match('/data-shown="([^"]*)"/', $page, $m) === 1 || self::fail(substr($page, 0, 3000));

        return (string) json_decode(html_entity_decode($m[1], ENT_QUOTES), true)['lookAt'];
    }

    public function test_ten_of_the_costliest_requests_of_guests_hold_up_nobody(): void
    {
        $costly = self::address().$this->costly();
        $page = function (): float {
            $seconds = [];
            for ($n = 0; $n < self::ASKS; $n++) {
                $answer = self::asWren('GET', '/api/orders?where=desk');
                self::assertSame(200, $answer->status);
                $seconds[] = $answer->seconds;
            }
            sort($seconds);

            return $seconds[intdiv(self::ASKS, 2)];
        };
        $page();
        $usual = $page();
        $guests = [];
        $nested = str_repeat('[', 200_000);
        file_put_contents("{$this->folder}/nested.json", $nested);
        $signIn = self::address().'/api/sign-in';
        for ($n = 0; $n < 10; $n++) {
            $ask =
                $n % 5 === 0
                    ? ['-X', 'POST', '-H', 'Content-Type: application/json', '--data-binary', "@{$this->folder}/nested.json", $signIn]
                    : [$costly];
            $guests[] = $guest = new Process(['bash', '-c', 'while :; do curl -s -o /dev/null "$@"; done', '_', ...$ask], timeout: 60);
            $guest->start();
        }
        usleep(500_000);
        try {
            $beside = $page();
        } finally {
            array_map(fn (Process $guest) => $guest->stop(0, SIGKILL), $guests);
        }
        fwrite(STDERR, sprintf("\nA page took %.0f ms, and %.0f ms beside ten guests.\n", 1000 * $usual, 1000 * $beside));
        self::assertLessThan(self::TIMES * $usual + 0.02, $beside, 'within twice its usual time, and what a clock is off');
    }

    /** A link to choose a password is good once, for whoever of several is first. */
    public function test_a_link_to_choose_a_password_is_good_once_for_three_at_once(): void
    {
        $link = (string) self::asWren('POST', '/api/people', ['name' => 'Ash', 'email' => 'ash-'.getmypid().'@halloway.example'])->json(
            'link',
        );
        parse_str((string) parse_url($link, PHP_URL_FRAGMENT), $of);
        $many = curl_multi_init();
        $asks = [];
        for ($n = 0; $n < 3; $n++) {
            $asks[] = $ask = curl_init(self::address().'/api/choose-password');
            curl_setopt_array($ask, [
                CURLOPT_POSTFIELDS => (string) json_encode($of + ['password' => "the choice of number {$n}"]),
                CURLOPT_HTTPHEADER => ['Content-Type: application/json', 'Accept: application/json'],
                CURLOPT_RETURNTRANSFER => true,
            ]);
            curl_multi_add_handle($many, $ask);
        }
        do {
            curl_multi_exec($many, $running);
            curl_multi_select($many, 0.05);
        } while ($running > 0);
        $answers = array_map(fn (\CurlHandle $ask): int => (int) curl_getinfo($ask, CURLINFO_RESPONSE_CODE), $asks);
        sort($answers);
        self::assertSame([204, 422, 422], $answers);
    }

    /** Whoever has a link waiting takes as long to be refused as whoever hasn't. */
    public function test_the_time_of_a_refused_choice_doesn_t_tell_who_has_a_link(): void
    {
        $email = 'elm-'.getmypid().'@halloway.example';
        self::asWren('POST', '/api/people', ['name' => 'Elm', 'email' => $email]);
        $given = ['token' => str_repeat('a', 64), 'password' => 'long enough to be one'];
        $try = fn (string $who): float => self::ask('POST', '/api/choose-password', ['email' => $who] + $given)->seconds;
        $try('warm@halloway.example');
        [$has, $hasNot, $isNobody] = [[], [], []];
        for ($n = 0; $n < 5; $n++) {
            $has[] = $try($email);
            $hasNot[] = $try(self::WREN['email']);
            $isNobody[] = $try("nobody-{$n}@halloway.example");
        }
        self::assertEqualsWithDelta(1.0, min($has) / min($hasNot), 0.3);
        self::assertEqualsWithDelta(1.0, min($has) / min($isNobody), 0.3);
    }

    /** What watches the machine: alive apart from ready, in our own words. */
    public function test_alive_is_apart_from_ready_and_neither_tells_more(): void
    {
        $up = self::ask('GET', '/up');
        self::assertSame([200, ['isUp' => true], 'no-store, private'], [$up->status, $up->all(), $up->header('Cache-Control')]);
        $health = self::ask('GET', '/health');
        self::assertSame(['isWell', 'database', 'queue', 'files', 'workers', 'room'], array_keys($health->all()));
    }
}
