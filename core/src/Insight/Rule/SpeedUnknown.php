<?php

declare(strict_types=1);

namespace Amble\Core\Insight\Rule;

use Amble\Core\Green\MeasurementMethod;
use Amble\Core\Insight\Insight;
use Amble\Core\Insight\InsightFacts;
use Amble\Core\Insight\Rule;

/** Without a green speed no length can be told. */
final class SpeedUnknown implements Rule
{
    public function note(InsightFacts $facts): ?Insight
    {
        return $facts->method === MeasurementMethod::Unknown
            ? new Insight(
                'stroke.speed_unknown',
                'The green speed is unknown, so backstrokes for today cannot be shown.',
                'A backstroke table is for one green speed; this green is not measured.',
                0.9,
                1.0,
                'none',
                'Roll three balls each way in Green speed, with a ramp or a stopwatch.',
                isOfRecord: true,
            )
            : null;
    }
}
