<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Database\QueryException;
use Symfony\Component\HttpKernel\Exception\HttpException;
use Symfony\Component\HttpKernel\Exception\ServiceUnavailableHttpException;

/**
 * What a failed statement becomes as an answer and in the log, where what it was given does not belong: hashes, notes
 * of students.
 */
final class DatabaseFailure
{
    /** A writer waited as long as it does, or two waited for each other: SQLite's words, PostgreSQL's states. */
    private const BUSY = '/database (table )?is locked|SQLSTATE\[(40001|40P01|55P03)\]/';
    private const FULL = '/database or disk is full|disk I\/O error|unable to open database file|attempt to write a readonly database|No space left on device|SQLSTATE\[53100\]/';

    /** After so many seconds a writer may try again. */
    private const AGAIN_S = 1;

    /** Whether it failed for want of a disk to write to. */
    public static function isOfDisk(\PDOException $failed): bool
    {
        return preg_match(self::FULL, $failed->getMessage()) === 1;
    }

    public static function of(\PDOException $failed): \RuntimeException
    {
        $said = $failed->getMessage() . ' ' . $failed->getPrevious()?->getMessage();

        return match (1) {
            preg_match(self::BUSY, $said) => new ServiceUnavailableHttpException(
                self::AGAIN_S,
                'The database is busy. Nothing was changed; try again in a moment.',
            ),
            preg_match(self::FULL, $said) => new HttpException(
                507,
                'The disk of the server is full or cannot be written to. Nothing new can be saved; saved records can be read.',
            ),
            default => new \RuntimeException(
                ($failed instanceof QueryException ? $failed->getSql() : 'A statement') . ' failed.',
                // Some databases add the whole row to what they say, a line below.
                previous: new \ErrorException(
                    strtok((string) ($failed->getPrevious() ?? $failed)->getMessage(), "\n") ?: 'No reason was given.',
                    0,
                    E_ERROR,
                    $failed->getFile(),
                    $failed->getLine(),
                ),
            ),
        };
    }
}
