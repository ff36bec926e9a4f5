<?php

declare(strict_types=1);

/**
 * Copies and checks an Amble database; needs PHP alone, so that it runs before anything is set up.
 *
 * php scripts/database.php copy FROM TO   whole even while the app is writing; TO must not be there
 * php scripts/database.php check FILE     says what is in it, or ends with 1 and the reason
 */
function opened(string $file): PDO
{
    // Opened as it is: a name that is wrong must not make an empty database.
    return new PDO(
        "sqlite:$file",
        options: [
            PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION,
            PDO::SQLITE_ATTR_OPEN_FLAGS => PDO::SQLITE_OPEN_READWRITE,
        ],
    );
}

/** @throws RuntimeException with what is wrong */
function checked(string $file): string
{
    if (!is_file($file) || filesize($file) === 0) {
        throw new RuntimeException("$file is not there, or empty.");
    }
    $database = opened($file);
    $found = $database->query('PRAGMA integrity_check')->fetchColumn();
    if ($found !== 'ok') {
        throw new RuntimeException("$file is damaged: $found");
    }
    if ($database->query('PRAGMA foreign_key_check')->fetch() !== false) {
        throw new RuntimeException("$file holds records of something that is not in it.");
    }
    $tables = $database->query("SELECT name FROM sqlite_master WHERE type = 'table'")->fetchAll(PDO::FETCH_COLUMN);
    if (array_diff(['migrations', 'coaches', 'session_events'], $tables) !== []) {
        throw new RuntimeException("$file is a database, but not one of Amble.");
    }
    $count = static fn(string $table): int => (int) $database->query("SELECT count(*) FROM $table")->fetchColumn();

    return sprintf(
        '%d accounts, %d students, %d sessions, %d entries',
        $count('coaches'),
        $count('students'),
        $count('practice_sessions'),
        $count('session_events'),
    );
}

try {
    [, $what, $file, $to] = $argv + [1 => '', 2 => '', 3 => ''];
    match ($what) {
        'copy' => opened($file)
            ->prepare('VACUUM INTO ?')
            ->execute([$to]),
        'check' => print checked($file) . "\n",
        default => throw new RuntimeException('copy FROM TO, or check FILE'),
    };
} catch (RuntimeException $wrong) {
    fwrite(STDERR, $wrong->getMessage() . "\n");
    exit(1);
}
