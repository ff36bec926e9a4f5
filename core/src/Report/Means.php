<?php

declare(strict_types=1);

namespace Amble\Core\Report;

use Amble\Core\Numeric\Interval;
use Amble\Core\Numeric\Sample;
use Amble\Core\Numeric\StudentT;

/** Means of figures with Student's interval at 80 %. */
final class Means
{
    /** @param non-empty-list<float> $values */
    public static function row(string $name, FindingUnit $unit, array $values): FindingRow
    {
        $mean = Sample::mean($values);
        $variance = Sample::variance($values);
        $n = count($values);

        return new FindingRow(
            $name,
            $unit,
            $mean,
            $n,
            $variance === null
                ? null
                : Interval::around($mean, StudentT::halfWidth(Shares::LEVEL, $n - 1) * sqrt($variance / $n)),
        );
    }
}
