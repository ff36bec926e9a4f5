<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Units;

use Amble\Core\Units\Length;
use Amble\Core\Units\UnitsSlip;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class UnitsSlipTest extends TestCase
{
    /** @param float $unit metres in the unit that was said */
    #[DataProvider('counts')]
    public function testACountOfPacesAgainstAStatedLength(
        float $said,
        float $unit,
        float $paces,
        bool $slips,
        ?string $likely,
    ): void {
        $slip = UnitsSlip::between(Length::ofMetres($said * $unit), $unit, $paces, Length::ofMetres(0.76));
        self::assertSame($slips, $slip !== null);
        self::assertSame($likely, $slip?->likely);
    }

    /** @return iterable<string, array{float, float, float, bool, string|null}> */
    public static function counts(): iterable
    {
        yield '10 paces of 76 cm are 25 ft' => [25.0, 0.3048, 10.0, false, null];
        yield '14 % off is still counted the same' => [30.0, 0.3048, 10.35, false, null];
        yield '16 % off is not' => [30.0, 0.3048, 10.0, true, null];
        yield '10 said as metres, 4 paces: it was feet' => [10.0, 1.0, 4.0, true, 'feet'];
        yield '10 said as feet, 12 paces: it was yards' => [10.0, 0.3048, 12.0, true, 'yards'];
        yield '12 said as feet, 16 paces: it was metres' => [12.0, 0.3048, 16.0, true, 'metres'];
    }
}
