<?php

declare(strict_types=1);

namespace LabSim;

/** What is answered to a request. */
final class Response
{
    /** @param  array<string, string>  $headers */
    public function __construct(public int $status, public string $body = '', public array $headers = []) {}

    /** @param  array<string, mixed>  $says */
    public static function json(int $status, array $says): self
    {
        $body = json_encode($says, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR);

        return new self($status, $body, ['Content-Type' => 'application/json']);
    }

    public static function wrong(int $status, string $message): self
    {
        return self::json($status, ['message' => $message]);
    }

    /** More is promised than comes: whoever asked sees the connection break. */
    public static function broken(): self
    {
        return new self(200, 'x', ['Content-Length' => '4096']);
    }

    public function send(): void
    {
        http_response_code($this->status);
        header('Content-Type:');
        foreach ($this->headers as $name => $value) {
            header("{$name}: {$value}");
        }
        echo $this->body;
    }
}
