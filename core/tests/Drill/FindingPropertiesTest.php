<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Drill;

use Amble\Core\Change\ChangeCall;
use Amble\Core\Change\FindingChange;
use Amble\Core\Contract\FindingShape;
use Amble\Core\Drill\Drill;
use Amble\Core\Drill\DrillReader;
use Amble\Core\Drill\DrillRun;
use Amble\Core\Drill\Finding\FindingBalls;
use Amble\Core\Drill\Finding\FindingKinds;
use Amble\Core\Drill\TargetKind;
use Amble\Core\Json\JsonInput;
use Amble\Core\Numeric\RandomSource;
use Amble\Core\Numeric\SeededRandom;
use Amble\Core\Report\Finding;
use Amble\Core\Report\FindingRow;
use Amble\Core\Report\FindingUnit;
use Amble\Core\Session\Observation\AnswerKind;
use Amble\Core\Session\Observation\ObservationTypes;
use Amble\Core\Session\SessionLog;
use PHPUnit\Framework\Attributes\DataProvider;

/** Whatever is logged, in whatever drill, findings hold together. */
final class FindingPropertiesTest extends DrillTestCase
{
    private const RUNS = 12;
    private const MOST_BALLS = 18;

    /** @return iterable<string, array{Drill}> */
    public static function cards(): iterable
    {
        $text = (string) file_get_contents(dirname(__DIR__, 2) . '/drills/library.json');
        foreach (json_decode($text, true, 64, JSON_THROW_ON_ERROR)['drills'] as $card) {
            // Every kind of finding is asked of every drill, also where it makes no sense.
            $card['finds'] = array_keys(FindingKinds::KINDS);
            yield $card['key'] => [DrillReader::read(JsonInput::parse(json_encode($card, JSON_THROW_ON_ERROR)))];
        }
    }

    #[DataProvider('cards')]
    public function testFindingsHoldTogetherWhateverWasSeen(Drill $card): void
    {
        $random = new SeededRandom(crc32($card->key));
        for ($run = 0; $run < self::RUNS; ++$run) {
            $putts = SessionLog::fold(self::ofEverySort($card, $random))->putts;
            $found = FindingKinds::of(
                FindingBalls::of($card, $putts, DrillRun::ofPutts($card->rules, $putts, $run), null),
            );
            foreach ($found as $kind => $finding) {
                self::holds($finding, count($putts), "$card->key $kind");
                $kept = FindingShape::toArray($kind, $finding);
                $json = JsonInput::parse(json_encode($kept, JSON_THROW_ON_ERROR));
                self::assertEquals(
                    [$finding->unit, $finding->value, $finding->interval, $finding->n],
                    self::figure(FindingShape::figure($json)),
                );
                // The same figure against itself is never a change.
                self::assertNotSame(
                    ChangeCall::Clear,
                    FindingChange::between($finding, $finding)?->call(),
                    "$card->key $kind",
                );
            }
        }
    }

    /** @return array{FindingUnit, float|null, mixed, int} */
    private static function figure(Finding $finding): array
    {
        return [$finding->unit, $finding->value, $finding->interval, $finding->n];
    }

    private static function holds(Finding $finding, int $balls, string $what): void
    {
        self::assertLessThanOrEqual($balls, $finding->n, $what);
        self::assertMatchesRegularExpression('/^[A-Z0-9-][^\n]*[.]$/', $finding->sentence, $what);
        self::assertDoesNotMatchRegularExpression('/\bnan\b|\binf\b|%[a-z]/i', $finding->sentence, $what);
        self::assertDoesNotMatchRegularExpression('/\{(?!-?\d+\.\d{3} m\})/', $finding->sentence, $what);
        self::assertMatchesRegularExpression('/[?:]$/', $finding->question, $what);
        $rows = array_map(static fn(FindingRow $row): array => [$row->unit, $row->value, $row->interval, $row->n], [
            ...$finding->rows,
            ...$finding->first === null ? [] : [$finding->first],
        ]);
        foreach ([self::figure($finding), ...$rows] as [$unit, $value, $interval, $n]) {
            self::assertTrue($value === null || is_finite($value), $what);
            self::assertGreaterThanOrEqual(0, $n, $what);
            if ($unit === FindingUnit::Share && $value !== null) {
                self::assertTrue($value >= 0.0 && $value <= 1.0, $what);
            }
            if ($interval !== null && $value !== null) {
                self::assertTrue(
                    $interval->low <= $value + 1e-9 && $interval->high >= $value - 1e-9,
                    "$what: the figure lies in its interval",
                );
            }
        }
    }

    /** @return list<\Amble\Core\Session\Event\SessionEvent> balls of every sort, with every answer now and then */
    private static function ofEverySort(Drill $card, RandomSource $random): array
    {
        $events = [];
        $balls = (int) (self::MOST_BALLS * $random->uniform());
        for ($i = 0; $i < $balls; ++$i) {
            $length = $card->rules->stations[$i % count($card->rules->stations)]->length()->metres();
            $stop = ['free', 'free', 'free', 'holed', 'unseen', 'edge', 'ball', 'target'][
                (int) (8 * $random->uniform())
            ];
            $roll = max(0.05, $length * (1.0 + 0.3 * $random->normal()));
            $events[] = self::ball(
                $i,
                $roll,
                [
                    'roll_m' =>
                        $stop === 'unseen' || ($stop === 'holed' && $random->uniform() < 0.7) ? null : min(80.0, $roll),
                    'stop' => $stop,
                    'mark' => $random->uniform() < 0.1 ? 'mishit' : null,
                    'backstroke_m' => $random->uniform() < 0.5 ? 0.1 + 0.1 * (int) (4 * $random->uniform()) : null,
                    'grade_percent' => [-1.5, 0.0, 1.5][(int) (3 * $random->uniform())],
                ] +
                    ($card->rules->target === TargetKind::None ? [] : ['target_m' => $length]) +
                    self::answers($random),
            );
        }

        return $events;
    }

    /** @return array<string, string|bool|int|float> */
    private static function answers(RandomSource $random): array
    {
        $answers = [];
        foreach (ObservationTypes::all() as $name => $kind) {
            if ($random->uniform() < 0.4) {
                continue;
            }
            $words = array_keys($kind->answers->words);
            $answers[$name] = match ($kind->answers->kind) {
                AnswerKind::Words => $words[(int) (count($words) * $random->uniform())],
                AnswerKind::YesNo => $random->uniform() < 0.5,
                AnswerKind::Metres, AnswerKind::Number => $kind->answers->least +
                    ($kind->answers->most - $kind->answers->least) * $random->uniform(),
                AnswerKind::Count => (int) ($kind->answers->least +
                    ($kind->answers->most - $kind->answers->least) * $random->uniform()),
            };
        }

        return $answers;
    }
}
