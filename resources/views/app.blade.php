<!DOCTYPE html>
<html lang="en" data-theme="regimen">
    <head>
        <meta charset="utf-8">
        <meta name="viewport" content="width=device-width, initial-scale=1">
        <meta name="color-scheme" content="light dark">
        <link rel="icon" href="/icon.svg" type="image/svg+xml">
        <link rel="manifest" href="/bench.webmanifest">
        @vite(['resources/css/app.css', 'resources/js/app.ts'])
        @inertiaHead
    </head>
    <body>
        @inertia
    </body>
</html>
