<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Database\Connectors\SQLiteConnector;

/** Opens SQLite so that two writers wait for each other. */
final class ImmediateSqlite extends SQLiteConnector
{
    /**
     * @param string $dsn
     * @param string|null $username
     * @param string|null $password
     * @param array<int, mixed> $options
     */
    protected function createPdoConnection($dsn, $username, #[\SensitiveParameter] $password, $options): \PDO
    {
        return new ImmediatePdo($dsn, $username, $password, $options);
    }
}
