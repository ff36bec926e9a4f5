<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Finding;

use Amble\Core\Numeric\Sample;
use Amble\Core\Report\FigureText;
use Amble\Core\Report\Finding;
use Amble\Core\Report\FindingRow;
use Amble\Core\Report\FindingUnit;
use Amble\Core\Report\Shares;
use Amble\Core\Session\Observation\AnswerKind;
use Amble\Core\Session\Observation\ObservationType;
use Amble\Core\Session\Observation\ObservationTypes;

/** What a drill asks to be seen of each ball, counted: toe or heel, left or right, full or grazed. */
final class ObservationCounts
{
    /** Told by findings of their own. */
    private const ELSEWHERE = ['gate', 'call', 'hit', 'dropped', 'gap_m', 'side_m'];

    /** @return array<string, Finding> by the kind of thing seen */
    public static function of(FindingBalls $run): array
    {
        $findings = [];
        foreach (ObservationTypes::all() as $name => $kind) {
            $mean =
                in_array($kind->answers->kind, [AnswerKind::Metres, AnswerKind::Number], true) &&
                $run->card->asks($name) &&
                !in_array($name, self::ELSEWHERE, true)
                    ? self::mean($run, $kind)
                    : null;
            if ($mean !== null) {
                $findings[$name] = $mean;
            }
            $isCounted = in_array($kind->answers->kind, [AnswerKind::Words, AnswerKind::YesNo], true);
            $answered =
                $isCounted && $run->card->asks($name) && !in_array($name, self::ELSEWHERE, true)
                    ? array_values(
                        array_filter($run->balls, static fn(FindingBall $ball): bool => $ball->ball->sight->has($name)),
                    )
                    : [];
            if ($answered === []) {
                continue;
            }
            $rows = [];
            foreach ($kind->answers->words as $word => $label) {
                $rows[] = Shares::row(
                    $label,
                    $answered,
                    static fn(FindingBall $ball): bool => self::answer($ball, $name) === $word,
                );
            }
            $findings[$name] = self::finding(
                $kind->question,
                count($answered),
                [...$rows, ...self::bySide($run, $name, $kind, $answered)],
                count($rows),
            );
        }

        return $findings;
    }

    /**
     * The same for each station that has a name of its own: the side that fails is what is looked for.
     *
     * @param non-empty-list<FindingBall> $answered
     *
     * @return list<FindingRow>
     */
    private static function bySide(FindingBalls $run, string $name, ObservationType $kind, array $answered): array
    {
        $sides = [];
        foreach ($answered as $ball) {
            $side = $run->card->rules->stations[$ball->judged->station ?? 0]->name ?? null;
            if ($side !== null) {
                $sides[$side][] = $ball;
            }
        }
        $rows = [];
        foreach (count($sides) < 2 ? [] : $sides as $side => $balls) {
            foreach ($kind->answers->words as $word => $label) {
                $row = Shares::row(
                    "$side: " . lcfirst($label),
                    $balls,
                    static fn(FindingBall $ball): bool => self::answer($ball, $name) === $word,
                );
                // What was never seen from a side is not a line of its own.
                if ((float) $row->value > 0.0) {
                    $rows[] = $row;
                }
            }
        }

        return $rows;
    }

    /** What a number that was noted comes to. */
    private static function mean(FindingBalls $run, ObservationType $kind): ?Finding
    {
        $values = [];
        foreach ($run->balls as $ball) {
            $value = $ball->ball->sight->number($kind->name);
            if ($value !== null) {
                $values[] = $value;
            }
        }
        if ($values === []) {
            return null;
        }
        $mean = Sample::mean($values);
        [$said, $unit] = match ($kind->answers->unit) {
            'm' => [FigureText::metres($mean), FindingUnit::Metres],
            '°' => [FigureText::degrees(deg2rad($mean)), FindingUnit::Angle],
            default => [sprintf('%.2f %s', $mean, $kind->answers->unit), FindingUnit::Number],
        };

        return new Finding(
            "$kind->question:",
            sprintf('On average %s, of %d.', $said, count($values)),
            $unit,
            $mean,
            null,
            count($values),
        );
    }

    /**
     * @param list<FindingRow> $rows by answer, then by side
     * @param int $answers how many of them are answers
     */
    private static function finding(string $question, int $n, array $rows, int $answers): Finding
    {
        $parts = array_map(
            static fn(FindingRow $row): string => $row->count() . ' ' . lcfirst($row->name),
            array_filter(
                array_slice($rows, 0, $answers),
                static fn(FindingRow $row): bool => (float) $row->value > 0.0,
            ),
        );

        return Finding::ofRows(
            "$question:",
            sprintf('Of %d: %s.', $n, implode(', ', $parts)),
            FindingUnit::Share,
            $rows,
            $n,
        );
    }

    private static function answer(FindingBall $ball, string $name): ?string
    {
        $flag = $ball->ball->sight->flag($name);

        return $flag === null ? $ball->ball->sight->word($name) : ($flag ? 'yes' : 'no');
    }
}
