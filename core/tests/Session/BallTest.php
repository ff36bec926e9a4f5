<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Session;

use Amble\Core\Session\Ball;
use Amble\Core\Session\Remarks;
use Amble\Core\Session\Stop;
use Amble\Core\Units\Grade;
use Amble\Core\Units\Length;
use PHPUnit\Framework\TestCase;

/** What is kept of a ball that was cut short, and of one that was not. */
final class BallTest extends TestCase
{
    private static function ball(Stop $stop, ?float $runOn): Ball
    {
        return Ball::seen(
            null,
            Length::ofMetres(3.0),
            $stop,
            null,
            Grade::level(),
            new Remarks(null, null),
            runOn: $runOn === null ? null : Length::ofMetres($runOn),
        );
    }

    /** A ball that came to rest ran on nowhere: a guess left standing on the screen must not lengthen its roll. */
    public function testOnlyABallThatWasCutShortHasARunOn(): void
    {
        $cut = 0;
        foreach (Stop::cases() as $stop) {
            $ball = self::ball($stop, 0.5);
            self::assertEqualsWithDelta($stop->cutsShort() ? 0.5 : null, $ball->runOn?->metres(), 1e-12, $stop->value);
            self::assertEqualsWithDelta($stop->cutsShort() ? 3.5 : 3.0, $ball->rollMetres(), 1e-12, $stop->value);
            $cut += $stop->cutsShort() ? 1 : 0;
        }
        self::assertGreaterThan(0, $cut);
        self::assertNotSame(count(Stop::cases()), $cut);
    }
}
