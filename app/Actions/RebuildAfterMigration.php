<?php

declare(strict_types=1);

namespace App\Actions;

/**
 * Asks for the read model to be made anew after migrating: a migration in the middle of a row of them stands before
 * columns that today's projector writes.
 */
final class RebuildAfterMigration
{
    private static bool $isDue = false;

    public static function onceMigrated(): void
    {
        self::$isDue = true;
    }

    /** Do what was asked for. */
    public static function ifDue(ProjectSession $projector): void
    {
        if (self::$isDue) {
            self::$isDue = false;
            $projector->rebuild();
        }
    }
}
