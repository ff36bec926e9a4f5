<?php

declare(strict_types=1);

namespace App\Database;

/**
 * A connection to SQLite whose transactions take the write lock when they begin: one that reads before it writes then
 * waits for another writer instead of failing on "database is locked". PHP before 8.4 cannot ask its driver for that.
 */
final class ImmediatePdo extends \PDO
{
    private bool $isOpen = false;

    public function beginTransaction(): bool
    {
        $this->exec('BEGIN IMMEDIATE TRANSACTION');

        return $this->isOpen = true;
    }

    public function commit(): bool
    {
        $this->exec('COMMIT');
        $this->isOpen = false;

        return true;
    }

    public function rollBack(): bool
    {
        // What went wrong may have ended it already.
        $this->isOpen = false;
        $this->exec('ROLLBACK');

        return true;
    }

    public function inTransaction(): bool
    {
        return $this->isOpen;
    }
}
