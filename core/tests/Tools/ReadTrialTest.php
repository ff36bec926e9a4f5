<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Tools;

use Amble\Core\Numeric\SeededRandom;
use Amble\Tools\ReadTrial;
use PHPUnit\Framework\TestCase;

final class ReadTrialTest extends TestCase
{
    public function testAHabitOfReadingTooLittleIsFoundWithItsSignAndSize(): void
    {
        foreach ([1.0, 0.85, 0.7] as $share) {
            foreach ([[ReadTrial::byGuesses(...), 20], [ReadTrial::byBalls(...), 40]] as [$told, $n]) {
                $sum = 0.0;
                for ($i = 0; $i < 8; ++$i) {
                    $found = $told($share, $n, new SeededRandom(77 + $i));
                    self::assertNotNull($found);
                    $sum += (float) $found->value;
                    if ($share < 0.8) {
                        self::assertLessThan(0.0, $found->interval?->high);
                    }
                }
                self::assertEqualsWithDelta($share - 1.0, $sum / 8.0, 0.05);
            }
        }
    }
}
