<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="csp-nonce" content="{{ Vite::cspNonce() }}">
    <title>Planisher</title>
    <link rel="icon" href="/icon.svg" type="image/svg+xml">
    {{-- What the page asks first is fetched while its scripts are. --}}
    <link rel="preload" href="/api/me" as="fetch" crossorigin="anonymous">
@if (preg_match('~^orders/[1-9][0-9]{0,17}(?=$|/(lines|look|wall))~', request()->path(), $order))
    <link rel="preload" href="/api/{{ $order[0] }}" as="fetch" crossorigin="anonymous">
@endif
    @vite('resources/ui/main.tsx')
</head>
<body>
    <div id="planisher"></div>
    <noscript>Planisher needs JavaScript.</noscript>
</body>
</html>
