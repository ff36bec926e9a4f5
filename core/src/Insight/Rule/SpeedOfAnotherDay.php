<?php

declare(strict_types=1);

namespace Amble\Core\Insight\Rule;

use Amble\Core\Evidence\MeasurementInForce;
use Amble\Core\Insight\Insight;
use Amble\Core\Insight\InsightFacts;
use Amble\Core\Insight\Rule;
use Amble\Core\Units\Length;

/** A reading stands for its day; an older one is only the last one known. */
final class SpeedOfAnotherDay implements Rule
{
    public function note(InsightFacts $facts): ?Insight
    {
        $reading = $facts->reading;
        if ($reading === null || $reading->isOfTheDay || $reading->reading->speed === null) {
            return null;
        }

        return new Insight(
            'stroke.speed_of_another_day',
            sprintf(
                'The green was last measured %d %s ago, at %.1f ft; today\'s speed is not known.',
                $reading->days,
                $reading->days === 1 ? 'day' : 'days',
                $reading->reading->speed->metres() / Length::METRES_PER_FOOT,
            ),
            sprintf(
                'Greens change by about %.0f %% from day to day, so every range here is wider.',
                100.0 * MeasurementInForce::DAY_TO_DAY,
            ),
            0.8,
            1.0,
            (string) $reading->days,
            'Roll three balls each way in Green speed, with a ramp or a stopwatch.',
            isOfRecord: true,
        );
    }
}
