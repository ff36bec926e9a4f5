<?php

declare(strict_types=1);

namespace Amble\Core\Review\Measure;

use Amble\Core\Evidence\RolledBall;
use Amble\Core\Green\GreenSpeed;
use Amble\Core\Review\BallSelection;
use Amble\Core\Roll\AimSolver;
use Amble\Core\Roll\Ground;
use Amble\Core\Units\Grade;
use Amble\Core\Units\Length;

/** A breaking putt whose break was called before it was rolled with a sound pace. This class is immutable. */
final readonly class CalledRead
{
    /**
     * @param 'left'|'right' $curves
     * @param float $length metres to the hole
     * @param float $along and $across slopes, rise over run
     * @param float $speed of the green, metres
     * @param float $called metres beside the hole to the high side; negative where it was read to break the other way
     * @param float|null $readFrom metres behind the ball; null where nobody said
     * @param float|null $views places it was read from, likewise
     * @param string|null $aimBy a line or a spot, likewise
     */
    private function __construct(
        public string $curves,
        public float $length,
        public float $along,
        public float $across,
        public float $speed,
        public bool $isAtHole,
        public float $called,
        public ?float $readFrom,
        public ?float $views,
        public ?string $aimBy,
    ) {}

    /** Null where the break was not called, or the pace or the green's speed does not tell the read. */
    public static function of(RolledBall $ball): ?self
    {
        $sight = $ball->ball->sight;
        $amount = $sight->number('read_amount_m');
        $speed = $ball->speed();
        if ($amount === null || $speed === null || !ReadError::hasSoundPace($ball)) {
            return null;
        }
        [$curves, $side] = [LowSide::curves($ball), $sight->word('read_side')];

        return new self(
            $curves,
            BallSelection::length($ball),
            $ball->ball->grade->ratio(),
            $ball->ball->across->ratio(),
            $speed->metres(),
            $ball->isAtHole,
            $side === null || $side === 'straight' || $side === $curves ? $amount : -$amount,
            $sight->number('read_from_m'),
            $sight->number('views_taken'),
            $sight->word('aim_by'),
        );
    }

    /** @return list<string|float|int|null> for keeping */
    public function kept(): array
    {
        return [
            $this->curves,
            $this->length,
            $this->along,
            $this->across,
            $this->speed,
            (int) $this->isAtHole,
            $this->called,
            $this->readFrom,
            $this->views,
            $this->aimBy,
        ];
    }

    /**
     * @param array{'left'|'right', float, float, float, float, int, float, float|null, float|null, string|null} $kept
     */
    public static function restored(array $kept): self
    {
        $kept[5] = $kept[5] === 1;

        return new self(...$kept);
    }

    /** The putt it is: those alike have one true break. */
    public function putt(): string
    {
        return sprintf('%.2f %.4f %.4f %.3f', $this->length, $this->along, $this->across, $this->speed);
    }

    /**
     * Metres beside the hole to aim, whichever side; null where no line holds.
     *
     * @param float $pace metres past the hole that the student plays for
     */
    public function realBreak(float $pace): ?float
    {
        $ground = new Ground(
            GreenSpeed::ofMetres($this->speed),
            Grade::ofRatio($this->along),
            Grade::ofRatio($this->across),
        );
        $aim = (new AimSolver($ground, Length::ofMetres($this->length), $this->isAtHole ? $pace : 0.0))
            ->read()
            ->aimOffset();

        return $aim === null ? null : abs($aim);
    }
}
