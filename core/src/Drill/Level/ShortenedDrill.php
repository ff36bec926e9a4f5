<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Level;

use Amble\Core\Drill\DrillReader;
use Amble\Core\Exception\InvalidInput;
use Amble\Core\Json\JsonInput;

/** A drill with no more room than a dose, or a plan, has for it. */
final class ShortenedDrill
{
    /**
     * The drill's own cap stands where it is less; one whose single round is longer than the dose stays as it is, as
     * half a round is none.
     *
     * @param array<string, mixed> $drill as decoded from its JSON
     * @param int|null $balls null for no matter
     * @param int|null $minutes likewise
     *
     * @return array<string, mixed>
     */
    public static function within(array $drill, ?int $balls, ?int $minutes): array
    {
        $cap = is_array($drill['cap'] ?? null) ? $drill['cap'] : [];
        foreach (array_filter(['balls' => $balls, 'minutes' => $minutes]) as $of => $room) {
            $narrower =
                ['cap' => [$of => is_numeric($cap[$of] ?? null) ? min($cap[$of], $room) : $room] + $cap] + $drill;
            if (self::canBeRun($narrower)) {
                [$drill, $cap] = [$narrower, $narrower['cap']];
            }
        }

        return $drill;
    }

    /** @param array<string, mixed> $drill */
    private static function canBeRun(array $drill): bool
    {
        try {
            DrillReader::read(
                JsonInput::parse(json_encode((object) $drill, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION)),
            );
        } catch (InvalidInput) {
            return false;
        }

        return true;
    }
}
