<?php

declare(strict_types=1);

namespace Tests\app;

use App\Models\User;
use Illuminate\Database\QueryException;
use Illuminate\Hashing\HashManager;
use Illuminate\Session\DatabaseSessionHandler;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\Session;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;

/** Who gets in, how often it may be tried, and when a session ends. Sessions lie in the database here, as in use. */
final class DoorTest extends TestCase
{
    private const WREN = ['email' => 'wren@halloway.example', 'password' => 'copper-and-paper'];

    protected function setUp(): void
    {
        parent::setUp();
        config(['session.driver' => 'database']);
        $this->withCredentials(); // cookies go with JSON, too
        Auth::forgetGuards();
    }

    /** As the next request finds it: nothing is held in memory. */
    private function anew(): void
    {
        Auth::forgetGuards();
        $this->app['session']->forgetDrivers();
        $this->app->forgetInstance('session.store');
    }

    private function try(string $email, string $password = 'a guess', string $from = '10.0.0.1'): TestResponse
    {
        $this->anew();
        $this->unencryptedCookies = [];

        return $this->withServerVariables(['REMOTE_ADDR' => $from])->postJson('/api/sign-in', ['email' => $email, 'password' => $password]);
    }

    /** @return string its session's cookie */
    private function signedIn(): string
    {
        $answer = $this->try(...self::WREN)->assertOk();

        return (string) $answer->getCookie('planisher_session', false)?->getValue();
    }

    private function me(string $cookie): ?string
    {
        $this->anew();

        return $this->withUnencryptedCookie('planisher_session', $cookie)->getJson('/api/me')->assertOk()->json('user.name');
    }

    /** The database would find people whatever the accent or the width of a letter. */
    #[DataProvider('otherSpellings')]
    public function test_an_email_is_found_by_its_own_letters_alone(string $email): void
    {
        $this->try($email, self::WREN['password'])->assertUnprocessable();
    }

    /** @return iterable<array{string}> */
    public static function otherSpellings(): iterable
    {
        yield ['wrén@halloway.example'];
        yield ['ｗren@halloway.example'];
        yield ['wren@hallowaÿ.example'];
        yield ['wreñ@halloway.example'];
    }

    public function test_case_and_spaces_around_it_are_not_its_letters(): void
    {
        $this->try(' Wren@HALLOWAY.example ', self::WREN['password'])->assertOk();
        $stored = User::query()->create(['name' => 'É', 'email' => "E\u{301}lan@Halloway.example", 'password' => 'x']);
        self::assertSame("\u{E9}lan@halloway.example", $stored->email, 'composed, in lower case');
    }

    public function test_tries_are_counted_by_account_and_address(): void
    {
        for ($i = 0; $i < 5; $i++) {
            $this->try(self::WREN['email'])->assertUnprocessable();
        }
        $this->try(self::WREN['email'], self::WREN['password'])->assertTooManyRequests();
        $this->try(self::WREN['email'], self::WREN['password'], from: '10.0.0.2')->assertOk();
    }

    public function test_tries_are_counted_by_account_over_all_addresses(): void
    {
        for ($i = 0; $i < 20; $i++) {
            $this->try($i % 2 === 0 ? self::WREN['email'] : ' WREN@halloway.example', from: "10.0.1.{$i}")->assertUnprocessable();
        }
        $message = $this->try(self::WREN['email'], from: '10.0.2.1')->assertTooManyRequests()->json('message');
        self::assertMatchesRegularExpression('/^Too many tries. Wait \d+ seconds/', $message);
    }

    public function test_tries_are_counted_by_address_over_all_accounts(): void
    {
        for ($i = 0; $i < 40; $i++) {
            $this->try("nobody-{$i}@halloway.example", from: '10.0.3.1')->assertUnprocessable();
        }
        $this->try(self::WREN['email'], self::WREN['password'], from: '10.0.3.1')->assertTooManyRequests();
        $this->try(self::WREN['email'], self::WREN['password'], from: '10.0.3.2')->assertOk();
    }

    /** Strangers lock nobody out of where one has been before: a right password counts there, a wrong one doesn't. */
    public function test_a_right_password_is_taken_from_where_one_signed_in_before(): void
    {
        $this->try(self::WREN['email'], self::WREN['password'], from: '10.0.4.1')->assertOk();
        for ($i = 0; $i < 60; $i++) {
            $this->try(
                $i % 3 === 0 ? self::WREN['email'] : "nobody-{$i}@halloway.example",
                from: $i % 2 === 0 ? '10.0.4.1' : "10.0.5.{$i}",
            );
        }
        $this->try(self::WREN['email'], self::WREN['password'], from: '10.0.4.2')->assertTooManyRequests();
        $this->try(self::WREN['email'], from: '10.0.4.1')->assertTooManyRequests();
        $this->try(self::WREN['email'], self::WREN['password'], from: '10.0.4.1')->assertOk();
    }

    /** Who isn't there is counted the same way, so that the answers don't tell. */
    public function test_an_account_that_isn_t_there_is_counted_alike(): void
    {
        for ($i = 0; $i < 5; $i++) {
            $this->try('nobody@halloway.example')->assertUnprocessable();
        }
        $this->try('nobody@halloway.example')->assertTooManyRequests();
    }

    /** The same hash is worked out whether there is such a person or not. */
    public function test_the_same_work_is_done_for_nobody(): void
    {
        $this->try('warm@halloway.example');
        $counting = new class($this->app) extends HashManager
        {
            public int $checks = 0;

            /** @param  array<string, mixed>  $options */
            public function check($value, $hashedValue, array $options = []): bool
            {
                $this->checks++;

                return parent::check($value, $hashedValue, $options);
            }
        };
        Hash::swap($counting);
        foreach ([self::WREN['email'], 'nobody@halloway.example'] as $i => $email) {
            $this->try($email)->assertUnprocessable();
            self::assertSame($i + 1, $counting->checks);
        }
    }

    public function test_a_sign_in_from_another_site_is_not_obeyed(): void
    {
        $this->postJson('/api/sign-in', self::WREN, ['Origin' => 'https://evil.example'])->assertForbidden();
        $this->postJson('/api/sign-in', self::WREN, ['Sec-Fetch-Site' => 'cross-site'])->assertForbidden();
        $this->post('/api/sign-in', self::WREN)->assertForbidden(); // a form can send no JSON
    }

    public function test_a_session_ends_when_it_isn_t_used(): void
    {
        $cookie = $this->signedIn();
        $names = [];
        foreach ([0, 11, 13] as $hours) {
            $this->travel($hours)->hours();
            $names[] = $this->me($cookie);
        }
        self::assertSame(['Wren Halloway', 'Wren Halloway', null], $names);
    }

    public function test_a_session_ends_after_thirty_days_however_it_is_used(): void
    {
        $cookie = $this->signedIn();
        for ($hours = 11; $hours <= 66 * 11; $hours += 11) {
            $this->travel(11)->hours();
            self::assertSame($hours <= 30 * 24 ? 'Wren Halloway' : null, $this->me($cookie), "after {$hours} h");
        }
    }

    public function test_signing_out_everywhere_ends_all_sessions_and_the_browser_forgets(): void
    {
        [$here, $there] = [$this->signedIn(), $this->signedIn()];
        $this->anew();
        $this->withUnencryptedCookie('planisher_session', $here)
            ->postJson('/api/sign-out-everywhere')
            ->assertNoContent()
            ->assertHeader('Clear-Site-Data', '"cache"');
        self::assertSame([null, null], [$this->me($here), $this->me($there)]);
        self::assertSame(0, DB::table('sessions')->count());
    }

    public function test_signing_out_ends_this_session_alone(): void
    {
        [$here, $there] = [$this->signedIn(), $this->signedIn()];
        $this->anew();
        $this->withUnencryptedCookie('planisher_session', $here)
            ->postJson('/api/sign-out')
            ->assertNoContent()
            ->assertHeader('Clear-Site-Data', '"cache"');
        self::assertSame([null, 'Wren Halloway'], [$this->me($here), $this->me($there)]);
    }

    public function test_a_changed_password_ends_every_other_session(): void
    {
        $cookie = $this->signedIn();
        $orders = function () use ($cookie): int {
            $this->anew();

            return $this->withUnencryptedCookie('planisher_session', $cookie)->getJson('/api/orders')->status();
        };
        self::assertSame([200, 200], [$orders(), $orders()]);
        $this->wren->update(['password' => 'another-one']);
        self::assertSame(401, $orders());
        self::assertNull($this->me($cookie));
    }

    public function test_cookies_are_for_this_site_alone(): void
    {
        $cookie = $this->try(...self::WREN)->assertOk()->getCookie('planisher_session', false);
        self::assertSame([true, 'strict', false], [$cookie?->isHttpOnly(), $cookie?->getSameSite(), $cookie?->isSecure()]);
        config(['session.secure' => true]); // as config/session.php has it where APP_URL is https
        $this->anew();
        self::assertTrue($this->try(...self::WREN)->getCookie('planisher_session', false)?->isSecure());
    }

    public function test_guests_have_no_session(): void
    {
        $this->getJson('/api/me')->assertOk();
        $this->getJson('/api/orders')->assertUnauthorized();
        $this->try('nobody@halloway.example');
        self::assertSame(0, DB::table('sessions')->count());
    }

    public function test_another_write_in_the_way_of_a_session_is_no_error(): void
    {
        $cookie = $this->signedIn();
        $handler = new class(DB::connection(), 'sessions', 720, $this->app) extends DatabaseSessionHandler
        {
            public int $met = 0;

            public function write($sessionId, $data): bool
            {
                return ++$this->met < 3 ? throw self::deadlock() : parent::write($sessionId, $data);
            }

            public static function deadlock(): QueryException
            {
                $said = new \PDOException('SQLSTATE[40001]: Serialization failure: 1213 Deadlock found when trying to get lock');

                return new QueryException('mariadb', 'update', [], $said);
            }
        };
        Session::extend('met', fn (): DatabaseSessionHandler => $handler);
        config(['session.driver' => 'met']);
        self::assertSame('Wren Halloway', $this->me($cookie));
        self::assertSame(3, $handler->met);

        // Where it was what was asked for that met another, nothing was changed: it is tried again by the page.
        config(['session.driver' => 'database']);
        $this->anew();
        DB::beforeExecuting(fn (string $query) => str_contains($query, 'from `orders`') ? throw $handler::deadlock() : null);
        $this->withUnencryptedCookie('planisher_session', $cookie)
            ->getJson('/api/orders')
            ->assertStatus(503)
            ->assertJsonPath('message', fn (string $said): bool => str_contains($said, 'tried again'));
    }
}
