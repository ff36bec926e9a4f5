<?php

declare(strict_types=1);

namespace App\Reports;

use Amble\Core\Drill\AgainstHole;
use Amble\Core\Drill\Drill;
use Amble\Core\Drill\DrillRules;
use Amble\Core\Drill\Expectation;
use Amble\Core\Drill\Level\Progression;
use Amble\Core\Drill\SetupSheet;
use Amble\Core\Units\Length;
use Amble\Core\Units\UnitsSlip;
use App\Models\Coach;

/** The sheet a coach sets a drill out by: the core's, with this coach's paces. This class is immutable. */
final readonly class DrillSetup
{
    /**
     * @param list<float> $lengths metres to each station, settled
     * @param list<float|null> $stepped paces counted to each station
     * @param Expectation|null $expectation null where it is only looked at
     * @param Progression|null $progression where it begins for the session's student; null where nothing says so
     * @param list<array{student: string, name: string, balls: float|null}> $group who takes turns, each with the balls
     *     to expect
     */
    public function __construct(
        public SetupSheet $sheet,
        private DrillRules $drill,
        private array $lengths,
        private Coach $coach,
        private array $stepped,
        public ?Expectation $expectation,
        public ?Progression $progression,
        public \stdClass $definition,
        public Drill $card,
        public array $group = [],
    ) {}

    /** Give the balls everybody will roll together; null for one alone, and where somebody's rate is not known. */
    public function ballsInAll(): ?float
    {
        $balls = array_column($this->group, 'balls');

        return count($balls) < 2 || in_array(null, $balls, true) ? null : array_sum($balls);
    }

    /** @return list<array{key: string, sentence: string}> */
    public static function checks(SetupSheet $sheet): array
    {
        $checks = $sheet->checks();

        return array_map(
            static fn(string $key, string $sentence): array => ['key' => $key, 'sentence' => $sentence],
            array_keys($checks),
            array_values($checks),
        );
    }

    /** Say what the first width of the aid lets through against the hole at the first station; null without either. */
    public function aidAgainstHole(): ?string
    {
        $first = $this->lengths[0] ?? null;

        return $first === null ? null : $this->sheet->aidAgainstHole(Length::ofMetres($first))?->value;
    }

    /** @return list<array<string, mixed>> */
    public function stations(): array
    {
        $stations = [];
        foreach ($this->lengths as $i => $metres) {
            $length = Length::ofMetres($metres);
            $paces = $this->stepped[$i] ?? null;
            $stations[] = [
                'length_m' => $metres,
                'grade_percent' => $this->drill->stations[$i]->along->percent(),
                'across_percent' => $this->drill->stations[$i]->across->percent(),
                'name' => $this->drill->stations[$i]->name,
                'backstroke_m' => $this->drill->stations[$i]->backstroke?->metres(),
                'hole_half_angle_deg' => $this->drill->target->canBeHoled()
                    ? rad2deg(AgainstHole::holeHalfAngle($length))
                    : null,
                'slip' => $paces === null ? null : self::slip($this->coach, $length, $paces),
            ];
        }

        return $stations;
    }

    /**
     * Where paces that were counted do not agree with the length as it was said.
     *
     * @return array{paced_m: float, likely: string|null}|null null where they do
     */
    public static function slip(Coach $coach, Length $length, float $paces): ?array
    {
        $slip = UnitsSlip::between($length, $coach->unitMetres(), $paces, $coach->pace());

        return $slip === null ? null : ['paced_m' => $slip->paced->metres(), 'likely' => $slip->likely];
    }
}
