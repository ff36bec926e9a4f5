<!DOCTYPE html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1, viewport-fit=cover">
    <meta name="color-scheme" content="light dark">
    <title>Amble</title>
    <meta name="theme-color" content="#f7f4ec">
    <link rel="manifest" href="/manifest.webmanifest">
    <link rel="icon" href="/amble.svg" type="image/svg+xml">
    @viteReactRefresh
    @vite('resources/js/main.tsx')
</head>
<body>
    <div id="amble"></div>
    <noscript>Amble needs JavaScript, which this browser has switched off.</noscript>
</body>
</html>
