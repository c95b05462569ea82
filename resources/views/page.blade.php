<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="csp-nonce" content="{{ Vite::cspNonce() }}">
    <title>Planisher</title>
    <link rel="icon" href="/icon.svg" type="image/svg+xml">
    @vite('resources/ui/main.tsx')
</head>
<body>
    <div id="planisher"></div>
    <noscript>Planisher needs JavaScript.</noscript>
</body>
</html>
