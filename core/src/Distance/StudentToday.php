<?php

declare(strict_types=1);

namespace Amble\Core\Distance;

use Amble\Core\Numeric\Bound;
use Amble\Core\Numeric\CensoredNormal;

/** One student's first balls of the day, at known targets and told nothing else (maths.md 5.2). Immutable. */
final readonly class StudentToday
{
    /** Where a student's own spread is unknown. */
    public const USUAL_SPREAD = 0.1;

    /** Balls later than these are taught by the first. */
    public const MOST_BALLS = 10;

    /**
     * @param non-negative-int $n balls it rests on
     * @param float|null $mean of today's errors; null when no ball rolled out
     * @param float $error of that mean
     */
    private function __construct(public int $n, public ?float $mean, public float $error, public ?UsualBias $usual) {}

    /**
     * @param list<Bound> $errors shares of length; one cut short is "at least"
     * @param UsualBias|null $usual null without a history
     * @param float|null $spread the student's own; null when unknown
     */
    public static function of(array $errors, ?UsualBias $usual, ?float $spread): self
    {
        $exact = array_filter($errors, static fn(Bound $bound): bool => $bound->isExact());
        if ($errors === [] || $exact === []) {
            return new self(count($errors), null, 0.0, $usual);
        }
        [$mean, $error] = CensoredNormal::meanAt($errors, $spread ?? self::USUAL_SPREAD);

        return new self(count($errors), $mean, $error, $usual);
    }

    /** Today against the student's usual; null when today tells nothing. */
    public function offset(float $dayToDay): ?Offset
    {
        // Without a history a student is taken to finish at the target, give or take a day.
        $usual = $this->usual ?? new UsualBias(0.0, $dayToDay);

        return $this->mean === null
            ? null
            : new Offset(
                $this->mean - $usual->bias,
                sqrt($this->error ** 2 + $usual->standardError ** 2 + $dayToDay ** 2),
            );
    }
}
