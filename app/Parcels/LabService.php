<?php

declare(strict_types=1);

namespace App\Parcels;

use App\Models\Lab;
use GuzzleHttp\Psr7\LimitStream;
use GuzzleHttp\Psr7\Utils;
use Illuminate\Http\Client\ConnectionException;
use Illuminate\Http\Client\PendingRequest;
use Illuminate\Http\Client\Response;
use Illuminate\Support\Facades\Http;
use Planisher\OrderFile\JsonText;
use Planisher\Parcel\AnswerRefused;
use Planisher\Parcel\LabAnswer;

/**
 * A lab's service, spoken to as docs/lab-protocol.md has it; files go over by tus 1.0.0. All of it fails with LabAway where it is worth
 * trying again, and with LabRefuses where it isn't.
 */
final class LabService
{
    /** What goes over in one request: a connection that breaks loses no more than what of it didn't arrive. */
    public const PIECE = 4_194_304;

    private const TUS = ['Tus-Resumable' => '1.0.0'];

    private const CONNECT_SECONDS = 5;

    private const PIECE_SECONDS = 120;

    /** No answer is longer; what goes on beyond is cut off. A picture that it shows is the largest. */
    private const LONGEST_ANSWER = 8_000_000;

    private const LONGEST_JSON = 2_000_000;

    private const DEEPEST_JSON = 16;

    private const MOST_VALUES = 60_000;

    private function __construct(private readonly string $name, private readonly string $url, private readonly string $key) {}

    /** @return ?self null where a lab has none: parcels are handed over by hand */
    public static function of(Lab $lab): ?self
    {
        return $lab->service_url === null || $lab->service_key === null
            ? null
            : new self($lab->name, rtrim($lab->service_url, '/'), $lab->service_key);
    }

    /**
     * Tells the lab what comes. The same parcel once more is no other.
     *
     * @return list<string> checksums of the files that it has already
     */
    public function announce(string $manifest, string $key): array
    {
        $answer = $this->ask(
            fn (PendingRequest $to): Response => $to
                ->withHeader('Idempotency-Key', $key)
                ->withBody($manifest, 'application/json')
                ->post("{$this->url}/v1/parcels"),
        );
        $said = $this->told($answer);
        if (! is_array($said) || ($said['parcel']['key'] ?? null) !== $key || ! is_array($said['have'] ?? null)) {
            throw $this->nonsense();
        }

        return array_values(array_filter($said['have'], is_string(...)));
    }

    /** Says that all of it is there. */
    public function complete(string $key): LabAnswer
    {
        return $this->answer($key, fn (PendingRequest $to): Response => $to->post("{$this->url}/v1/parcels/{$key}/complete"));
    }

    /** Asks how it is with a parcel. */
    public function how(string $key): LabAnswer
    {
        return $this->answer($key, fn (PendingRequest $to): Response => $to->get("{$this->url}/v1/parcels/{$key}"));
    }

    /** @return ?string the lab's own picture of how it will print a file, a JPEG; null where it has none */
    public function preview(string $sha256): ?string
    {
        try {
            $answer = $this->ask(fn (PendingRequest $to): Response => $to->get("{$this->url}/v1/previews/{$sha256}"));
        } catch (LabAway|LabRefuses) {
            return null;
        }

        return str_starts_with($answer->header('Content-Type'), 'image/jpeg') ? $answer->body() : null;
    }

    /** @return string where the bytes of a file are to go, as tus has it */
    public function begin(string $name, int $bytes, string $sha256): string
    {
        $meta = ['filename' => $name, 'sha256' => $sha256];
        $said = implode(',', array_map(fn (string $of, string $is): string => "{$of} ".base64_encode($is), array_keys($meta), $meta));
        $answer = $this->ask(
            fn (PendingRequest $to): Response => $to
                ->withHeaders([...self::TUS, 'Upload-Length' => (string) $bytes, 'Upload-Metadata' => $said])
                ->post("{$this->url}/v1/files"),
        );
        $at = $answer->header('Location');
        if ($answer->status() !== 201 || $at === '') {
            throw $this->nonsense();
        }
        $at = str_starts_with($at, '/') ? $this->origin().$at : $at;
        if (! str_starts_with($at, $this->origin().'/')) {
            throw LabRefuses::sentElsewhere($this->name);
        }

        return $at;
    }

    /** @return ?int how many bytes of an upload are there; null where the lab knows nothing of it any more */
    public function arrived(string $upload): ?int
    {
        $answer = $this->ask(fn (PendingRequest $to): Response => $to->withHeaders(self::TUS)->head($upload), [404, 410]);
        if (! $answer->successful()) {
            return null;
        }
        $offset = $answer->header('Upload-Offset');

        return ctype_digit($offset) ? (int) $offset : throw $this->nonsense();
    }

    /**
     * Sends a piece of a file, read as it goes.
     *
     * @param  resource  $file
     * @return int how many bytes of it are there now
     */
    public function send(string $upload, $file, int $at, int $length): int
    {
        $answer = $this->ask(
            fn (PendingRequest $to): Response => $to
                ->timeout(self::PIECE_SECONDS)
                ->withHeaders([...self::TUS, 'Upload-Offset' => (string) $at])
                ->withBody(new LimitStream(Utils::streamFor($file), $length, $at), 'application/offset+octet-stream')
                ->patch($upload),
            [409, 423],
        );
        $offset = $answer->header('Upload-Offset');
        if (! $answer->successful() || ! ctype_digit($offset)) {
            throw LabAway::heldOtherwise($this->name);
        }

        return (int) $offset;
    }

    /** @param  callable(PendingRequest): Response  $call */
    private function answer(string $key, callable $call): LabAnswer
    {
        try {
            $answer = $this->ask($call);
            $this->told($answer);

            return LabAnswer::read($answer->body(), $key);
        } catch (AnswerRefused $e) {
            throw LabAway::ofUnreadable($e);
        }
    }

    /**
     * @param  callable(PendingRequest): Response  $call
     * @param  list<int>  $taken  what isn't good, and is for the caller to judge
     */
    private function ask(callable $call, array $taken = []): Response
    {
        $trouble = LabAddress::trouble($this->url); // what a name stands for may be another address by now
        $trouble === null || throw LabRefuses::badAddress($trouble);
        try {
            $answer = $call(
                Http::withToken($this->key)
                    ->acceptJson()
                    ->withoutRedirecting()
                    ->withOptions([
                        'expect' => false, // a second is lost where nobody answers that
                        'decode_content' => false, // what comes is as large as it is counted
                        'progress' => function (mixed $of, mixed $come): void {
                            $come <= self::LONGEST_ANSWER || throw $this->nonsense();
                        },
                    ])
                    ->connectTimeout(self::CONNECT_SECONDS)
                    ->timeout((int) config('planisher.lab.seconds')),
            );
        } catch (ConnectionException $e) {
            throw LabAway::unreached($this->name, $e);
        }
        $said = str_starts_with($answer->header('Content-Type'), 'image/')
            ? null
            : rescue(fn (): mixed => $this->told($answer)['message'] ?? null, report: false);
        $words = is_string($said) ? ': '.mb_strimwidth($said, 0, 300, '…') : '.';

        return match (true) {
            $answer->successful() || in_array($answer->status(), $taken, true) => $answer,
            $answer->status() === 401 || $answer->status() === 403 => throw LabRefuses::keyUnknown($this->name),
            $answer->status() >= 500 || $answer->status() === 429 => throw LabAway::answered($this->name, $answer->status(), $words),
            default => throw LabRefuses::turnedDown($this->name, $answer->status(), $words),
        };
    }

    /**
     * What an answer says, unpacked once it is known that there isn't too much of it.
     *
     * @return ?array<mixed>
     */
    private function told(Response $answer): ?array
    {
        $body = $answer->body();
        if (strlen($body) > self::LONGEST_JSON || ! JsonText::isWithin($body, self::DEEPEST_JSON, self::MOST_VALUES)) {
            throw $this->nonsense();
        }
        $told = json_decode($body, true, self::DEEPEST_JSON);

        return is_array($told) ? $told : null;
    }

    private function origin(): string
    {
        return (string) preg_replace('~^(https?://[^/]+).*$~', '$1', $this->url);
    }

    private function nonsense(): LabAway
    {
        return LabAway::answeredNothing($this->name);
    }
}
