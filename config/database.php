<?php

declare(strict_types=1);

return [
    'default' => env('DB_CONNECTION', 'sqlite'),
    'connections' => [
        'sqlite' => [
            'driver' => 'sqlite',
            'database' => env('DB_DATABASE', database_path('amble.sqlite')),
            'prefix' => '',
            'foreign_key_constraints' => true,

            /*
             * Busy Timeout
             *
             * Milliseconds a writer waits for another before it gives up. Transactions take the lock when they
             * begin (App\Database\ImmediatePdo), so that they do wait.
             */
            'busy_timeout' => 5000,

            /*
             * Journal And Synchronous
             *
             * What was acknowledged is on disk: the write-ahead log is synced at every commit.
             */
            'journal_mode' => 'WAL',
            'synchronous' => env('DB_SYNCHRONOUS', 'FULL'),
        ],
        'pgsql' => [
            'driver' => 'pgsql',
            'host' => env('DB_HOST', '127.0.0.1'),
            'port' => env('DB_PORT', '5432'),
            'database' => env('DB_DATABASE', 'amble'),
            'username' => env('DB_USERNAME', 'amble'),
            'password' => env('DB_PASSWORD', ''),
            'charset' => 'utf8',
            'prefix' => '',
            'search_path' => 'public',
            'sslmode' => 'prefer',
        ],
    ],
    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => false],
];
