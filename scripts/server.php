<?php

declare(strict_types=1);

/**
 * Answers for PHP's own web server: files of the app as they were compressed when it was built, the rest by Laravel.
 *
 * A web server of its own does the same by its configuration; this one has none.
 */
$public = dirname(__DIR__) . '/public';
$path = urldecode((string) parse_url((string) ($_SERVER['REQUEST_URI'] ?? '/'), PHP_URL_PATH));
$file = realpath($public . $path);
$accepted = (string) ($_SERVER['HTTP_ACCEPT_ENCODING'] ?? '');

if (
    $file === false ||
    !is_file($file) ||
    !str_starts_with($file, $public . DIRECTORY_SEPARATOR) ||
    str_ends_with($file, '.php')
) {
    // What is made anew is compressed as it goes out. PHP's own switch would put bytes after an answer that has
    // none, "not changed" above all, and strict readers refuse it whole.
    ob_start(static function (string $body) use ($accepted): string {
        if ($body === '' || !str_contains($accepted, 'gzip')) {
            return $body;
        }
        header('Content-Encoding: gzip');
        header('Vary: Accept-Encoding', false);
        header_remove('Content-Length');

        return (string) gzencode($body, 6);
    });
    require $public . '/index.php';

    return true;
}

$types = [
    'js' => 'text/javascript; charset=utf-8',
    'css' => 'text/css; charset=utf-8',
    'svg' => 'image/svg+xml',
    'woff2' => 'font/woff2',
    'woff' => 'font/woff',
    'webmanifest' => 'application/manifest+json',
    'json' => 'application/json',
];
$sent = $file;
foreach (['br' => '.br', 'gzip' => '.gz'] as $coding => $suffix) {
    if (str_contains($accepted, $coding) && is_file($file . $suffix)) {
        $sent = $file . $suffix;
        header("Content-Encoding: $coding");
        break;
    }
}
header('Vary: Accept-Encoding');
header('Content-Type: ' . ($types[pathinfo($file, PATHINFO_EXTENSION)] ?? 'application/octet-stream'));
header('Content-Length: ' . filesize($sent));
foreach (require dirname(__DIR__) . '/config/headers.php' as $header => $value) {
    header("$header: $value");
}
header_remove('X-Powered-By');
// A built file's name changes with what is in it; anything else may change under its name.
header(
    str_starts_with($path, '/build/assets/')
        ? 'Cache-Control: public, max-age=31536000, immutable'
        : 'Cache-Control: no-cache',
);
if (($_SERVER['REQUEST_METHOD'] ?? 'GET') !== 'HEAD') {
    readfile($sent);
}

return true;
