<?php

declare(strict_types=1);

namespace Tests;

/** Somebody who asks the running stack over HTTP, with a browser's cookies. */
final class Person
{
    /** @var ?non-empty-string */
    private ?string $jar = null;

    public function __construct(private readonly string $address, private readonly int $patience, bool $hasJar = true)
    {
        if ($hasJar) {
            $this->jar = tempnam(sys_get_temp_dir(), 'planisher-jar-') ?: throw new \RuntimeException('There is no room for a jar.');
            register_shutdown_function(fn () => @unlink((string) $this->jar));
        }
    }

    /** The same, in another process. */
    public function again(): self
    {
        $again = new self($this->address, $this->patience);
        copy((string) $this->jar, (string) $again->jar);

        return $again;
    }

    /**
     * @param  mixed  $body  JSON, or a file to upload: file, name, field
     * @param  array<string, string>  $headers
     */
    public function ask(string $method, string $path, mixed $body = null, array $headers = []): Answer
    {
        $curl = curl_init($this->address.$path);
        $headers += [
            'Accept' => 'application/json',
            ...$body === null || (is_array($body) && isset($body['picture'], $body['file'])) ? [] : ['Content-Type' => 'application/json'],
        ];
        if ($this->jar !== null) {
            curl_setopt($curl, CURLOPT_COOKIEFILE, $this->jar);
            curl_setopt($curl, CURLOPT_COOKIEJAR, $this->jar);
            $headers['X-XSRF-TOKEN'] ??= self::token($this->jar);
        }
        if (is_array($body) && isset($body['file'])) {
            $body = [
                $body['field'] ?? 'picture' => new \CURLFile(
                    $body['file'],
                    'application/octet-stream',
                    $body['name'] ?? basename($body['file']),
                ),
            ];
            unset($headers['Content-Type']);
        } elseif ($body !== null && ! is_string($body)) {
            $body = (string) json_encode($body);
        }
        $got = [];
        $said = array_map(fn (string $name, string $value): string => "{$name}: {$value}", array_keys($headers), $headers);
        curl_setopt_array($curl, [
            CURLOPT_CUSTOMREQUEST => $method ?: 'GET',
            CURLOPT_RETURNTRANSFER => true,
            CURLOPT_TIMEOUT => $this->patience,
            CURLOPT_HTTPHEADER => $said,
            CURLOPT_HEADERFUNCTION => function ($curl, string $line) use (&$got): int {
                [$name, $value] = explode(':', $line, 2) + [1 => ''];
                if ($value !== '') {
                    $got[strtolower($name)][] = trim($value);
                }

                return strlen($line);
            },
        ]);
        if ($body !== null) {
            curl_setopt($curl, CURLOPT_POSTFIELDS, $body);
        }
        $text = curl_exec($curl);
        $answer = new Answer(
            (int) curl_getinfo($curl, CURLINFO_RESPONSE_CODE),
            (string) $text,
            $got,
            curl_errno($curl),
            (float) curl_getinfo($curl, CURLINFO_TOTAL_TIME),
        );
        curl_close($curl);

        return $answer;
    }

    private static function token(string $jar): string
    {
        return preg_match('/XSRF-TOKEN\t(\S+)/', (string) file_get_contents($jar), $m) === 1 ? rawurldecode($m[1]) : '';
    }
}
