<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <title>{{ $manifest->order->number }} {{ $manifest->order->client }}, parcel {{ $manifest->number }}</title>
    {{-- dompdf knows little of CSS: tables and points. Black on white alone, so that any printer will do. --}}
    <style>
        @page { margin: 36pt 36pt 44pt 36pt; }
        body { font-family: 'DejaVu Sans'; font-size: 8.5pt; line-height: 1.35; color: #000; }
        h1 { font-size: 16pt; margin: 0 0 2pt; }
        p { margin: 0; }
        .soft { color: #444; }
        .head td { vertical-align: top; padding: 0; }
        table { width: 100%; border-collapse: collapse; }
        .files { margin-top: 12pt; }
        .files th { text-align: left; font-size: 7.5pt; font-weight: normal; color: #444; padding: 0 6pt 3pt 0; }
        .files td { border-top: 0.6pt solid #000; padding: 5pt 6pt 5pt 0; vertical-align: top; }
        .files tr { page-break-inside: avoid; }
        .many { font-size: 13pt; font-weight: bold; }
        .hand { margin-top: 3pt; }
        .end { text-align: right; }
        .box { display: inline-block; width: 8pt; height: 8pt; border: 0.8pt solid #000; }
        .sum td { border-top: 1.4pt solid #000; }
    </style>
</head>
<body>
    <table class="head">
        <tr>
            <td>
                <h1>{{ $manifest->order->client }}</h1>
                <p>Order {{ $manifest->order->number }} of {{ $manifest->order->date }}, parcel {{ $manifest->number }}</p>
            </td>
            <td class="end">
                <p><b>{{ $manifest->studio }}</b></p>
                <p>for {{ $manifest->lab }}</p>
                <p class="soft">{{ count($rows) }} {{ count($rows) === 1 ? 'file' : 'files' }}, {{ $pieces }} {{ $pieces === 1 ? 'piece' : 'pieces' }}</p>
            </td>
        </tr>
    </table>
    @if ($manifest->order->remark->lab)
        <p style="margin-top: 8pt"><b>For the lab:</b> {{ $manifest->order->remark->lab }}</p>
    @endif
    <table class="files">
        <tr><th style="width: 12pt"></th><th style="width: 60pt"></th><th style="width: 34pt">Copies</th><th>What</th><th style="width: 120pt">Size</th><th class="end" style="width: 50pt; text-align: right">Price</th></tr>
        @foreach ($rows as $row)
            <tr>
                <td><span class="box"></span></td>
                <td>@if ($row['thumb'])<img src="{{ $row['thumb'] }}" style="max-width: 54pt; max-height: 48pt">@endif</td>
                <td class="many">{{ $row['copies'] }} ×</td>
                <td>
                    <p><b>{{ $row['subject'] }}</b></p>
                    <p class="soft">{{ $row['name'] }}</p>
                    @if ($row['on'] !== '')<p>On {{ $row['on'] }}</p>@endif
                    @if ($row['extras'] !== '')<p><b>{{ ucfirst($row['extras']) }}</b></p>@endif
                    @foreach ($row['byHand'] as $said)<p class="hand">{{ $said }}</p>@endforeach
                    @if ($row['remark'])<p class="hand"><b>Remark:</b> {{ $row['remark'] }}</p>@endif
                </td>
                <td><b>{{ $row['size'] }}</b><br>{{ $row['both'] }}<br><span class="soft">{{ $row['pixels'] }}</span></td>
                <td class="end">{{ $row['price'] ?? '—' }}</td>
            </tr>
        @endforeach
        @if ($total)
            <tr class="sum"><td colspan="5">{{ $manifest->isPriced() ? 'Total by the price list' : 'Total of what has a price on the list' }}</td><td class="end"><b>{{ $total }}</b></td></tr>
        @endif
    </table>
</body>
</html>
