<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Tools;

use Amble\Core\Drill\DrillReader;
use Amble\Core\Json\JsonInput;
use Amble\Core\Numeric\SeededRandom;
use Amble\Core\Plan\Candidate;
use Amble\Core\Simulation\SimulatedStudent;
use Amble\Tools\PlannedYear;
use PHPUnit\Framework\TestCase;

final class PlannedYearTest extends TestCase
{
    /** @return array{float, float} putts expected per 18 before so many weeks and after */
    private static function year(bool $byRules, int $weeks): array
    {
        /** @var array{drills: list<array<string, mixed>>} $library */
        $library = json_decode(
            (string) file_get_contents(dirname(__DIR__, 2) . '/drills/library.json'),
            true,
            64,
            JSON_THROW_ON_ERROR,
        );
        $drills = array_map(
            static fn(array $drill): Candidate => Candidate::unlearned(
                DrillReader::read(
                    JsonInput::parse(json_encode($drill, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION)),
                ),
            ),
            $library['drills'],
        );
        $year = new PlannedYear(
            SimulatedStudent::calibrated(0.3, 1.8, 0.12)->changed(['lineSpread' => 0.03]),
            $drills,
            new SeededRandom(4),
        );
        $before = $year->expected();
        $year->walk($byRules, $weeks);

        return [$before, $year->expected()];
    }

    /** A quarter of a year: whole years are walked by a script (scripts/year-truth.php). */
    public function testPractiseSavesPuttsEitherWayAndByTheRulesNoFewer(): void
    {
        [$start, $planned] = self::year(true, 13);
        [, $drawn] = self::year(false, 13);

        self::assertLessThan($start - 0.5, $planned);
        self::assertLessThan($start - 0.5, $drawn);
        self::assertLessThanOrEqual($drawn + 0.05, $planned);
    }

    public function testWeeksAreTheSameForTheSameSeed(): void
    {
        foreach ([true, false] as $byRules) {
            [$start, $after] = self::year($byRules, 3);
            self::assertSame([$start, $after], self::year($byRules, 3));
            self::assertLessThan($start, $after);
        }
    }
}
