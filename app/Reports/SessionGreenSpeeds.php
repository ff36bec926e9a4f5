<?php

declare(strict_types=1);

namespace App\Reports;

use Amble\Core\Evidence\MeasurementInForce;
use App\Models\GreenSpeedMeasurement;

/** What is known of a session's green: the reading that stands, the session's own, and somebody else's. */
final readonly class SessionGreenSpeeds
{
    /**
     * @param GreenSpeedMeasurement|null $own the last one taken in the session
     * @param GreenSpeedMeasurement|null $other the last one taken on its green in another session
     */
    public function __construct(
        public ?GreenSpeedMeasurement $reading,
        public ?MeasurementInForce $standing,
        public ?GreenSpeedMeasurement $own,
        public ?GreenSpeedMeasurement $other,
    ) {}
}
