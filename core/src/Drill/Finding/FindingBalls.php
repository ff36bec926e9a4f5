<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Finding;

use Amble\Core\Distance\UsualLength;
use Amble\Core\Drill\Drill;
use Amble\Core\Drill\DrillState;
use Amble\Core\Drill\Verdict;
use Amble\Core\Report\FigureText;
use Amble\Core\Session\LoggedBall;

/** One student's balls of a run, for findings: those that were judged or noted and nobody set aside. Immutable. */
final readonly class FindingBalls
{
    /**
     * @param list<FindingBall> $balls in the order they were rolled
     * @param UsualLength|null $usual the student's before this session; null while few are known
     * @param non-empty-list<float> $lengths metres to each station, settled
     */
    private function __construct(
        public Drill $card,
        public DrillState $state,
        public array $balls,
        public ?UsualLength $usual,
        public array $lengths,
    ) {}

    /**
     * @param list<LoggedBall> $putts the student's of this run
     * @param DrillState $state folded from them
     * @param float $finishPast how far past a hole the student plays for, metres
     */
    public static function of(
        Drill $card,
        array $putts,
        DrillState $state,
        ?UsualLength $usual,
        float $finishPast = 0.0,
    ): self {
        $balls = [];
        foreach ($putts as $putt) {
            $judged = $state->judged[$putt->id] ?? null;
            // A mark says that it was nobody's fault or nobody's stroke: it teaches nothing here either.
            if (
                $judged !== null &&
                in_array($judged->verdict, [Verdict::Passed, Verdict::Missed, Verdict::Noted], true) &&
                $putt->ball->remarks->mark === null
            ) {
                $balls[] = new FindingBall(
                    $putt->ball,
                    $judged,
                    $card->rules->target->canBeHoled() ? $finishPast : 0.0,
                );
            }
        }
        $lengths = array_column($state->stations, 'lengthMetres');
        assert($lengths !== []);

        return new self($card, $state, $balls, $usual, $lengths);
    }

    /**
     * @return list<FindingBall> those that passed or missed: a ball that only measured what the next is held against
     *     does neither
     */
    public function judged(): array
    {
        return self::judgedOf($this->balls);
    }

    /**
     * @param list<FindingBall> $balls
     *
     * @return list<FindingBall>
     */
    public static function judgedOf(array $balls): array
    {
        return array_values(
            array_filter($balls, static fn(FindingBall $ball): bool => $ball->judged->verdict !== Verdict::Noted),
        );
    }

    /** @return list<FindingBall> the first ball at each putt */
    public function firstTries(): array
    {
        return array_values(
            array_filter($this->balls, static fn(FindingBall $ball): bool => $ball->judged->attempt === 1),
        );
    }

    /**
     * @param \Closure(FindingBall): (string|null) $group null leaves a ball out
     *
     * @return array<string, non-empty-list<FindingBall>> in the order they first came up
     */
    public function by(\Closure $group): array
    {
        $groups = [];
        foreach ($this->balls as $ball) {
            $name = $group($ball);
            if ($name !== null) {
                $groups[$name][] = $ball;
            }
        }

        return $groups;
    }

    /** @return array<string, non-empty-list<FindingBall>> by station, shortest number first, in words */
    public function byStation(): array
    {
        $groups = [];
        foreach (
            $this->by(
                static fn(FindingBall $ball): ?string => $ball->judged->station === null
                    ? null
                    : (string) $ball->judged->station,
            )
            as $station => $balls
        ) {
            $groups[(int) $station] = $balls;
        }
        ksort($groups);
        $named = [];
        foreach ($groups as $station => $balls) {
            $named[$this->stationName($station)] = [...$named[$this->stationName($station)] ?? [], ...$balls];
        }

        return $named;
    }

    public function stationName(int $station): string
    {
        $rules = $this->card->rules->stations[$station] ?? null;
        $length = FigureText::metres($this->lengths[$station] ?? 0.0);

        return match (true) {
            $rules?->backstroke !== null => 'backstroke ' . FigureText::metres($rules->backstroke->metres()),
            $rules?->name !== null => "$rules->name, $length",
            default => $length,
        };
    }
}
