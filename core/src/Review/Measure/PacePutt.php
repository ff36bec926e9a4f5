<?php

declare(strict_types=1);

namespace Amble\Core\Review\Measure;

use Amble\Core\Distance\DistancePutt;
use Amble\Core\Evidence\RolledBall;
use Amble\Core\Review\BallCounts;
use Amble\Core\Session\Disturbance;
use Amble\Core\Session\Stop;
use Amble\Core\Units\Length;

/** A putt at a target, as the measures of pace need it. This class is immutable. */
final readonly class PacePutt
{
    private const STOPPED = 0;
    private const CUT_SHORT = 1;
    private const HOLED = 2;

    /** As distance control is told from it. */
    public DistancePutt $putt;

    /**
     * @param string $length of the target, as BallCounts names it
     * @param float $meant metres to where it should finish
     * @param float|null $roll metres it rolled, or at least rolled; null of a holed ball that nobody judged
     * @param self::* $end what ended its roll
     * @param list<string> $disturbances by name
     */
    private function __construct(
        public string $length,
        public float $meant,
        public ?float $roll,
        private int $end,
        public bool $isFirst,
        public bool $isAtHole,
        public array $disturbances,
    ) {
        $target = Length::ofMetres($meant);
        $this->putt = match ($end) {
            self::HOLED => DistancePutt::holed($target, $roll),
            self::CUT_SHORT => DistancePutt::cutShortAt($target, (float) $roll),
            self::STOPPED => DistancePutt::stoppedAt($target, (float) $roll),
        };
    }

    /** Null without a target. */
    public static function of(RolledBall $ball): ?self
    {
        $meant = $ball->meant();

        return $meant === null
            ? null
            : new self(
                (string) BallCounts::lengthKeyOf($ball),
                $meant->metres(),
                $ball->ball->rollMetres(),
                match (true) {
                    $ball->ball->stop === Stop::Holed => self::HOLED,
                    $ball->ball->isAtLeast() => self::CUT_SHORT,
                    default => self::STOPPED,
                },
                $ball->attempt === 1,
                $ball->isAtHole,
                array_map(static fn(Disturbance $each): string => $each->value, $ball->during->disturbances),
            );
    }

    /** @return list<string|float|int|null|list<string>> for keeping */
    public function kept(): array
    {
        return [
            $this->length,
            $this->meant,
            $this->roll,
            $this->end,
            (int) $this->isFirst,
            (int) $this->isAtHole,
            ...$this->disturbances === [] ? [] : [$this->disturbances],
        ];
    }

    /** @param array{string, float, float|null, self::*, int, int, 6?: list<string>} $kept */
    public static function restored(array $kept): self
    {
        [$length, $meant, $roll, $end, $isFirst, $isAtHole] = $kept;

        return new self($length, $meant, $roll, $end, $isFirst === 1, $isAtHole === 1, $kept[6] ?? []);
    }

    /** Metres past the hole of a ball that rolled out, negative short; null of any other, and without a hole. */
    public function past(): ?float
    {
        return $this->isAtHole && $this->roll !== null && $this->end !== self::CUT_SHORT
            ? $this->roll - (float) $this->length
            : null;
    }
}
