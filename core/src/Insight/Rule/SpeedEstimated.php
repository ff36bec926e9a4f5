<?php

declare(strict_types=1);

namespace Amble\Core\Insight\Rule;

use Amble\Core\Green\MeasurementMethod;
use Amble\Core\Insight\Insight;
use Amble\Core\Insight\InsightFacts;
use Amble\Core\Insight\Rule;

/** An estimate by eye widens every range. */
final class SpeedEstimated implements Rule
{
    public function note(InsightFacts $facts): ?Insight
    {
        return $facts->method === MeasurementMethod::Estimated
            ? new Insight(
                'stroke.speed_estimated',
                'Today\'s green speed is an estimate, so the ranges are wider.',
                'An estimate is accurate to about one foot.',
                0.3,
                0.9,
                'estimated',
                'A few measured rolls each way make them narrower.',
                isOfRecord: true,
            )
            : null;
    }
}
