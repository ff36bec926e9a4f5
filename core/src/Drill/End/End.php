<?php

declare(strict_types=1);

namespace Amble\Core\Drill\End;

use Amble\Core\Drill\DrillProgress;
use Amble\Core\Drill\Kind\KindCard;

/** When a drill is done. One file a kind; listed in Ends. */
interface End
{
    /** What the kind says of itself. */
    public static function card(): KindCard;

    /** @param array<string, float> $figures by field, as the card reads them */
    public static function of(array $figures): self;

    public function isReached(DrillProgress $progress): bool;

    /**
     * How many more balls are certain to be rolled whatever happens to them, at least 0.
     *
     * @param int $leftInRound balls left in the round, this one included
     * @param int $mostPoints the most one ball can bring
     */
    public function certainBalls(DrillProgress $progress, int $leftInRound, int $mostPoints): int;

    /**
     * How many balls are to be expected until it is reached; null where nothing known tells.
     *
     * @param float|null $aRound balls of one round; null where that is not known
     */
    public function expectedBalls(?float $aRound): ?float;

    /** Whether rounds follow one another until the end is reached. */
    public function repeatsRounds(): bool;

    /** The points it is reached by, which the drill must then give; null where points do not end it. */
    public function goal(): ?int;
}
