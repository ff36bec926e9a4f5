<?php

declare(strict_types=1);

namespace App\Reports;

use Amble\Core\Evidence\Standing;
use App\Models\GreenReading;

/** What is known of a session's green: the reading that stands, the session's own, and somebody else's. */
final readonly class SessionGreenSpeeds
{
    /**
     * @param GreenReading|null $own the last one taken in the session
     * @param GreenReading|null $other the last one taken on its green in another session
     */
    public function __construct(
        public ?GreenReading $reading,
        public ?Standing $standing,
        public ?GreenReading $own,
        public ?GreenReading $other,
    ) {
    }
}
