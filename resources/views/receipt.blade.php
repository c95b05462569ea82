<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <title>Receipt {{ $parcel->receipt['number'] }}</title>
    <style>
        @page { margin: 54pt; }
        body { font-family: 'DejaVu Sans'; font-size: 9pt; line-height: 1.45; color: #000; }
        h1 { font-size: 16pt; margin: 0 0 12pt; }
        p { margin: 0; }
        table { width: 100%; border-collapse: collapse; margin-top: 14pt; }
        td { border-top: 0.6pt solid #000; padding: 4pt 8pt 4pt 0; vertical-align: top; }
        .soft { color: #444; }
        .end { text-align: right; }
    </style>
</head>
<body>
    <h1>Receipt {{ $parcel->receipt['number'] }}</h1>
    <p>{{ $parcel->lab->name }} has received parcel {{ $parcel->number }} of {{ $parcel->manifest['studio']['name'] }}:
        order {{ $parcel->manifest['order']['number'] }}, {{ $parcel->manifest['order']['client'] }}.</p>
    <p>{{ $parcel->receipt['files'] }} {{ $parcel->receipt['files'] === 1 ? 'file' : 'files' }},
        {{ $parcel->receipt['pieces'] }} {{ $parcel->receipt['pieces'] === 1 ? 'piece' : 'pieces' }}{{ $total ? ", {$total}" : '' }}</p>
    <p class="soft">Received {{ $parcel->receipt['at'] }}. Parcel {{ $parcel->key }}.</p>
    <table>
        @foreach ($parcel->manifest['files'] as $file)
            <tr><td>{{ $file['copies'] }} ×</td><td>{{ $file['subject'] }}<br><span class="soft">{{ $file['name'] }}</span></td><td class="end">{{ $file['sheet'] }}</td></tr>
        @endforeach
    </table>
</body>
</html>
