<?php

declare(strict_types=1);

return [
    'driver' => env('SESSION_DRIVER', 'file'),

    /*
     * Session Lifetime
     *
     * Minutes without a request after which a coach must sign in again: a long day on the green.
     */
    'lifetime' => 60 * 14,
    'expire_on_close' => false,
    'encrypt' => false,
    'files' => storage_path('framework/sessions'),
    // For SESSION_DRIVER=database: several web servers on one database.
    'connection' => null,
    'table' => 'sessions',
    'lottery' => [2, 100],
    'cookie' => 'amble_session',
    'path' => '/',
    'domain' => null,
    'secure' => (bool) env('SESSION_SECURE_COOKIE', false),
    'http_only' => true,
    'same_site' => 'lax',
];
