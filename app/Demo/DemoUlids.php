<?php

declare(strict_types=1);

namespace App\Demo;

use Amble\Core\Numeric\RandomSource;
use Carbon\CarbonInterface;

/** Makes ULIDs whose random part comes from a seed, so that the demo is the same every time. */
final readonly class DemoUlids
{
    private const ALPHABET = '0123456789ABCDEFGHJKMNPQRSTVWXYZ';

    public function __construct(private RandomSource $random) {}

    public function at(CarbonInterface $time): string
    {
        $id = '';
        for ($i = 0, $left = (int) $time->getTimestampMs(); $i < 10; ++$i, $left >>= 5) {
            $id = self::ALPHABET[$left & 31] . $id;
        }
        for ($i = 0; $i < 16; ++$i) {
            $id .= self::ALPHABET[(int) (32 * $this->random->uniform())];
        }

        return $id;
    }
}
