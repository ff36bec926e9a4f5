<?php

declare(strict_types=1);

namespace App\Actions\Import;

use Illuminate\Database\Migrations\Migrator;
use Illuminate\Support\Facades\DB;

/**
 * A database in memory, of the same tables as the real one, in which an import is folded and shown before any of it is
 * written:
 * what takes long holds up nobody who logs.
 */
final readonly class StagingDatabase
{
    private const CONNECTION = 'staging';

    public function __construct(private Migrator $migrator) {}

    /** Lay the tables out, empty. */
    public function open(): void
    {
        // Rows may point to records that the import does not bring; whether those are there was looked up before.
        config([
            'database.connections.' . self::CONNECTION => [
                'driver' => 'sqlite',
                'database' => ':memory:',
                'prefix' => '',
                'foreign_key_constraints' => false,
            ],
        ]);
        DB::purge(self::CONNECTION);
        $this->migrator->usingConnection(self::CONNECTION, function (): void {
            $this->migrator->getRepository()->createRepository();
            $this->migrator->run([database_path('migrations')]);
        });
    }

    public function close(): void
    {
        DB::purge(self::CONNECTION);
    }

    /**
     * Do something with this as the database that models and queries use.
     *
     * @template T
     *
     * @param \Closure(): T $does
     *
     * @return T
     */
    public function within(\Closure $does): mixed
    {
        return DB::usingConnection(self::CONNECTION, $does);
    }
}
