<?php

declare(strict_types=1);

return [
    /*
     * Mailer
     *
     * Without a setting no mail is sent, but for the demo, whose messages lie in a folder and are shown on a page.
     * MAIL_MAILER=smtp with MAIL_HOST, MAIL_PORT, MAIL_USERNAME, MAIL_PASSWORD and MAIL_FROM_ADDRESS sends for real.
     */
    'default' => env('MAIL_MAILER', 'outbox'),

    'mailers' => [
        'outbox' => ['transport' => 'outbox', 'folder' => storage_path('app/outbox')],
        'smtp' => [
            'transport' => 'smtp',
            'host' => env('MAIL_HOST', '127.0.0.1'),
            'port' => (int) env('MAIL_PORT', 587),
            'username' => env('MAIL_USERNAME'),
            'password' => env('MAIL_PASSWORD'),
            'timeout' => 20,
        ],
    ],

    'from' => ['address' => env('MAIL_FROM_ADDRESS', 'amble@amble.invalid'), 'name' => 'Amble'],
];
