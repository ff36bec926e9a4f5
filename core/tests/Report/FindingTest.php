<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Report;

use Amble\Core\Numeric\Interval;
use Amble\Core\Report\Finding;
use Amble\Core\Report\FindingRow;
use Amble\Core\Report\FindingUnit;
use PHPUnit\Framework\TestCase;

final class FindingTest extends TestCase
{
    public function testTakesItsFigureFromItsFirstRow(): void
    {
        $rows = [
            new FindingRow('Gate', FindingUnit::Share, 0.6, 5, new Interval(0.3, 0.8)),
            new FindingRow('Rail', FindingUnit::Share, 0.2, 10, new Interval(0.1, 0.4)),
        ];

        $ofFirst = Finding::ofRows('Which?', 'The gate.', FindingUnit::Share, $rows);
        $ofMore = Finding::ofRows('Which?', 'The gate.', FindingUnit::Share, $rows, 15);
        $ofNone = Finding::ofRows('Which?', 'None.', FindingUnit::Share, []);

        self::assertSame(
            [0.6, $rows[0]->interval, 5, $rows],
            [$ofFirst->value, $ofFirst->interval, $ofFirst->n, $ofFirst->rows],
        );
        self::assertSame([0.6, 15], [$ofMore->value, $ofMore->n]);
        self::assertSame([null, null, 0], [$ofNone->value, $ofNone->interval, $ofNone->n]);
    }
}
