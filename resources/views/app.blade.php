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
    {{-- Every screen asks it first, on its way while the scripts come: but not behind a private link, nor for the frame
         that is kept on the device for any page. --}}
    @unless (request()->is('pocket/*', 'new-password/*', 'frame'))
        <link rel="preload" as="fetch" href="/api/me" crossorigin>
    @endunless
    @viteReactRefresh
    @vite('resources/js/main.tsx')
</head>
<body>
    <div id="amble"></div>
    <noscript>Amble needs JavaScript, which this browser has switched off.</noscript>
</body>
</html>
