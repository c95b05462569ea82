<?php

declare(strict_types=1);

namespace LabSim;

/** Resumable uploads by tus 1.0.0 (tus.io/protocols/resumable-upload), the core protocol and its extension “creation”. */
final class Uploads
{
    private const VERSION = '1.0.0';

    private const LARGEST = 2_000_000_000;

    private const PIECE = 262_144;

    public function __construct(private readonly Store $store, private readonly Moods $moods) {}

    public function options(): Response
    {
        return self::tus(204, ['Tus-Version' => self::VERSION, 'Tus-Extension' => 'creation', 'Tus-Max-Size' => (string) self::LARGEST]);
    }

    public function create(): Response
    {
        $length = filter_var($_SERVER['HTTP_UPLOAD_LENGTH'] ?? '', FILTER_VALIDATE_INT);
        if ($length === false || $length < 0) {
            return self::tus(400, body: 'Upload-Length is needed.');
        }
        if ($length > self::LARGEST) {
            return self::tus(413);
        }
        $id = bin2hex(random_bytes(12));
        touch($this->store->bytes($id));
        $this->store->change('upload', $id, fn (): array => ['id' => $id, 'length' => $length, 'meta' => self::metadata()]);

        return self::tus(201, ['Location' => "/v1/files/{$id}"]);
    }

    public function head(string $id): Response
    {
        $upload = $this->store->get('upload', $id);
        if ($upload === null) {
            return self::tus(404);
        }
        clearstatcache();

        return self::tus(200, [
            'Upload-Offset' => (string) filesize($this->store->bytes($id)),
            'Upload-Length' => (string) $upload['length'],
            'Cache-Control' => 'no-store',
        ]);
    }

    public function patch(string $id): Response
    {
        $upload = $this->store->get('upload', $id);
        if ($upload === null) {
            return self::tus(404);
        }
        if (($_SERVER['CONTENT_TYPE'] ?? '') !== 'application/offset+octet-stream') {
            return self::tus(415);
        }
        $bytes = fopen($this->store->bytes($id), 'a');
        if ($bytes === false || ! flock($bytes, LOCK_EX | LOCK_NB)) {
            return self::tus(423);
        }
        clearstatcache();
        $at = (int) filesize($this->store->bytes($id));
        if ((string) $at !== ($_SERVER['HTTP_UPLOAD_OFFSET'] ?? '')) {
            return self::tus(409);
        }
        [$drop, $power] = [$this->moods->takes('drop'), $this->moods->takes('power')];
        $isSlow = $this->moods->takes('slow');
        $half = intdiv((int) ($_SERVER['CONTENT_LENGTH'] ?? 0), 2);
        $from = fopen('php://input', 'r');
        for ($taken = 0; $from !== false && ! feof($from); $taken += strlen($piece)) {
            $piece = (string) fread($from, self::PIECE);
            if ($at + $taken + strlen($piece) > $upload['length']) {
                return self::tus(413);
            }
            fwrite($bytes, $piece);
            $isSlow && usleep(intdiv(strlen($piece), 1));
            if (($drop || $power) && $taken + strlen($piece) >= $half) {
                fflush($bytes);
                $power && posix_kill(-posix_getpgrp(), SIGKILL);

                return Response::broken();
            }
        }
        fflush($bytes);
        flock($bytes, LOCK_UN);

        return self::tus(204, ['Upload-Offset' => (string) ($at + $taken)]);
    }

    /**
     * A whole upload of these bytes.
     *
     * @return ?string where they lie
     */
    public function whole(string $sha256): ?string
    {
        foreach ($this->store->all('upload') as $upload) {
            $path = $this->store->bytes($upload['id']);
            if (($upload['meta']['sha256'] ?? '') === $sha256 && is_file($path) && filesize($path) === $upload['length']) {
                return $path;
            }
        }

        return null;
    }

    /** @return array<string, string> “name d29yZHM=,sha256 …” */
    private static function metadata(): array
    {
        $said = [];
        foreach (array_filter(explode(',', $_SERVER['HTTP_UPLOAD_METADATA'] ?? '')) as $pair) {
            [$name, $value] = explode(' ', trim($pair), 2) + [1 => ''];
            $said[$name] = (string) base64_decode($value, true);
        }

        return $said;
    }

    /** @param  array<string, string>  $headers */
    private static function tus(int $status, array $headers = [], string $body = ''): Response
    {
        return new Response($status, $body, ['Tus-Resumable' => self::VERSION] + $headers);
    }
}
