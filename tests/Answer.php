<?php

declare(strict_types=1);

namespace Tests;

/** What came back. Status 0 and curl's error where nothing did. */
final readonly class Answer
{
    /** @param  array<string, list<string>>  $headers  by their names in lower case */
    public function __construct(public int $status, public string $body, public array $headers, public int $error, public float $seconds) {}

    public function json(string $key): mixed
    {
        $at = $this->all();
        foreach (explode('.', $key) as $part) {
            $at = is_array($at) ? $at[$part] ?? null : null;
        }

        return $at;
    }

    /** @return array<string, mixed> */
    public function all(): array
    {
        return (array) json_decode($this->body, true);
    }

    public function header(string $name): string
    {
        return implode(', ', $this->headers[strtolower($name)] ?? []);
    }
}
