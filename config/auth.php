<?php

declare(strict_types=1);

return [
    'defaults' => ['guard' => 'web', 'passwords' => 'coaches'],
    'guards' => ['web' => ['driver' => 'session', 'provider' => 'coaches']],
    'providers' => ['coaches' => ['driver' => 'eloquent', 'model' => App\Models\Coach::class]],
    'passwords' => [],
    'password_timeout' => 10800,
];
