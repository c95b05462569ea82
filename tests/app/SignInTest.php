<?php

declare(strict_types=1);

namespace Tests\app;

use Illuminate\Support\Facades\Auth;

final class SignInTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        Auth::forgetGuards(); // nobody is signed in
    }

    public function test_nothing_but_the_sign_in_answers_a_guest(): void
    {
        $this->getJson('/api/me')
            ->assertOk()
            ->assertExactJson(['user' => null, 'studio' => null, 'isNew' => false]);
        foreach (
            [
                'orders',
                "orders/{$this->order->id}",
                "orders/{$this->order->id}/make",
                'new-order',
                'pictures/'.str_repeat('a', 64).'/thumb',
                'files/1',
                'makes/1/zip',
            ] as $path
        ) {
            $this->getJson("/api/{$path}")
                ->assertUnauthorized()
                ->assertJson(['message' => 'Sign in first.']);
        }
        $this->postJson("/api/orders/{$this->order->id}/lines", ['size' => '4 x 6 in'])->assertUnauthorized();
        $this->postJson("/api/orders/{$this->order->id}/make")->assertUnauthorized();
    }

    public function test_signs_in_and_out(): void
    {
        $this->postJson('/api/sign-in', ['email' => 'wren@halloway.example', 'password' => 'copper-and-paper'])
            ->assertOk()
            ->assertJsonPath('user.name', 'Wren Halloway');
        $this->getJson('/api/orders')->assertOk();
        $this->postJson('/api/sign-out')->assertNoContent();
        $this->app['auth']->forgetGuards();
        $this->getJson('/api/orders')->assertUnauthorized();
    }

    public function test_a_wrong_password_says_the_same_as_an_unknown_name_and_is_throttled(): void
    {
        $wrong = $this->postJson('/api/sign-in', ['email' => 'wren@halloway.example', 'password' => 'guess'])
            ->assertUnprocessable()
            ->json('message');
        self::assertSame(
            $wrong,
            $this->postJson('/api/sign-in', ['email' => 'nobody@halloway.example', 'password' => 'guess'])
                ->assertUnprocessable()
                ->json('message'),
        );
        for ($i = 0; $i < 4; $i++) {
            $this->postJson('/api/sign-in', ['email' => 'wren@halloway.example', 'password' => 'guess'])->assertUnprocessable();
        }
        $message = $this->postJson('/api/sign-in', ['email' => 'Wren@Halloway.example', 'password' => 'copper-and-paper'])
            ->assertTooManyRequests()
            ->json('message');
        self::assertMatchesRegularExpression('/^Too many tries. Wait \d+ seconds/', $message);
    }

    public function test_every_answer_carries_the_content_security_policy(): void
    {
        $policy = (string) $this->get('/')->assertOk()->headers->get('Content-Security-Policy');
        self::assertStringContainsString("default-src 'none'", $policy);
        self::assertStringNotContainsString('unsafe', $policy);
        self::assertSame(1, preg_match("/script-src 'self' 'nonce-[^']+'/", $policy));
    }
}
