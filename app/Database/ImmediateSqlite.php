<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Database\Connectors\SQLiteConnector;

/**
 * Opens SQLite so that two writers wait for each other. On a full disk, where SQLite cannot lay the files beside the
 * database that it opens it with, it is opened to be read alone.
 */
final class ImmediateSqlite extends SQLiteConnector
{
    /**
     * @param array<string, mixed> $config
     */
    public function connect(array $config): \PDO
    {
        try {
            return parent::connect($config);
        } catch (\PDOException $failed) {
            $file = is_string($config['database'] ?? null) ? $config['database'] : '';
            // With a log of writes beside it the file alone is not what was kept.
            $isWhole = is_file($file) && (!is_file("$file-wal") || filesize("$file-wal") === 0);
            if (!$isWhole || !DatabaseFailure::isOfDisk($failed)) {
                throw $failed;
            }

            return $this->createPdoConnection(
                'sqlite:file:' . str_replace('%2F', '/', rawurlencode($file)) . '?immutable=1',
                null,
                null,
                $this->getOptions($config),
            );
        }
    }

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
