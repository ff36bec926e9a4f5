<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Reading;

use Amble\Core\Card\Card;
use Amble\Core\Card\CardKind;
use Amble\Core\Card\Point;
use Amble\Core\Card\ShippedCards;
use Amble\Core\Green\Grass;
use Amble\Core\Reading\Hints;
use Amble\Core\Student\Schools;
use PHPUnit\Framework\TestCase;

final class HintsTest extends TestCase
{
    public function testGrainComesUpOnlyWhereTheGrassLeansAndTheSchoolLooksAtIt(): void
    {
        $told = static fn(?Grass $grass, string $school): array => array_map(static fn(Card $card): int => count($card->points), array_column(Hints::of(ShippedCards::all(), $grass, Schools::of(['grain' => $school])), null, 'title'));
        foreach (Grass::cases() as $grass) {
            self::assertSame($grass->isOfWarmSeason() ? ['Picture water' => 4, 'Look at the grass' => 3] : ['Picture water' => 4], $told($grass, 'edge'));
        }
        self::assertSame(['Picture water' => 4], $told(null, 'edge'));
        self::assertSame(['Picture water' => 4], $told(Grass::Bermuda, 'part'));
        // The theory of the sun is said only where it is taught.
        self::assertSame(['Picture water' => 4, 'Look at the grass' => 4], $told(Grass::Bermuda, 'sun'));
    }

    public function testTheCoachsOwnCardsAreTheHints(): void
    {
        $own = new Card('own', CardKind::Ground, 'Here', [new Point('lake', 'Everything leans to the lake')]);
        $hints = Hints::of(['water' => $own] + ShippedCards::all(), null, Schools::of());
        self::assertSame([$own], $hints);
    }
}
