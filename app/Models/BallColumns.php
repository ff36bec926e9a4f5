<?php

declare(strict_types=1);

namespace App\Models;

use Amble\Core\Evidence\SessionBall;
use Amble\Core\Session\Disturbance;
use Amble\Core\Units\Length;

/**
 * The one list of a ball's columns. ProjectSession writes rows by it, BallRepository and BallResource read them by it,
 * and a test holds the table and the schema of the answer against it. A new field is one line here, its migration and
 * its schema.
 */
final class BallColumns
{
    /** @var array<string, BallColumn>|null */
    private static ?array $all = null;

    /** @return array<string, BallColumn> by name */
    public static function all(): array
    {
        return self::$all ??= array_column(
            [...self::ofSession(), ...self::measured(), ...self::observed(), ...self::ofRun()],
            null,
            'name',
        );
    }

    /** @return list<string> columns that figures may rest on */
    public static function evidence(): array
    {
        return array_values(
            array_map(
                static fn(BallColumn $column): string => $column->name,
                array_filter(self::all(), static fn(BallColumn $column): bool => $column->isEvidence),
            ),
        );
    }

    /**
     * Balls of a session as their rows, in the order they were rolled.
     *
     * @param list<SessionBall> $balls
     *
     * @return list<array<string, string|int|float|bool|null>>
     */
    public static function rows(PracticeSession $session, array $balls): array
    {
        $ofSession = [
            'practice_session_id' => $session->id,
            'workspace_id' => $session->workspace_id,
            'green_id' => $session->green_id,
            'surface' => $session->green?->surface->value,
        ];
        $columns = self::all();
        $rows = [];
        foreach ($balls as $place => $ball) {
            $ofSession['place'] = $place;
            $row = [];
            foreach ($columns as $name => $column) {
                $row[$name] = $column->value === null ? $ofSession[$name] : ($column->value)($ball);
            }
            $rows[] = $row;
        }

        return $rows;
    }

    /**
     * A row as a screen gets it.
     *
     * @return array<string, mixed> by field
     */
    public static function shown(\stdClass $row): array
    {
        $fields = [];
        foreach (self::all() as $name => $column) {
            if ($column->shownAs !== null) {
                $fields[$column->shownAs] = $column->read($row->{$name});
            }
        }
        // A screen asks whose a ball is only where several take turns.
        $fields['student'] = $row->is_of_group ? $row->student_id : null;

        return $fields;
    }

    /** @return list<BallColumn> where, when and whose it was */
    private static function ofSession(): array
    {
        return [
            self::text('id', static fn(SessionBall $ball): string => $ball->putt->id, 'id', isNullable: false),
            self::text('practice_session_id', null, isNullable: false),
            self::text('workspace_id', null, isNullable: false, isEvidence: false),
            self::text('student_id', static fn(SessionBall $ball): ?string => $ball->student),
            self::flag(
                'is_of_group',
                static fn(SessionBall $ball): bool => $ball->putt->belonging->student !== null,
                isEvidence: false,
            ),
            self::text('green_id', null),
            self::text('surface', null),
            self::integer('at_ms', static fn(SessionBall $ball): int => $ball->putt->atMilliseconds, 'at_ms'),
            new BallColumn('place', 'integer', false, null, isEvidence: false),
            self::text('part', static fn(SessionBall $ball): ?string => $ball->putt->during->part?->value),
            self::json(
                'disturbances',
                static fn(SessionBall $ball): array => array_map(
                    static fn(Disturbance $each): string => $each->value,
                    $ball->putt->during->disturbances,
                ),
            ),
        ];
    }

    /** @return list<BallColumn> what was measured of it */
    private static function measured(): array
    {
        return [
            self::metres('backstroke_m', static fn(SessionBall $ball): ?Length => $ball->putt->ball->backstroke),
            self::metres('roll_m', static fn(SessionBall $ball): ?Length => $ball->putt->ball->roll),
            self::metres('run_on_m', static fn(SessionBall $ball): ?Length => $ball->putt->ball->runOn),
            self::text(
                'stop',
                static fn(SessionBall $ball): string => $ball->putt->ball->stop->value,
                'stop',
                isNullable: false,
            ),
            self::metres('target_m', static fn(SessionBall $ball): ?Length => $ball->putt->ball->target),
            self::float(
                'grade_percent',
                static fn(SessionBall $ball): float => $ball->putt->ball->grade->percent(),
                'grade_percent',
                isNullable: false,
            ),
            self::float(
                'across_percent',
                static fn(SessionBall $ball): float => $ball->putt->ball->across->percent(),
                'across_percent',
                isNullable: false,
            ),
            self::text('putter', static fn(SessionBall $ball): ?string => $ball->putt->belonging->putter),
            new BallColumn(
                'tempo_bpm',
                'integer',
                true,
                static fn(SessionBall $ball): ?int => $ball->putt->belonging->tempo,
            ),
        ];
    }

    /** @return list<BallColumn> what was observed of it and said about it */
    private static function observed(): array
    {
        return [
            self::text(
                'mark',
                static fn(SessionBall $ball): ?string => $ball->putt->ball->remarks->mark?->value,
                'mark',
            ),
            self::text(
                'cause',
                static fn(SessionBall $ball): ?string => $ball->putt->ball->remarks->cause?->value,
                'cause',
            ),
            self::json(
                'seen',
                static fn(SessionBall $ball): object => (object) $ball->putt->ball->sight->answers,
                'seen',
            ),
            self::integer(
                'corrections',
                static fn(SessionBall $ball): int => $ball->putt->corrections,
                'corrections',
                isEvidence: false,
            ),
            self::flag('is_measuring_stroke', static fn(SessionBall $ball): bool => $ball->isMeasuringStroke),
        ];
    }

    /** @return list<BallColumn> what its drill made of it */
    private static function ofRun(): array
    {
        return [
            self::text(
                'run_id',
                static fn(SessionBall $ball): ?string => $ball->putt->belonging->runId,
                'run_id',
                isEvidence: false,
            ),
            self::text('drill', static fn(SessionBall $ball): ?string => $ball->run?->card->key),
            self::text('task', static fn(SessionBall $ball): ?string => $ball->task?->value),
            self::text('verdict', static fn(SessionBall $ball): ?string => $ball->verdict?->value, 'verdict'),
            self::text('word', static fn(SessionBall $ball): ?string => $ball->word?->value, 'outcome'),
            self::integer('attempt', static fn(SessionBall $ball): int => $ball->attempt, 'attempt'),
            self::integer('block', static fn(SessionBall $ball): int => $ball->block),
            self::text('aid', static fn(SessionBall $ball): ?string => $ball->aid?->kind->value),
            self::float('aid_width_m', static fn(SessionBall $ball): ?float => $ball->aidWidth),
            self::float('aid_distance_m', static fn(SessionBall $ball): ?float => $ball->aid?->distance?->metres()),
            self::flag('is_aid_checked', static fn(SessionBall $ball): bool => $ball->isAidChecked),
            self::flag('is_at_hole', static fn(SessionBall $ball): bool => $ball->isAtHole()),
        ];
    }

    /** @param \Closure(SessionBall): (string|null)|null $value */
    private static function text(
        string $name,
        ?\Closure $value,
        ?string $shownAs = null,
        bool $isNullable = true,
        bool $isEvidence = true,
    ): BallColumn {
        return new BallColumn($name, 'text', $isNullable, $value, $shownAs, $isEvidence);
    }

    /** @param \Closure(SessionBall): int $value */
    private static function integer(
        string $name,
        \Closure $value,
        ?string $shownAs = null,
        bool $isEvidence = true,
    ): BallColumn {
        return new BallColumn($name, 'integer', false, $value, $shownAs, $isEvidence);
    }

    /** @param \Closure(SessionBall): (float|null) $value */
    private static function float(
        string $name,
        \Closure $value,
        ?string $shownAs = null,
        bool $isNullable = true,
    ): BallColumn {
        return new BallColumn($name, 'float', $isNullable, $value, $shownAs);
    }

    /** @param \Closure(SessionBall): (Length|null) $value */
    private static function metres(string $name, \Closure $value): BallColumn
    {
        return self::float($name, static fn(SessionBall $ball): ?float => $value($ball)?->metres(), $name);
    }

    /** @param \Closure(SessionBall): bool $value */
    private static function flag(string $name, \Closure $value, bool $isEvidence = true): BallColumn
    {
        return new BallColumn($name, 'flag', false, $value, isEvidence: $isEvidence);
    }

    /** @param \Closure(SessionBall): (object|list<string>) $value */
    private static function json(string $name, \Closure $value, ?string $shownAs = null): BallColumn
    {
        return new BallColumn(
            $name,
            'json',
            false,
            static fn(SessionBall $ball): string => json_encode(
                $value($ball),
                JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION,
            ),
            $shownAs,
        );
    }
}
