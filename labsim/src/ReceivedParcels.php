<?php

declare(strict_types=1);

namespace LabSim;

/** Parcels as they are announced, filled, checked, and printed. */
final class ReceivedParcels
{
    private const CHECK_SECONDS = 1.5;

    private const LATE_ASKED = 4;

    private const STATES = ['printing', 'dispatched', 'back'];

    public function __construct(
        private readonly Store $store,
        private readonly Moods $moods,
        private readonly Uploads $uploads,
        private readonly Catalogue $catalogue,
        private readonly string $key,
        private readonly int $pace,
    ) {}

    /** A parcel is announced by its manifest; the same once more is the same parcel. */
    public function announce(string $body): Response
    {
        $manifest = json_decode($body, true);
        $key = $manifest['parcel']['key'] ?? null;
        $files = $manifest['files'] ?? null;
        if (! is_string($key) || preg_match('/^[0-9a-f-]{36}$/', $key) !== 1 || ! is_array($files) || $files === []) {
            return Response::wrong(422, 'This is no manifest: it needs parcel.key and files.');
        }
        if ($key !== ($_SERVER['HTTP_IDEMPOTENCY_KEY'] ?? '')) {
            return Response::wrong(422, 'The Idempotency-Key isn’t the key of the parcel.');
        }
        foreach ($files as $file) {
            if (! is_string($file['name'] ?? null) || preg_match('/^[0-9a-f]{64}$/', (string) ($file['sha256'] ?? '')) !== 1) {
                return Response::wrong(422, 'A file of the manifest has no name, or no SHA-256.');
            }
        }
        $isNew = false;
        $parcel = $this->store->change('parcel', $key, function (array $held) use ($manifest, $key, $body, &$isNew): array {
            $isNew = $held === [];

            return $held ?: [
                'id' => sprintf('LK-%04d', $this->store->next('parcel')),
                'key' => $key,
                'sum' => hash('sha256', $body),
                'manifest' => $manifest,
                'state' => 'open',
                'files' => [],
                'asked' => 0,
            ];
        });
        if ($parcel['sum'] !== hash('sha256', $body)) {
            return Response::wrong(409, 'Another parcel came with this key before.');
        }

        return Response::json($isNew ? 201 : 200, [
            'parcel' => ['id' => $parcel['id'], 'key' => $key],
            'state' => $parcel['state'],
            'already' => ! $isNew,
            'have' => array_values(
                array_filter(array_column($files, 'sha256'), fn (string $sum): bool => $this->uploads->whole($sum) !== null),
            ),
        ]);
    }

    /** All of it has come: the lab looks at it. */
    public function complete(string $key): Response
    {
        $parcel = $this->store->get('parcel', $key);
        if ($parcel === null) {
            return Response::wrong(404, 'No parcel of this key was announced.');
        }
        $sums = array_column($parcel['manifest']['files'], 'sha256');
        $lacking = array_values(array_filter($sums, fn (string $sum): bool => $this->uploads->whole($sum) === null));
        if ($lacking !== []) {
            return Response::json(409, ['message' => count($lacking).' files haven’t come.', 'lacking' => $lacking]);
        }
        $this->store->change('parcel', $key, fn (array $now): array => $now['state'] === 'open' ? [...$now, 'state' => 'checking'] : $now);

        return $this->show($key);
    }

    /** How it is with a parcel; asked after, the lab goes on checking it. */
    public function show(string $key): Response
    {
        $parcel = $this->store->get('parcel', $key);
        if ($parcel === null) {
            return Response::wrong(404, 'No parcel of this key was announced.');
        }
        $parcel = $this->store->change('parcel', $key, $this->checked(...));

        return Response::json(200, [
            'parcel' => ['id' => $parcel['id'], 'key' => $key],
            'state' => $parcel['state'],
            'files' => array_values($parcel['files']),
            'reason' => $parcel['reason'] ?? null,
            ...$this->receipt($parcel),
        ]);
    }

    public function preview(string $sha256): Response
    {
        $path = $this->store->preview($sha256);

        return is_file($path)
            ? new Response(200, (string) file_get_contents($path), ['Content-Type' => 'image/jpeg'])
            : Response::wrong(404, 'There is no preview of this file.');
    }

    /** What its people do with a parcel, by its page. */
    public function told(string $key, string $state, string $reason): void
    {
        if (in_array($state, self::STATES, true) && $this->store->get('parcel', $key) !== null) {
            $this->store->change('parcel', $key, fn (array $now): array => [...$now, 'state' => $state, 'reason' => $reason ?: null]);
        }
    }

    /**
     * @param  array<string, mixed>  $parcel
     * @return array<string, mixed> with as many more files checked as there is time for
     */
    private function checked(array $parcel): array
    {
        $parcel['asked']++;
        if ($parcel['state'] !== 'checking') {
            return $this->printed($parcel);
        }
        if ($this->moods->takes('late')) {
            $parcel['lateUntil'] = $parcel['asked'] + self::LATE_ASKED;
        }
        if (($parcel['lateUntil'] ?? 0) > $parcel['asked']) {
            return $parcel;
        }
        $checks = new FileChecks($this->store, $this->catalogue);
        $began = microtime(true);
        $all = $parcel['manifest']['files'];
        foreach ($all as $file) {
            $path = $this->uploads->whole($file['sha256']);
            if (isset($parcel['files'][$file['sha256']]) || $path === null) {
                continue;
            }
            if (microtime(true) - $began > self::CHECK_SECONDS) {
                return $parcel;
            }
            $found = $checks->of($file, $path, $all);
            if ($this->moods->takes('refuse')) {
                $found['reasons'][] = 'There is a scratch in it that we would not like to print.';
            }
            $parcel['files'][$file['sha256']] = ['name' => $file['name'], 'sha256' => $file['sha256'], ...$found];
        }
        $refused = array_filter($parcel['files'], fn (array $file): bool => $file['reasons'] !== []);
        $parcel['state'] = $refused === [] ? 'received' : 'refused';
        $parcel['at'] = gmdate('c');

        return $parcel;
    }

    /**
     * A lab prints by itself what it has received, and dispatches it, in its own time.
     *
     * @param  array<string, mixed>  $parcel
     * @return array<string, mixed>
     */
    private function printed(array $parcel): array
    {
        $age = time() - (int) strtotime($parcel['at'] ?? 'now');
        $isDue = fn (int $paces): bool => $this->pace > 0 && $age >= $paces * $this->pace;
        if ($parcel['state'] === 'received' && $isDue(1)) {
            $parcel['state'] = 'printing';
        }
        if ($parcel['state'] === 'printing' && $isDue(4)) {
            $parcel['state'] = 'dispatched';
        }

        return $parcel;
    }

    /**
     * Its receipt, sealed with the key.
     *
     * @param  array<string, mixed>  $parcel
     * @return array{}|array{receipt: string, seal: string}
     */
    private function receipt(array $parcel): array
    {
        if (in_array($parcel['state'], ['open', 'checking', 'refused'], true)) {
            return [];
        }
        $files = $parcel['manifest']['files'];
        $prices = array_map(fn (array $file): ?float => $this->catalogue->price($file), $files);
        $total = array_sum(array_map(fn (array $file, ?float $price): float => $file['copies'] * ($price ?? 0), $files, $prices));
        $receipt = json_encode(
            [
                'number' => $parcel['id'].($this->moods->takes('twice') ? '-B' : ''),
                'key' => $this->moods->takes('other') ? '00000000-0000-4000-8000-000000000000' : $parcel['key'],
                'manifest' => $parcel['sum'],
                'files' => count($files),
                'pieces' => array_sum(array_column($files, 'copies')),
                'total' => in_array(null, $prices, true)
                    ? null
                    : ['price' => round($total, 2), 'currency' => $this->catalogue->says['currency']],
                'at' => $parcel['at'],
            ],
            JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR,
        );
        $seal = hash_hmac('sha256', $receipt, $this->key);

        return ['receipt' => $this->moods->takes('altered') ? str_replace('"files":', '"files":1', $receipt) : $receipt, 'seal' => $seal];
    }
}
