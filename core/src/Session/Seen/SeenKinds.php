<?php

declare(strict_types=1);

namespace Amble\Core\Session\Seen;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Json\JsonInput;

/** Everything that can be seen of a ball, by name: a new kind is a file beside this one and a line here. */
final class SeenKinds
{
    /** In the order a screen asks. */
    private const KINDS = [
        GateSeen::class,
        SideSeen::class,
        CallSeen::class,
        HitSeen::class,
        ContactSeen::class,
        TumbleSeen::class,
        StartSeen::class,
        SpotSeen::class,
        HighLowSeen::class,
        AimBallSeen::class,
        CurvedBeyondSeen::class,
        SlopedBeyondSeen::class,
        StrikeSeen::class,
        ThroughSeen::class,
        FlowSeen::class,
        HeldSeen::class,
        RoutineSeen::class,
        LooksSeen::class,
        RehearsalsSeen::class,
        PicturedSeen::class,
        AlignedSeen::class,
        AimOffsetSeen::class,
        ObjectSeen::class,
        LevelSeen::class,
        HigherFootSeen::class,
        ViewsTakenSeen::class,
        ReadFromSeen::class,
        WaterSeen::class,
        ReadSideSeen::class,
        ReadGradeSeen::class,
        ReadAmountSeen::class,
        ReadPaceSeen::class,
        AimBySeen::class,
        DoubtSeen::class,
        SteppedOffSeen::class,
        PuttsToFinishSeen::class,
        DroppedSeen::class,
        MissedSideSeen::class,
        GapSeen::class,
        ClubSeen::class,
        LieSeen::class,
        EyeOffsetSeen::class,
        StartAngleSeen::class,
        FaceSeen::class,
        PathSeen::class,
        BackTimeSeen::class,
        ThroughTimeSeen::class,
        BallSpeedSeen::class,
        MeasuredBySeen::class,
        BackstrokeBySeen::class,
        PurposeSeen::class,
    ];

    /** Said by whatever took the figures, never asked of a coach. */
    private const TOLD = ['measured_by', 'backstroke_by', 'purpose'];

    /** @var array<string, SeenKind>|null */
    private static ?array $byName = null;

    /** @return array<string, SeenKind> by name */
    public static function all(): array
    {
        if (self::$byName === null) {
            self::$byName = [];
            foreach (self::KINDS as $class) {
                $kind = new $class();
                self::$byName[$kind->name] = $kind;
            }
        }

        return self::$byName;
    }

    /** @return list<string> what a drill may ask of each ball */
    public static function askable(): array
    {
        return array_values(array_diff(array_keys(self::all()), self::TOLD));
    }

    /**
     * Read what was seen: those that are there, each by its own answers.
     *
     * @return array<string, string|bool|int|float|null> by name; null takes an earlier answer back
     *
     * @throws InvalidInput If an answer is none of its kind's.
     */
    public static function read(JsonInput $seen): array
    {
        $answers = [];
        foreach ($seen->fields() as $name) {
            $kind = self::all()[$name] ?? null;
            if ($kind !== null) {
                $answers[$name] = $seen->has($name) ? $kind->answers->read($seen, $name) : null;
            }
        }

        return $answers;
    }
}
