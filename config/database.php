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
             * Milliseconds a writer waits for another before it gives up.
             */
            'busy_timeout' => 5000,

            /*
             * Journal And Synchronous
             *
             * What was acknowledged is on disk: the write-ahead log is synced at every commit.
             */
            'journal_mode' => 'WAL',
            'synchronous' => 'FULL',
            'transaction_mode' => 'IMMEDIATE',
        ],
    ],
    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => false],
];
