<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Check;

use Amble\Core\Check\CheckAttempts;
use Amble\Core\Check\CheckKinds;
use Amble\Core\Check\CheckReport;
use Amble\Core\Check\MadeAttempt;
use Amble\Core\Check\StudentChecks;
use Amble\Core\Green\GreenSpeed;
use Amble\Core\Report\Finding;
use Amble\Core\Session\CheckAttempt;
use Amble\Core\Student\TeachingPreferences;

/** Tries at checks for tests. */
final class CheckFixtures
{
    private static int $number = 0;

    /** @param array<string, string|bool|int|float> $answers */
    public static function try(
        string $kind,
        array $answers,
        string $session = 'S',
        ?GreenSpeed $speed = null,
    ): MadeAttempt {
        $id = sprintf('T%05d', ++self::$number);

        return new MadeAttempt(new CheckAttempt($id, 1000 * self::$number, null, $kind, $answers), $session, $speed);
    }

    /** @param list<MadeAttempt> $tries */
    public static function finding(array $tries, ?TeachingPreferences $schools = null): ?Finding
    {
        return CheckKinds::all()[$tries[0]->try->kind]->findings(
            new CheckAttempts($tries),
            new StudentChecks($tries, $schools),
        )[0] ?? null;
    }

    /** @param list<MadeAttempt> $tries */
    public static function look(array $tries, ?TeachingPreferences $schools = null): CheckReport
    {
        $look = CheckReport::of(
            CheckKinds::all()[$tries[count($tries) - 1]->try->kind],
            new StudentChecks($tries, $schools),
        );
        assert($look !== null);

        return $look;
    }
}
