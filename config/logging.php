<?php

declare(strict_types=1);

return [
    // A log that cannot be written, on a full disk say, makes no answer fail.
    'default' => 'stack',
    'channels' => [
        'stack' => ['driver' => 'stack', 'channels' => [env('LOG_CHANNEL', 'daily')], 'ignore_exceptions' => true],
    ],
];
