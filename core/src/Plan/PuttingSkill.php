<?php

declare(strict_types=1);

namespace Amble\Core\Plan;

use Amble\Core\Drill\Drill;

/** Which of the three skills a block works at. */
enum PuttingSkill: string
{
    case Pace = 'pace';
    case Line = 'line';
    case Read = 'read';

    private const TRAINED = [
        'speed' => self::Pace,
        'feel' => self::Pace,
        'backstroke' => self::Pace,
        'start line' => self::Line,
        'strike' => self::Line,
        'set-up' => self::Line,
        'read' => self::Read,
    ];

    public function words(): string
    {
        return match ($this) {
            self::Pace => 'pace',
            self::Line => 'start line',
            self::Read => 'read',
        };
    }

    /** The first skill a drill says it trains; null where it trains none of them. */
    public static function of(Drill $card): ?self
    {
        foreach ($card->trains as $word) {
            if (isset(self::TRAINED[$word])) {
                return self::TRAINED[$word];
            }
        }

        return null;
    }
}
