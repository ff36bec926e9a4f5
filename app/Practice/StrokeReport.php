<?php

declare(strict_types=1);

namespace App\Practice;

use Amble\Core\Advice\Note;
use Amble\Core\Advice\StrokeNotes;
use Amble\Core\Green\GreenSpeed;
use Amble\Core\Green\ReadingMethod;
use Amble\Core\Roll\LineRoll;
use Amble\Core\Stroke\FitState;
use Amble\Core\Stroke\RollPrediction;
use Amble\Core\Stroke\SessionOffset;
use Amble\Core\Stroke\StrokeFit;
use Amble\Core\Stroke\StrokeFitter;
use Amble\Core\Stroke\StrokePutt;
use Amble\Core\Units\Grade;
use Amble\Core\Units\Length;
use App\Models\Coach;
use App\Models\GreenReading;
use App\Models\PracticeSession;
use App\Models\Student;
use Illuminate\Support\Collection;

/**
 * A student's backstroke fit as one session looks back on it: every ball of this student on this
 * kind of surface, the curve, and the table for today's green.
 *
 * Mat and grass are different surfaces and are not pooled.
 */
final class StrokeReport
{
    /** Table lengths where the session has no stations of its own, by unit, in that unit. */
    private const USUAL_FEET = [3, 6, 9, 12, 18, 24, 30, 40];
    private const USUAL_METRES = [1, 2, 3, 4, 6, 8, 10, 12];

    /** Points of the drawn curve, and how far it goes beyond the backstrokes seen. */
    private const CURVE_POINTS = 41;
    private const CURVE_MARGIN = 1.35;

    /** Other sessions' balls needed before today is held against their line. */
    private const LONG_RUN_PUTTS = 12;

    public function __construct(
        private readonly SessionLogbook $logbook,
        private readonly GreenReadings $readings,
    ) {
    }

    /**
     * Build the report for a session, on its green's standing speed or on another for "what if".
     *
     * @return array<string, mixed> as the API sends it, SI units
     */
    public function of(PracticeSession $session, Coach $coach, ?float $otherSpeedMetres): array
    {
        $student = $session->student;
        $standing = $session->green === null ? null : $this->readings->standing($session->green, $session->ended_at ?? now());
        $today = $standing?->speed();
        $speed = $otherSpeedMetres === null ? $today : GreenSpeed::ofMetres($otherSpeedMetres);
        $speedError = $otherSpeedMetres === null ? $standing?->relativeError() ?? 0.0 : 0.0;
        $balls = $student === null ? [] : $this->balls($session, $student);
        $used = array_values(array_filter($balls, static fn(ReportBall $ball): bool => $ball->putt !== null));
        $fit = self::fit($used);
        $method = $standing->method ?? ReadingMethod::Unknown;
        $leftOut = count($balls) - count($used);

        return [
            'state' => $fit->state->value,
            'n' => $fit->n,
            'n_today' => count(array_filter($used, static fn(ReportBall $ball): bool => $ball->isToday)),
            'beta' => $fit->beta(),
            'roll_ratio' => $fit->beta() === null ? null : 2.0 ** $fit->beta(),
            'sigma' => $fit->sigma,
            'method' => $method->value,
            'today_speed_m' => $today?->metres(),
            'speed_m' => $speed?->metres(),
            'rows' => $speed === null ? [] : self::rows($fit, $speed, $speedError, self::asked($session, $coach)),
            'curve' => $speed === null ? [] : self::curve($fit, $speed, $speedError),
            'balls' => self::ballRows($balls, $fit, $speed),
            'left_out' => self::leftOut($balls),
            'notes' => array_values(array_filter(
                StrokeNotes::of($fit, $method, $today?->metres(), self::offset($used), $leftOut),
                static fn(Note $note): bool => !in_array($note->key, $session->set_aside, true),
            )),
        ];
    }

    /** @return list<ReportBall> oldest first */
    private function balls(PracticeSession $session, Student $student): array
    {
        $surface = $session->green?->surface;
        /** @var list<string> $own */
        $own = $student->practiceSessions()->pluck('id')->values()->all();
        $logs = $this->logbook->puttsOf($student, $own);
        $sessions = PracticeSession::query()->whereKey(array_keys($logs))->with('green')->get()->sortBy('started_at')->filter(
            static fn(PracticeSession $other): bool => $other->id === $session->id
                || ($surface !== null && $other->green?->surface === $surface),
        );
        /** @var Collection<string, Collection<int, GreenReading>> $readings by green, oldest first */
        $readings = GreenReading::query()->whereIn('green_id', $sessions->pluck('green_id')->filter()->unique())
            ->get()->sortBy(['taken_at', 'id'])->groupBy('green_id');
        $balls = [];
        foreach ($sessions as $other) {
            foreach ($logs[$other->id] ?? [] as $putt) {
                $ofGreen = $readings->get((string) $other->green_id) ?? new Collection();
                $speed = GreenReadings::whenRolled($ofGreen, $putt->atMilliseconds, $other->id)?->speed();
                $balls[] = ReportBall::of($putt, $speed, $other->id === $session->id);
            }
        }

        return $balls;
    }

    /** @param list<ReportBall> $used */
    private static function fit(array $used): StrokeFit
    {
        return (new StrokeFitter())->fit(array_values(array_filter(
            array_map(static fn(ReportBall $ball): ?StrokePutt => $ball->putt, $used),
        )));
    }

    /**
     * Hold today's balls against the line of all other days.
     *
     * @param list<ReportBall> $used
     */
    private static function offset(array $used): ?SessionOffset
    {
        $earlier = self::fit(array_values(array_filter($used, static fn(ReportBall $ball): bool => !$ball->isToday)));
        $residuals = [];
        foreach ($used as $ball) {
            $residual = $ball->isToday && $ball->putt !== null ? $earlier->residualOf($ball->putt) : null;
            if ($residual !== null) {
                $residuals[] = $residual;
            }
        }
        [$sigma, $beta] = [$earlier->sigma, $earlier->beta()];

        return $residuals === [] || $earlier->state !== FitState::Fitted || $earlier->n < self::LONG_RUN_PUTTS
            || $sigma === null || $beta === null ? null : SessionOffset::of($residuals, $sigma, $beta);
    }

    /**
     * Lengths the table answers for: the session's stations, then the usual ones.
     *
     * @return list<array{length: Length, grade: Grade, is_station: bool}>
     */
    private static function asked(PracticeSession $session, Coach $coach): array
    {
        $asked = [];
        foreach ($session->stations as $station) {
            $grade = Grade::ofPercent($station['grade_percent'] ?? 0.0);
            $key = sprintf('%.3f %.3f', $station['length_m'], $grade->percent());
            $asked[$key] = ['length' => Length::ofMetres($station['length_m']), 'grade' => $grade, 'is_station' => true];
        }
        $inMetres = $coach->unit === 'metres';
        foreach ($inMetres ? self::USUAL_METRES : self::USUAL_FEET as $usual) {
            $length = $inMetres ? Length::ofMetres($usual) : Length::ofFeet($usual);
            $asked[sprintf('%.3f %.3f', $length->metres(), 0.0)] ??= [
                'length' => $length, 'grade' => Grade::level(), 'is_station' => false,
            ];
        }
        usort($asked, static fn(array $a, array $b): int => $a['length']->metres() <=> $b['length']->metres());

        return $asked;
    }

    /**
     * @param list<array{length: Length, grade: Grade, is_station: bool}> $asked
     *
     * @return list<array<string, mixed>>
     */
    private static function rows(StrokeFit $fit, GreenSpeed $speed, float $speedError, array $asked): array
    {
        $rows = [];
        foreach ($asked as ['length' => $length, 'grade' => $grade, 'is_station' => $isStation]) {
            $answer = $fit->backstrokeFor($length, $speed, $grade);
            $roll = $answer === null
                ? null
                : $fit->predict(Length::ofMetres($answer->metres), $speed, $grade, 0.8, $speedError);
            $rows[] = [
                'length_m' => $length->metres(),
                'grade_percent' => $grade->percent(),
                'is_station' => $isStation,
                'never_stops' => !(new LineRoll($speed, $grade))->stops(),
                'backstroke_m' => $answer?->metres,
                'low_m' => $roll?->lowMetres,
                'high_m' => $roll?->highMetres,
                'extrapolated' => $answer?->isExtrapolated,
            ];
        }

        return $rows;
    }

    /** @return list<array<string, mixed>> */
    private static function curve(StrokeFit $fit, GreenSpeed $speed, float $speedError): array
    {
        if ($fit->shortestMetres === null || $fit->longestMetres === null) {
            return [];
        }
        $points = [];
        [$from, $to] = [$fit->shortestMetres / self::CURVE_MARGIN, $fit->longestMetres * self::CURVE_MARGIN];
        for ($i = 0; $i < self::CURVE_POINTS; ++$i) {
            $backstroke = $from + ($to - $from) * $i / (self::CURVE_POINTS - 1);
            $roll = $fit->predict(Length::ofMetres($backstroke), $speed, Grade::level(), 0.8, $speedError);
            if ($roll !== null) {
                $points[] = self::point($backstroke, $roll);
            }
        }

        return $points;
    }

    /** @return array<string, mixed> */
    private static function point(float $backstroke, RollPrediction $roll): array
    {
        return [
            'backstroke_m' => $backstroke,
            'roll_m' => $roll->rollMetres,
            'low_m' => $roll->lowMetres,
            'high_m' => $roll->highMetres,
            'extrapolated' => $roll->isExtrapolated,
        ];
    }

    /**
     * Every ball with a backstroke, its roll as it would be on the level at the shown green speed.
     *
     * @param list<ReportBall> $balls
     *
     * @return list<array<string, mixed>>
     */
    private static function ballRows(array $balls, StrokeFit $fit, ?GreenSpeed $speed): array
    {
        $rows = [];
        $fitted = -1;
        foreach ($balls as $ball) {
            $fitted += $ball->putt === null ? 0 : 1;
            $isMarked = $ball->putt !== null && in_array($fitted, $fit->marked, true);
            $rows[] = [
                'id' => $ball->logged->id,
                'is_today' => $ball->isToday,
                'backstroke_m' => $ball->logged->ball->backstroke?->metres(),
                'roll_m' => $ball->logged->ball->roll?->metres(),
                'level_roll_m' => $ball->relativeRoll === null || $speed === null
                    ? null
                    : $ball->relativeRoll * $speed->metres(),
                'use' => $ball->use->value,
                'reason' => $ball->use->reason(),
                'is_odd' => $isMarked,
                'weight' => $ball->putt === null ? null : $fit->weights[$fitted] ?? null,
            ];
        }

        return $rows;
    }

    /**
     * How many balls were left out, by reason.
     *
     * @param list<ReportBall> $balls
     *
     * @return list<array{reason: string, count: int}>
     */
    private static function leftOut(array $balls): array
    {
        $counts = array_count_values(array_filter(
            array_map(static fn(ReportBall $ball): ?string => $ball->use->reason(), $balls),
            static fn(?string $reason): bool => $reason !== null,
        ));
        arsort($counts);

        return array_map(
            static fn(string $reason, int $count): array => ['reason' => $reason, 'count' => $count],
            array_keys($counts),
            array_values($counts),
        );
    }
}
