<?php

declare(strict_types=1);

return [
    /*
     * Queue
     *
     * Mail waits in the database where a worker takes it (deploy/ sets one up): a mail server that does not answer
     * holds nobody up, and it is tried again. Without a worker, as in the demo, it is sent at once.
     */
    'default' => env('QUEUE_CONNECTION', 'sync'),

    'connections' => [
        'sync' => ['driver' => 'sync'],
        'database' => [
            'driver' => 'database',
            'connection' => null,
            'table' => 'jobs',
            'queue' => 'default',
            'retry_after' => 120,
            'after_commit' => true,
        ],
    ],

    'failed' => ['driver' => 'database-uuids', 'database' => null, 'table' => 'failed_jobs'],
];
