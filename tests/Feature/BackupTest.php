<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Process;
use Tests\TestCase;

/** The script's copies of the database, and what comes back when the database is lost. */
final class BackupTest extends TestCase
{
    private string $folder;
    private string $database;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir() . '/amble-backup-' . bin2hex(random_bytes(6));
        mkdir($this->folder);
        $this->database = "$this->folder/real.sqlite";
        if (DB::getDriverName() !== 'sqlite') {
            self::markTestSkipped('A file is copied; another database has tools of its own.');
        }
    }

    protected function tearDown(): void
    {
        Process::run(['rm', '-rf', $this->folder]);
        parent::tearDown();
    }

    public function testNothingToCopyIsSaidAloud(): void
    {
        [$code, $said] = $this->amble('backup');
        self::assertSame(1, $code);
        self::assertStringContainsString('nothing to copy', $said);
        self::assertFileDoesNotExist("$this->folder/backups");
    }

    public function testALostDatabaseComesBackFromItsCopyWithItsMigrationsRun(): void
    {
        $this->makeDatabase();
        // As an older version left it, and as a newer one says it need not look.
        $this->artisanThere('migrate:rollback', '--step=1', '--force');
        $open = $this->open();
        $open->exec('PRAGMA journal_mode = WAL');
        $this->addCoach($open, 'ann');
        // Still open, so that what was written last is beside the file and not yet in it.
        self::assertGreaterThan(0, filesize("$this->database-wal"));
        [$code, $said] = $this->amble('backup', "$this->folder/copy.sqlite");
        self::assertSame(0, $code, $said);
        self::assertStringContainsString('1 accounts', $said);
        self::assertSame('0600', substr(sprintf('%o', (int) fileperms("$this->folder/copy.sqlite")), -4));

        $this->addCoach($open, 'written after the copy');
        file_put_contents($this->database, 'lost');
        touch("$this->database.migrated");
        $kept = storage_path('framework/cache/data/00/00/kept');
        is_dir(dirname($kept)) || mkdir(dirname($kept), 0o755, true);
        touch($kept);
        [$code, $said] = $this->amble('restore', "$this->folder/copy.sqlite");
        self::assertSame(0, $code, $said);
        // An answer worked out from the database before: the same record at the same version may be another now.
        self::assertFileDoesNotExist($kept);
        unset($open);
        $back = $this->open();
        self::assertSame(['ann'], $back->query('SELECT name FROM coaches')?->fetchAll(\PDO::FETCH_COLUMN));
        self::assertSame(0, $back->query('SELECT count(*) FROM putters')?->fetchColumn());
        // What was there is not thrown away, whatever it was.
        self::assertCount(1, (array) glob("$this->database.replaced-*[0-9]"));
        self::assertCount(1, (array) glob("$this->database.replaced-*[0-9]-wal"));
    }

    public function testWhatIsDamagedOrNotOursOrInUseChangesNothing(): void
    {
        $this->makeDatabase();
        $this->addCoach($this->open(), 'ann');
        $this->amble('backup', "$this->folder/copy.sqlite");
        $this->addCoach($this->open(), 'bea');
        $before = md5_file($this->database);
        $whole = (string) file_get_contents("$this->folder/copy.sqlite");
        file_put_contents("$this->folder/torn.sqlite", substr($whole, 0, intdiv(strlen($whole), 2)));
        file_put_contents("$this->folder/text.sqlite", str_repeat('not a database', 99));
        (new \PDO("sqlite:$this->folder/other.sqlite"))->exec('CREATE TABLE recipes (name)');
        // An index that lost its entries opens, and answers.
        $page = (new \PDO("sqlite:$this->folder/copy.sqlite"))
            ->query(
                "SELECT rootpage FROM sqlite_master WHERE type = 'index' AND tbl_name = 'migrations' OR name = 'sqlite_autoindex_coaches_1'",
            )
            ?->fetchColumn();
        self::assertIsInt($page);
        file_put_contents("$this->folder/bare.sqlite", substr_replace($whole, "\0\0", ($page - 1) * 4096 + 3, 2));
        foreach (['torn', 'text', 'bare', 'other', 'missing'] as $file) {
            [$code, $said] = $this->amble('restore', "$this->folder/$file.sqlite");
            self::assertSame(1, $code, $said);
            self::assertStringContainsString('nothing was changed', $said);
        }
        // Whatever serves a database holds this lock.
        $held = fopen("$this->database.held", 'c');
        self::assertNotFalse($held);
        flock($held, LOCK_EX);
        [$code, $said] = $this->amble('restore', "$this->folder/copy.sqlite");
        self::assertSame(1, $code);
        self::assertStringContainsString('Stop it first', $said);
        self::assertSame($before, md5_file($this->database));
    }

    public function testOnlySoManyAreKeptAndTheNewestOfThem(): void
    {
        $this->makeDatabase();
        mkdir("$this->folder/backups");
        foreach ([2023, 2024, 2025] as $year) {
            touch("$this->folder/backups/amble-{$year}0101-120000.sqlite");
        }
        touch("$this->folder/backups/of mine.sqlite");
        [$code, $said] = $this->amble('backup');
        self::assertSame(0, $code, $said);
        $kept = array_map(basename(...), (array) glob("$this->folder/backups/*"));
        self::assertCount(3, $kept);
        self::assertContains('amble-20250101-120000.sqlite', $kept);
        self::assertContains('of mine.sqlite', $kept);
    }

    public function testWhatWasWorkedOutFromOneDatabaseIsNotAnswersOfAnother(): void
    {
        $prefix = static fn(string $database): string => Process::env(['DB_DATABASE' => $database])
            ->run([PHP_BINARY, base_path('artisan'), 'config:show', 'cache.prefix'])
            ->throw()
            ->output();
        self::assertSame($prefix('/a.sqlite'), $prefix('/a.sqlite'));
        self::assertNotSame($prefix('/a.sqlite'), $prefix('/b.sqlite'));
    }

    /** @return array{int, string} how it ended and what it said */
    private function amble(string ...$arguments): array
    {
        $run = Process::env([
            'AMBLE_DATABASE' => $this->database,
            'CACHE_STORE' => 'file',
            'AMBLE_BACKUP_FOLDER' => "$this->folder/backups",
            'AMBLE_BACKUPS' => '2',
        ])->run([base_path('amble'), ...$arguments]);

        return [(int) $run->exitCode(), $run->output() . $run->errorOutput()];
    }

    private function makeDatabase(): void
    {
        touch($this->database);
        $this->artisanThere('migrate', '--force');
    }

    private function artisanThere(string ...$arguments): void
    {
        $run = Process::env(['DB_DATABASE' => $this->database, 'DB_SYNCHRONOUS' => 'OFF'])->run([
            PHP_BINARY,
            base_path('artisan'),
            ...$arguments,
        ]);
        self::assertSame(0, $run->exitCode(), $run->output() . $run->errorOutput());
    }

    private function open(): \PDO
    {
        return new \PDO("sqlite:$this->database");
    }

    private function addCoach(\PDO $database, string $name): void
    {
        $database
            ->prepare("INSERT INTO coaches (id, name, email, password) VALUES (?, ?, ?, 'x')")
            ->execute([bin2hex(random_bytes(8)), $name, "$name@example.test"]);
    }
}
