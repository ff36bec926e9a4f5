<?php

declare(strict_types=1);

namespace Amble\Core\Contract;

use Amble\Core\Distance\Offset;
use Amble\Core\Distance\StudentToday;
use Amble\Core\Distance\Today;
use Amble\Core\Distance\UsualBias;
use Amble\Core\Json\JsonInput;
use Amble\Core\Numeric\Bound;
use Amble\Core\Numeric\Check;

final class TodayComputation implements Computation
{
    /** Shares of length beyond which nothing is a putt, and below which no spread lies. */
    private const WILDEST = 100.0;
    private const QUIETEST = 1e-6;

    public function answer(JsonInput $input): array
    {
        $students = array_map(self::student(...), $input->objects('students'));
        $today = Today::of($students, self::spread($input, 'day_to_day') ?? Today::DAY_TO_DAY);

        return [
            'green' =>
                $today->green === null ? null : self::offset($today->green) + ['separable' => $today->isSeparable()],
            'students' => array_map(
                static fn(?Offset $offset, ?Offset $own): array => [
                    'offset' => $offset?->value,
                    'se' => $offset?->standardError,
                    'own' => $own === null ? null : self::offset($own),
                ],
                $today->students,
                $today->own,
            ),
        ];
    }

    private static function student(JsonInput $student): StudentToday
    {
        $bounds = [];
        foreach ($student->numbers('errors') as $i => $error) {
            $bounds[] = Bound::exactly(
                Check::within($error, -self::WILDEST, self::WILDEST, $student->path("errors.$i")),
            );
        }
        foreach ($student->numbersOrNone('at_least') as $i => $error) {
            $bounds[] = Bound::between(
                Check::within($error, -self::WILDEST, self::WILDEST, $student->path("at_least.$i")),
                null,
            );
        }
        $usual = $student->objectOrNull('usual');

        return StudentToday::of(
            $bounds,
            $usual === null
                ? null
                : new UsualBias(
                    Check::within($usual->number('bias'), -self::WILDEST, self::WILDEST, $usual->path('bias')),
                    Check::within(
                        Check::notNegative($usual->number('se'), $usual->path('se')),
                        0.0,
                        self::WILDEST,
                        $usual->path('se'),
                    ),
                ),
            self::spread($student, 'spread'),
        );
    }

    private static function spread(JsonInput $object, string $field): ?float
    {
        return $object->has($field)
            ? Check::within(
                Check::positive($object->number($field), $object->path($field)),
                self::QUIETEST,
                self::WILDEST,
                $object->path($field),
            )
            : null;
    }

    /** @return array<string, mixed> */
    private static function offset(Offset $offset): array
    {
        return ['offset' => $offset->value, 'se' => $offset->standardError, 'remark' => $offset->isRemarkable()];
    }
}
