<?php

declare(strict_types=1);

namespace Amble\Core\Reading;

/** The paces one putt is drawn at together; lines of different paces are never one aim. */
enum PaceKind: string
{
    case Meant = 'meant';
    case Dying = 'dying';
    case Firm = 'firm';

    /** A dying ball runs so far past a covered hole: about to its back edge, metres. Ours. */
    private const DYING = 0.05;

    /** A firm one runs three feet past, or so much further than a pace that is firm by itself, metres. Ours. */
    private const FIRM = 0.9144;
    private const FIRMER = 0.3;

    /** Metres past a covered hole. */
    public function pace(float $meant): float
    {
        return match ($this) {
            self::Meant => $meant,
            self::Dying => min(self::DYING, $meant),
            self::Firm => max(self::FIRM, $meant + self::FIRMER),
        };
    }
}
