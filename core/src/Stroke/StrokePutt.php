<?php

declare(strict_types=1);

namespace Amble\Core\Stroke;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Green\GreenSpeed;
use Amble\Core\Roll\LineRoll;
use Amble\Core\Units\Grade;
use Amble\Core\Units\Length;

/**
 * One putt with a measured backstroke and a full, free roll, ready for fitting.
 *
 * Holed balls of unknown pace, balls stopped by anything and marked mishits are not of this
 * kind; the caller leaves them out and says so.
 */
final readonly class StrokePutt
{
    /**
     * @param float $logBackstroke ln of the putter head's travel back from the ball, in metres
     * @param float $logRelativeRoll ln(D_level / S), both in metres (maths.md 3.1)
     */
    private function __construct(public float $logBackstroke, public float $logRelativeRoll) {}

    /** @throws InvalidInput If no ball could have stopped on this grade at this speed. */
    public static function of(
        Length $backstroke,
        Length $roll,
        GreenSpeed $speed,
        Grade $grade,
        string $gradeField = 'grade_percent',
    ): self {
        $level = (new LineRoll($speed, $grade))->playsLike($roll);
        if ($level === null) {
            throw InvalidInput::at(
                $gradeField,
                sprintf(
                    'No ball could stop on a grade of %.1f %% at green speed %.1f ft.',
                    $grade->percent(),
                    $speed->feet(),
                ),
            );
        }

        return new self(log($backstroke->metres()), log($level / $speed->metres()));
    }

    /** From the two logarithms themselves, as they were kept. */
    public static function ofLogs(float $logBackstroke, float $logRelativeRoll): self
    {
        return new self($logBackstroke, $logRelativeRoll);
    }

    /** The same putt, its log roll longer by so much. */
    public function longerBy(float $logShare): self
    {
        return new self($this->logBackstroke, $this->logRelativeRoll + $logShare);
    }
}
