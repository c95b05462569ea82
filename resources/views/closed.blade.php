<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="robots" content="noindex">
    <title>This link isn’t open</title>
    <link rel="icon" href="/icon.svg" type="image/svg+xml">
    @vite('resources/ui/page.css')
</head>
<body>
    <main class="mx-auto max-w-xl px-6 py-24">
        <h1 class="font-serif text-title leading-tight">This link isn’t open</h1>
        <p class="mt-3">{{ $words }}</p>
    </main>
</body>
</html>
