<?php

declare(strict_types=1);

return [
    'defaults' => ['guard' => 'web', 'passwords' => 'coaches'],
    'guards' => [
        'web' => ['driver' => 'session', 'provider' => 'coaches'],
        // Whoever holds the private link in the address of the request; no session and no cookie.
        'link' => ['driver' => 'link'],
    ],
    'providers' => ['coaches' => ['driver' => 'eloquent', 'model' => App\Models\Coach::class]],
    'passwords' => [
        'coaches' => ['provider' => 'coaches', 'table' => 'password_reset_tokens', 'expire' => 60, 'throttle' => 60],
    ],
    'password_timeout' => 10800,
];
