<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** A database of an earlier version, brought up: nothing is lost. */
final class UpgradeTest extends TestCase
{
    /** Tables and columns that have another name today. */
    private const RENAMED = [
        'green_readings' => 'green_speed_measurements',
        'target_pace_m' => 'finish_past_m',
        'pace_length_m' => 'stride_m',
        'set_aside' => 'dismissed_insights',
    ];

    private string $file;
    private \PDO $old;

    protected function setUp(): void
    {
        $this->file = (string) tempnam(sys_get_temp_dir(), 'amble-upgrade-');
        $this->old = $this->open();
        $this->old->exec((string) file_get_contents(dirname(__DIR__, 2) . '/database/fixtures/2026-11-24.sql'));
    }

    protected function tearDown(): void
    {
        array_map(unlink(...), (array) glob("$this->file*"));
    }

    private function open(): \PDO
    {
        return new \PDO(
            "sqlite:$this->file",
            options: [
                \PDO::ATTR_ERRMODE => \PDO::ERRMODE_EXCEPTION,
                \PDO::ATTR_DEFAULT_FETCH_MODE => \PDO::FETCH_ASSOC,
            ],
        );
    }

    /** @return list<array<string, mixed>> */
    private static function rows(\PDO $database, string $query): array
    {
        return ($database->query($query) ?: throw new \LogicException($query))->fetchAll();
    }

    private function upgrade(): \PDO
    {
        $migrate = new Process(['php', 'artisan', 'migrate', '--force'], dirname(__DIR__, 2), [
            'DB_DATABASE' => $this->file,
            'DB_CONNECTION' => 'sqlite',
        ]);
        $migrate->mustRun();

        return $this->open();
    }

    public function testEveryRecordAndEveryEventIsStillThereAsItWas(): void
    {
        $tables = [
            'coaches',
            'students',
            'greens',
            'green_readings',
            'drills',
            'drill_runs',
            'practice_sessions',
            'session_events',
        ];
        $before = array_map(
            fn(string $table): array => self::rows($this->old, "select * from $table order by 1"),
            array_combine($tables, $tables),
        );
        $now = $this->upgrade();
        foreach ($before as $table => $rows) {
            $kept = self::rows($now, 'select * from ' . (self::RENAMED[$table] ?? $table) . ' order by 1');
            foreach ($rows as $i => $row) {
                // A session's card is told by its events now, and says a little more.
                $row = array_combine(
                    array_map(static fn(string $column): string => self::RENAMED[$column] ?? $column, array_keys($row)),
                    $row,
                );
                $same = array_diff_key(
                    $row,
                    array_flip(['stations', 'conditions', 'dismissed_insights', 'updated_at']),
                );
                self::assertSame($same, array_intersect_key($kept[$i], $same), "$table $i");
            }
        }
        self::assertSame(
            [],
            self::rows(
                $now,
                'select id from students where workspace_id is null union select id from practice_sessions where workspace_id is null',
            ),
        );
        self::assertSame(1, (int) self::rows($now, "select count(*) n from memberships where role = 'owner'")[0]['n']);
    }

    public function testCardsAreTheSameToldByEvents(): void
    {
        $cards = 'select id, stations, conditions, %s as dismissed_insights from practice_sessions order by id';
        $before = self::rows($this->old, sprintf($cards, 'set_aside'));
        foreach (self::rows($this->upgrade(), sprintf($cards, 'dismissed_insights')) as $i => $now) {
            $stations = static fn(array $row): array => array_map(
                static fn(array $station): array => [
                    (float) $station['length_m'],
                    $station['said'],
                    $station['grade_percent'] === null ? null : (float) $station['grade_percent'],
                ],
                json_decode($row['stations'], true),
            );
            self::assertSame($stations($before[$i]), $stations($now));
            self::assertSame(json_decode($before[$i]['conditions']), json_decode($now['conditions']));
            self::assertSame(json_decode($before[$i]['dismissed_insights']), json_decode($now['dismissed_insights']));
        }
    }

    public function testEveryStandingBallHasItsRowWithWhatWasSeenAndSaidOfIt(): void
    {
        $logged = self::rows($this->old, "select count(*) n from session_events where type = 'putt_logged'")[0]['n'];
        $now = $this->upgrade();
        $balls = array_column(self::rows($now, 'select * from balls'), null, 'id');
        // All but the one that was taken back.
        self::assertCount((int) $logged - 1, $balls);
        $gate = $balls['01OLDBALL0000000000000000A'];
        self::assertEquals(
            [
                'gate' => 'through',
                'call' => 'on',
                'side_m' => -0.1,
                'hit' => true,
                'held' => true,
                'rehearsals' => 3,
                'putts_to_finish' => 2,
            ],
            json_decode($gate['seen'], true),
        );
        self::assertSame(
            ['read', 'old-gate', 'passed', 1],
            [$gate['cause'], $gate['drill'], $gate['verdict'], (int) $gate['is_aid_checked']],
        );
        self::assertSame('missed', $balls['01OLDBALL0000000000000000B']['verdict']);
        $corrected = $balls['01OLDBALL0000000000000000C'];
        self::assertEquals(
            [4.6, 'edge', 'mishit', 1],
            [$corrected['roll_m'], $corrected['stop'], $corrected['mark'], $corrected['corrections']],
        );
    }
}
