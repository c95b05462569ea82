<?php

declare(strict_types=1);

namespace App\Health;

/**
 * Whether a service says anything at all within a moment. One that is frozen takes connections still, and whoever has begun to talk to it
 * waits for its answer.
 */
final class Greeting
{
    /** MariaDB speaks first (its protocol’s initial handshake packet). */
    public static function ofDatabase(string $host, int $port, float $seconds): bool
    {
        return self::says($host, $port, '', $seconds);
    }

    /** Redis answers in any case, be it that one has to sign in first (RESP). */
    public static function ofRedis(string $host, int $port, float $seconds): bool
    {
        return self::says($host, $port, "PING\r\n", $seconds);
    }

    /** @param  string  $endpoint  an address by HTTP; what it answers is all the same */
    public static function ofStore(string $endpoint, float $seconds): bool
    {
        $asked = curl_init($endpoint);
        curl_setopt_array($asked, [CURLOPT_NOBODY => true, CURLOPT_NOSIGNAL => true, CURLOPT_TIMEOUT_MS => (int) ($seconds * 1000)]);

        return curl_exec($asked) !== false;
    }

    private static function says(string $host, int $port, string $asked, float $seconds): bool
    {
        $line = @stream_socket_client("tcp://{$host}:{$port}", timeout: $seconds);
        if ($line === false) {
            return false;
        }
        stream_set_timeout($line, (int) $seconds, (int) (fmod($seconds, 1.0) * 1_000_000));
        $asked === '' || @fwrite($line, $asked);
        $said = @fread($line, 1);
        fclose($line);

        return is_string($said) && $said !== '';
    }
}
