<?php

declare(strict_types=1);

namespace Bench;

use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;

/** Pages asked of the application's own kernel, in this process. */
final class Asked
{
    public const TURNS = 9;

    public function get(string $path): string
    {
        return $this->ask(Request::create($path));
    }

    /** @param  array<string, mixed>  $body */
    public function post(string $path, array $body): string
    {
        return $this->sent('POST', $path, $body);
    }

    /** @param  array<string, mixed>  $body */
    public function sent(string $method, string $path, array $body): string
    {
        $json = (string) json_encode($body);

        return $this->ask(Request::create($path, $method, server: ['CONTENT_TYPE' => 'application/json'], content: $json));
    }

    /** The median of some turns, after one that isn't counted. */
    public function milliseconds(callable $call, ?callable $before = null): float
    {
        $call();
        $took = [];
        for ($n = 0; $n < self::TURNS; $n++) {
            $before === null || $before();
            $took[] = $this->once($call);
        }
        sort($took);

        return $took[intdiv(self::TURNS, 2)];
    }

    /** Of what can be done only once. */
    public function once(callable $call): float
    {
        $from = hrtime(true);
        $call();

        return (hrtime(true) - $from) / 1e6;
    }

    /** Past the door: what is measured is the page, not the session. */
    private function ask(Request $request): string
    {
        $request->headers->set('Accept', 'application/json');
        $answer = app(Kernel::class)->handle($request);
        if (! $answer->isSuccessful()) {
            throw new \RuntimeException("{$request->path()}: {$answer->getStatusCode()} {$answer->getContent()}");
        }

        return (string) $answer->getContent();
    }
}
