<?php

declare(strict_types=1);

return [
    'name' => 'Amble',
    'env' => env('APP_ENV', 'production'),
    'debug' => (bool) env('APP_DEBUG', false),
    'url' => env('APP_URL', 'http://127.0.0.1:8470'),

    /*
     * Hosts
     *
     * Names the app answers to; a request for any other is refused. Beside these, that of the address above.
     */
    'hosts' => array_values(
        array_filter([
            '127.0.0.1',
            'localhost',
            parse_url((string) env('APP_URL', ''), PHP_URL_HOST),
            ...explode(',', (string) env('AMBLE_HOSTS', '')),
        ]),
    ),
    'timezone' => 'UTC',
    'locale' => 'en',
    'fallback_locale' => 'en',
    'faker_locale' => 'en_GB',
    'cipher' => 'AES-256-CBC',
    'key' => env('APP_KEY'),
    'maintenance' => ['driver' => 'file'],
];
