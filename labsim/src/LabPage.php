<?php

declare(strict_types=1);

namespace LabSim;

/** Its own small page: what has come, what is done with it, and what it is to do badly next. */
final class LabPage
{
    public function __construct(private readonly Store $store, private readonly Moods $moods, private readonly ReceivedParcels $parcels) {}

    public function open(string $method, string $path): Response
    {
        if ($method === 'POST' && $path === '/moods') {
            $mood = (string) ($_POST['mood'] ?? '');
            isset(Moods::ALL[$mood]) && $this->moods->set($mood, max(0, min(1000, (int) ($_POST['times'] ?? 1))));

            return new Response(303, '', ['Location' => '/']);
        }
        if ($method === 'POST' && $path === '/parcels') {
            $said = fn (string $of): string => trim((string) ($_POST[$of] ?? ''));
            $this->parcels->told($said('key'), $said('state'), $said('reason'));

            return new Response(303, '', ['Location' => '/']);
        }

        return $path === '/' && $method === 'GET'
            ? new Response(200, $this->html(), ['Content-Type' => 'text/html; charset=utf-8'])
            : Response::wrong(404, 'There is nothing here.');
    }

    private function html(): string
    {
        $e = fn (mixed $text): string => htmlspecialchars((string) $text, ENT_QUOTES);
        $rows = '';
        foreach ($this->store->all('parcel') as $parcel) {
            $rows .=
                "<tr><td>{$e($parcel['id'])}<td>{$e($parcel['manifest']['order']['number'] ?? '')} ".
                "{$e($parcel['manifest']['studio']['name'] ?? '')}<td>".
                count($parcel['manifest']['files']).
                " files<td>{$e($parcel['state'])}".
                "<td><form method=post action=/parcels><input type=hidden name=key value='{$e($parcel['key'])}'>".
                "<input name=reason aria-label='Why' placeholder='why, if it goes back'>".
                '<button name=state value=printing>Print</button> <button name=state value=dispatched>Dispatch</button> '.
                '<button name=state value=back>Send back</button></form>';
        }
        $moods = '';
        foreach (Moods::ALL as $mood => $does) {
            $left = $this->moods->now()[$mood] ?? 0;
            $moods .=
                "<li><form method=post action=/moods><input type=hidden name=mood value='{$mood}'>".
                '<button name=times value='.
                ($left > 0 ? 0 : 1).
                '>'.
                ($left > 0 ? 'Don’t' : 'Do').
                "</button> {$e($does)}".
                ($left > 0 ? " <b>next {$left} times</b>" : '').
                '</form>';
        }

        return '<!doctype html><html lang=en><meta charset=utf-8><meta name=viewport content="width=device-width">'.
            '<title>Larkmoor Print Lab, simulated</title><style>'.
            'body{font:15px/1.5 sans-serif;max-width:60rem;margin:3rem auto;padding:0 1rem}'.
            'td{padding:.3rem 1rem .3rem 0;border-top:1px solid #ccc;vertical-align:top}'.
            'li{list-style:none;margin:.2rem 0}ul{padding:0}'.
            'form{display:inline}</style><h1>Larkmoor Print Lab, simulated</h1>'.
            '<p>A lab to try sending with. It checks what comes by its own means and prints nothing.</p>'.
            '<h2>What has come</h2><table>'.
            ($rows ?: '<tr><td>Nothing yet.').
            '</table><h2>What it does badly</h2><ul>'.
            $moods.
            '</ul>';
    }
}
