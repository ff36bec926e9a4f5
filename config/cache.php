<?php

declare(strict_types=1);

return [
    // What cannot be kept, on a full disk say, is worked out again: no answer fails for it.
    'default' => 'failover',
    'stores' => [
        'failover' => ['driver' => 'failover', 'stores' => [env('CACHE_STORE', 'file'), 'array']],
        'array' => ['driver' => 'array', 'serialize' => false],
        'file' => ['driver' => 'file', 'path' => storage_path('framework/cache/data')],
        // For several web servers on one database: what one worked out, and how often somebody knocked, the others
        // know.
        'database' => [
            'driver' => 'database',
            'connection' => null,
            'table' => 'cache',
            'lock_connection' => null,
            'lock_table' => 'cache_locks',
        ],
    ],

    /*
     * Prefix
     *
     * What is kept was worked out from one database, and requests are counted for it: an app on another one, with the
     * same records at the same version, must find none of it.
     */
    'prefix' => 'amble' . hash('xxh64', (string) env('DB_DATABASE', 'own')),
];
