<?php

declare(strict_types=1);

namespace LabSim;

/** Where all requests arrive. */
final class Router
{
    private readonly Moods $moods;

    private readonly Uploads $uploads;

    private readonly ReceivedParcels $parcels;

    /** @param  int  $pace  seconds until what is received is printed; 0 for when its people say so */
    public function __construct(private readonly Store $store, private readonly string $key, int $pace)
    {
        $this->moods = new Moods($store);
        $this->uploads = new Uploads($store, $this->moods);
        $this->parcels = new ReceivedParcels($store, $this->moods, $this->uploads, Catalogue::read(), $key, $pace);
    }

    public function open(string $method, string $path): Response
    {
        if (! str_starts_with($path, '/v1/')) {
            return (new LabPage($this->store, $this->moods, $this->parcels))->open($method, $path);
        }
        if ($this->key === '' || ! hash_equals("Bearer {$this->key}", $_SERVER['HTTP_AUTHORIZATION'] ?? '')) {
            return Response::wrong(401, 'We don’t know this key.');
        }
        if ($method !== 'PATCH' && $this->moods->takes('error')) {
            return Response::wrong(500, 'Something broke here.');
        }
        if ($method !== 'PATCH' && $this->moods->takes('nonsense')) {
            return new Response(200, '<p>It works!', ['Content-Type' => 'text/html']);
        }
        if ($method !== 'PATCH' && $this->moods->takes('silent')) {
            sleep(60);
        }
        $one = preg_match('~^/v1/(files|parcels|previews)/([0-9a-f-]+)(/complete)?$~', $path, $named) === 1 ? $named[1] : '';
        $id = $named[2] ?? '';

        return match (true) {
            $path === '/v1/files' && $method === 'OPTIONS' => $this->uploads->options(),
            $path === '/v1/files' && $method === 'POST' => $this->uploads->create(),
            $one === 'files' && $method === 'HEAD' => $this->uploads->head($id),
            $one === 'files' && $method === 'PATCH' => $this->uploads->patch($id),
            $path === '/v1/parcels' && $method === 'POST' => $this->parcels->announce((string) file_get_contents('php://input')),
            $one === 'parcels' && isset($named[3]) && $method === 'POST' => $this->parcels->complete($id),
            $one === 'parcels' && ! isset($named[3]) && $method === 'GET' => $this->parcels->show($id),
            $one === 'previews' && $method === 'GET' => $this->parcels->preview($id),
            default => Response::wrong(404, 'There is nothing here.'),
        };
    }
}
