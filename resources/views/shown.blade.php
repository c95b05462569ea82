<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="robots" content="noindex">
    <title>{{ $shown['order']['client'] }}: your prints</title>
    <link rel="icon" href="/icon.svg" type="image/svg+xml">
    @vite('resources/ui/client/main.tsx')
</head>
<body>
    <div id="shown" data-shown="{{ json_encode($shown) }}"></div>
    <noscript>This page needs JavaScript.</noscript>
</body>
</html>
