<?php

declare(strict_types=1);

namespace Amble\Core\Reading;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Green\GreenSpeed;
use Amble\Core\Json\JsonInput;
use Amble\Core\Numeric\Check;
use Amble\Core\Roll\AimSolver;
use Amble\Core\Roll\Grain;
use Amble\Core\Roll\Ground;
use Amble\Core\Roll\Tier;
use Amble\Core\Units\Grade;
use Amble\Core\Units\Length;

/** One putt to be read: how long, on what ground, at what pace. This class is immutable. */
final readonly class PuttSituation
{
    /** Feet stand so far apart where nobody says, metres. */
    private const STANCE = 0.4;

    /** Nobody reads a putt from further off, metres. */
    private const LONGEST = 40.0;

    /** Of the words a source goes by. */
    private const LONGEST_SOURCE = 80;

    /**
     * @param float $pace metres past a covered hole that is meant
     * @param float|null $pacePoint metres before the hole where the ball is to be spent, as the ground falls away from
     *     there;
     *                              it then decides instead of the pace
     * @param WornSide|null $worn side of the hole; in the surface only where a strength is given
     * @param string|null $slopeBy what device the grades were read by; null where somebody judged them
     */
    private function __construct(
        public Length $length,
        public Ground $surface,
        public float $pace,
        public ?float $pacePoint,
        public ?WornSide $worn,
        public ?string $slopeBy = null,
    ) {}

    /** A putt on even ground. */
    public static function plain(Length $length, GreenSpeed $speed, Grade $along, Grade $across, float $pace): self
    {
        return new self($length, new Ground($speed, $along, $across), $pace, null, null);
    }

    /** @throws InvalidInput At the field that cannot be used. */
    public static function read(JsonInput $told): self
    {
        $length = Length::ofMetres(
            Check::within($told->number('length_m'), 0.1, self::LONGEST, $told->path('length_m')),
            $told->path('length_m'),
        );
        [$along, $across] = self::slope($told->object('slope'));
        $grain = $told->objectOrNull('grain');
        $worn = $grain === null ? null : $grain->enum('worn', WornSide::class);
        $point = $told->numberOrNull('pace_point_m');

        return new self(
            $length,
            new Ground(
                GreenSpeed::ofMetres($told->number('speed_m'), $told->path('speed_m')),
                $along,
                $across,
                self::tier($told->objectOrNull('tier')),
                $grain === null || $worn === null || !$grain->has('strength')
                    ? null
                    : Grain::of($grain->number('strength'), $worn->degrees(), $grain->here()),
            ),
            Check::within($told->number('pace_m'), 0.0, AimSolver::LONGEST_PACE, $told->path('pace_m')),
            $point === null ? null : Check::within($point, 0.0, $length->metres() - 0.1, $told->path('pace_point_m')),
            $worn,
            self::measuredBy($told->object('slope')),
        );
    }

    /**
     * The putt as it is kept: by its grades, whichever way they were said.
     *
     * @return array<string, mixed>
     */
    public function said(): array
    {
        $tier = $this->surface->tier;

        return [
            'length_m' => $this->length->metres(),
            'speed_m' => $this->surface->speed->metres(),
            'pace_m' => $this->pace,
            'pace_point_m' => $this->pacePoint,
            'slope' => [
                'by' => 'grades',
                'along_percent' => $this->surface->along->percent(),
                'across_percent' => $this->surface->across->percent(),
                'measured_by' => $this->slopeBy,
            ],
            'tier' =>
                $tier === null ? null : ['height_m' => $tier->height, 'run_m' => $tier->run, 'start_m' => $tier->start],
            'grain' =>
                $this->worn === null
                    ? null
                    : ['worn' => $this->worn->value, 'strength' => $this->surface->grain?->strength],
        ];
    }

    public function clock(): HoleClock
    {
        return HoleClock::of($this->surface->along, $this->surface->across);
    }

    /**
     * The grades, said in one of three ways.
     *
     * @return array{Grade, Grade} along and across
     */
    private static function slope(JsonInput $slope): array
    {
        return match ($slope->word('by', ['grades', 'clock', 'feet'])) {
            'clock' => self::byClock($slope),
            'feet' => [
                Grade::ofPercent($slope->number('along_percent'), $slope->path('along_percent')),
                self::byFeet($slope),
            ],
            default => [
                Grade::ofPercent($slope->number('along_percent'), $slope->path('along_percent')),
                Grade::ofPercent($slope->number('across_percent'), $slope->path('across_percent')),
            ],
        };
    }

    /** @return array{Grade, Grade} */
    private static function byClock(JsonInput $slope): array
    {
        $clock = HoleClock::at(
            Check::within($slope->number('hour'), 0.0, 12.0, $slope->path('hour')),
            Grade::ofPercent(
                Check::notNegative($slope->number('steep_percent'), $slope->path('steep_percent')),
                $slope->path('steep_percent'),
            ),
        );

        return [$clock->along(), $clock->across()];
    }

    /** Only grades come from a device as they are. */
    private static function measuredBy(JsonInput $slope): ?string
    {
        return $slope->word('by', ['grades', 'clock', 'feet']) === 'grades' && $slope->has('measured_by')
            ? $slope->text('measured_by', self::LONGEST_SOURCE)
            : null;
    }

    /** Standing astride the line: how much higher one foot stands than the other, over the width between them. */
    private static function byFeet(JsonInput $slope): Grade
    {
        $higher = $slope->word('higher', ['left', 'even', 'right']);
        $by = $higher === 'even' ? 0.0 : Check::notNegative($slope->number('by_m'), $slope->path('by_m'));
        $stance = Check::within($slope->numberOr('stance_m', self::STANCE), 0.1, 2.0, $slope->path('stance_m'));

        return Grade::ofRatio((($higher === 'left' ? -1.0 : 1.0) * $by) / $stance, $slope->path('by_m'));
    }

    private static function tier(?JsonInput $tier): ?Tier
    {
        return $tier === null
            ? null
            : Tier::of($tier->number('height_m'), $tier->number('run_m'), $tier->number('start_m'), $tier->here());
    }
}
