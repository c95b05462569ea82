<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="robots" content="noindex">
    <title>{{ $shown['order']['client'] }}: your prints</title>
    <link rel="icon" href="/icon.svg" type="image/svg+xml">
    @if ($shown['prints'] !== [])
        <link rel="preload" as="image" href="{{ $shown['prints'][0]['pictures']['small'] }}" imagesrcset="{{ $shown['prints'][0]['pictures']['small'] }} 800w, {{ $shown['prints'][0]['pictures']['large'] }} 1600w" imagesizes="(min-width: 768px) 700px, 100vw">
    @endif
    @vite('resources/ui/client/main.tsx')
</head>
<body>
    <div id="shown" data-shown="{{ json_encode($shown) }}">
        <header class="mx-auto max-w-[1080px] px-5 pt-8 pb-5 sm:px-8">
            <h1 class="font-serif text-title leading-tight sm:text-title">{{ $shown['order']['client'] }}</h1>
        </header>
    </div>
    <noscript>This page needs JavaScript.</noscript>
</body>
</html>
