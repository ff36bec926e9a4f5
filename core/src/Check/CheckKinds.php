<?php

declare(strict_types=1);

namespace Amble\Core\Check;

use Amble\Core\Check\Kind\Aim;
use Amble\Core\Check\Kind\Balance;
use Amble\Core\Check\Kind\BallPosition;
use Amble\Core\Check\Kind\Cord;
use Amble\Core\Check\Kind\EyeLine;
use Amble\Core\Check\Kind\EyePosition;
use Amble\Core\Check\Kind\Frame;
use Amble\Core\Check\Kind\GripPressure;
use Amble\Core\Check\Kind\Hands;
use Amble\Core\Check\Kind\ImpactSpeed;
use Amble\Core\Check\Kind\LoftChange;
use Amble\Core\Check\Kind\LowPoint;
use Amble\Core\Check\Kind\Rehearsal;
use Amble\Core\Check\Kind\ShoePosition;
use Amble\Core\Check\Kind\Stance;
use Amble\Core\Check\Kind\StraightPutt;
use Amble\Core\Check\Kind\Takeaway;
use Amble\Core\Check\Kind\Tempo;
use Amble\Core\Check\Kind\TimeBack;
use Amble\Core\Exception\InvalidInput;
use Amble\Core\Session\CheckAttempt;

/** Everything that can be checked by measuring, by key: a new kind is a file under Kind and a line here. */
final class CheckKinds
{
    /** In the order of a session: the ground, the eyes, the body, the stroke. */
    private const KINDS = [
        StraightPutt::class,
        Aim::class,
        EyePosition::class,
        EyeLine::class,
        Cord::class,
        Stance::class,
        BallPosition::class,
        Hands::class,
        Balance::class,
        GripPressure::class,
        Takeaway::class,
        Tempo::class,
        ShoePosition::class,
        LowPoint::class,
        Frame::class,
        Rehearsal::class,
        TimeBack::class,
        ImpactSpeed::class,
        LoftChange::class,
    ];

    /** @var array<string, CheckKind>|null */
    private static ?array $byKey = null;

    /** @return array<string, CheckKind> by key */
    public static function all(): array
    {
        if (self::$byKey === null) {
            self::$byKey = [];
            foreach (self::KINDS as $class) {
                $kind = new $class();
                self::$byKey[$kind->key] = $kind;
            }
        }

        return self::$byKey;
    }

    /**
     * Refuse a try that no check asked for.
     *
     * @param string $path of the event it came with
     *
     * @throws InvalidInput If there is no such check, or at the first answer that is none of its.
     */
    public static function accept(CheckAttempt $try, string $path): void
    {
        $kind = self::all()[$try->kind] ?? throw InvalidInput::at("$path.check", 'There is no such check.');
        $kind->accept($try, $path);
    }
}
