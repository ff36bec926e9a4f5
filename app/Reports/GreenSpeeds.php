<?php

declare(strict_types=1);

namespace App\Reports;

use Amble\Core\Evidence\GreenHistory;
use Amble\Core\Green\GreenSpeed;
use App\Models\Green;
use App\Models\GreenSpeedMeasurement;
use App\Models\PracticeSession;
use Carbon\CarbonImmutable;
use Carbon\CarbonInterface;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;

/** Finds the green-speed measurement in force for a session. */
final class GreenSpeeds
{
    private const ORDINARY_FEET = 10.0;

    /** The speed last measured on a green; 10 ft where none was. */
    public static function last(Green $green): GreenSpeed
    {
        return $green->latestReading?->speed() ?? GreenSpeed::ofFeet(self::ORDINARY_FEET);
    }

    /** The reading that stands for a session, with its own and the last one of somebody else on its green. */
    public function ofSession(PracticeSession $session): SessionGreenSpeeds
    {
        $at = $session->ended_at ?? CarbonImmutable::now();
        $candidates = self::candidates($session, $at);
        $chosen = array_filter([$session->id => $session->chosen_measurement_id], is_string(...));
        $standing = GreenHistory::of(array_values($candidates->map(BallRepository::reading(...))->all()), $chosen)->at(
            (int) $at->getTimestampMs(),
            $session->id,
        );
        $isOwn = static fn(GreenSpeedMeasurement $reading): bool => $reading->practice_session_id === $session->id;

        return new SessionGreenSpeeds(
            $candidates->firstWhere('id', $standing?->reading->id),
            $standing,
            $candidates->first($isOwn),
            $candidates->reject($isOwn)->first(),
        );
    }

    /**
     * Give the readings that may stand for a session: the one chosen for it, its own last one, and the last other one
     * of its green. Which of them does is the core's to say.
     *
     * @return Collection<int, GreenSpeedMeasurement> the latest first
     */
    private static function candidates(PracticeSession $session, CarbonInterface $at): Collection
    {
        $green = $session->green;
        if ($green === null) {
            return collect();
        }
        $readings = static fn() => $green->readings()->with('session.student')->latest('taken_at')->latest('id');
        /** @var Collection<int, GreenSpeedMeasurement> $found */
        $found = collect([
            $session->chosen_measurement_id === null
                ? null
                : $readings()->whereKey($session->chosen_measurement_id)->first(),
            $readings()->where('practice_session_id', $session->id)->first(),
            // Somebody else's of this green, so that a coach can choose.
            $readings()
                ->where('taken_at', '<=', $at)
                ->where(
                    static fn(Builder $other) => $other
                        ->whereNull('practice_session_id')
                        ->orWhere('practice_session_id', '!=', $session->id),
                )
                ->first(),
        ])
            ->filter()
            ->unique('id')
            ->sortByDesc('taken_at')
            ->values();

        return $found;
    }
}
