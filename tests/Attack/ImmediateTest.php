<?php

declare(strict_types=1);

namespace Tests\Attack;

use App\Database\DatabaseFailure;
use App\Database\ImmediatePdo;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\RequiresPhpExtension;
use Symfony\Component\HttpKernel\Exception\HttpException;
use Tests\TestCase;

/**
 * A transaction has the write lock from its beginning: one that reads first waits then, and never fails at its write.
 */
#[RequiresPhpExtension('pdo_sqlite')]
final class ImmediateTest extends TestCase
{
    private string $file;

    protected function setUp(): void
    {
        parent::setUp();
        $this->file = (string) tempnam(sys_get_temp_dir(), 'amble-');
    }

    protected function tearDown(): void
    {
        array_map(unlink(...), glob("$this->file*") ?: []);
        parent::tearDown();
    }

    private function open(int $waitMilliseconds): ImmediatePdo
    {
        $connection = new ImmediatePdo("sqlite:$this->file", null, null, [
            \PDO::ATTR_ERRMODE => \PDO::ERRMODE_EXCEPTION,
        ]);
        $connection->exec("PRAGMA busy_timeout = $waitMilliseconds");
        $connection->exec('CREATE TABLE IF NOT EXISTS balls (id INTEGER)');

        return $connection;
    }

    public function testTheAppsOwnConnectionIsOne(): void
    {
        if (DB::getDriverName() !== 'sqlite') {
            self::markTestSkipped('Another database waits by itself.');
        }
        self::assertInstanceOf(ImmediatePdo::class, DB::connection()->getPdo());
    }

    public function testWhereNothingCanBeLaidBesideTheDatabaseItIsReadAndAWriteSaysSo(): void
    {
        $connection = $this->open(0);
        $connection->exec('PRAGMA journal_mode = WAL');
        $connection->exec('INSERT INTO balls VALUES (7)');
        unset($connection);
        // As on a full disk: SQLite cannot make its log of writes.
        mkdir("$this->file-wal");
        config([
            'database.connections.full' => [
                'driver' => 'sqlite',
                'database' => $this->file,
                'prefix' => '',
                'journal_mode' => 'WAL',
            ],
        ]);
        self::assertSame(7, DB::connection('full')->table('balls')->value('id'));
        try {
            DB::connection('full')
                ->table('balls')
                ->insert(['id' => 8]);
            self::fail('It was written.');
        } catch (QueryException $failed) {
            $answer = DatabaseFailure::of($failed);
            self::assertInstanceOf(HttpException::class, $answer);
            self::assertSame(507, $answer->getStatusCode());
        }
        DB::purge('full');
        rmdir("$this->file-wal");
    }

    public function testASecondWriterWaitsAtTheBeginningAndNotAtItsWrite(): void
    {
        [$one, $other] = [$this->open(0), $this->open(0)];
        $one->beginTransaction();
        try {
            $other->beginTransaction();
            self::fail('It began beside another.');
        } catch (\PDOException $locked) {
            self::assertStringContainsString('locked', $locked->getMessage());
        }
        self::assertFalse($other->inTransaction());
        $one->exec('INSERT INTO balls VALUES (1)');
        $one->commit();
        $other->beginTransaction();
        self::assertSame(1, (int) $other->query('SELECT COUNT(*) FROM balls')?->fetchColumn());
        $other->exec('INSERT INTO balls VALUES (2)');
        $other->rollBack();
        self::assertSame(
            [1, false],
            [(int) $one->query('SELECT COUNT(*) FROM balls')?->fetchColumn(), $other->inTransaction()],
        );
    }
}
