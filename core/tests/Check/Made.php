<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Check;

use Amble\Core\Check\Checked;
use Amble\Core\Check\CheckKinds;
use Amble\Core\Check\CheckLook;
use Amble\Core\Check\MadeTry;
use Amble\Core\Check\Tries;
use Amble\Core\Green\GreenSpeed;
use Amble\Core\Report\Finding;
use Amble\Core\Session\CheckTry;
use Amble\Core\Student\Schools;

/** Tries at checks for tests. */
final class Made
{
    private static int $number = 0;

    /** @param array<string, string|bool|int|float> $answers */
    public static function try(string $kind, array $answers, string $session = 'S', ?GreenSpeed $speed = null): MadeTry
    {
        $id = sprintf('T%05d', ++self::$number);

        return new MadeTry(new CheckTry($id, 1000 * self::$number, null, $kind, $answers), $session, $speed);
    }

    /** @param list<MadeTry> $tries */
    public static function finding(array $tries, ?Schools $schools = null): ?Finding
    {
        return CheckKinds::all()[$tries[0]->try->kind]->findings(new Tries($tries), new Checked($tries, $schools))[0] ?? null;
    }

    /** @param list<MadeTry> $tries */
    public static function look(array $tries, ?Schools $schools = null): CheckLook
    {
        $look = CheckLook::of(CheckKinds::all()[$tries[count($tries) - 1]->try->kind], new Checked($tries, $schools));
        assert($look !== null);

        return $look;
    }
}
