<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Reading;

use Amble\Core\Card\BuiltInChecklists;
use Amble\Core\Card\Checklist;
use Amble\Core\Card\ChecklistKind;
use Amble\Core\Card\ChecklistPoint;
use Amble\Core\Green\Grass;
use Amble\Core\Reading\ReadingHints;
use Amble\Core\Student\TeachingPreferences;
use PHPUnit\Framework\TestCase;

final class ReadingHintsTest extends TestCase
{
    public function testGrainComesUpOnlyWhereTheGrassLeansAndThePreferenceLooksAtIt(): void
    {
        $told = static fn(?Grass $grass, string $school): array => array_map(
            static fn(Checklist $card): int => count($card->points),
            array_column(
                ReadingHints::of(BuiltInChecklists::all(), $grass, TeachingPreferences::of(['grain' => $school])),
                null,
                'title',
            ),
        );
        foreach (Grass::cases() as $grass) {
            self::assertSame(
                $grass->isOfWarmSeason() ? ['Imagine water' => 4, 'Look at the grass' => 3] : ['Imagine water' => 4],
                $told($grass, 'edge'),
            );
        }
        self::assertSame(['Imagine water' => 4], $told(null, 'edge'));
        self::assertSame(['Imagine water' => 4], $told(Grass::Bermuda, 'part'));
        // The theory of the sun is said only where it is taught.
        self::assertSame(['Imagine water' => 4, 'Look at the grass' => 4], $told(Grass::Bermuda, 'sun'));
    }

    public function testTheCoachsOwnCardsAreTheHints(): void
    {
        $own = new Checklist('own', ChecklistKind::Ground, 'Here', [
            new ChecklistPoint('lake', 'Everything leans to the lake'),
        ]);
        $hints = ReadingHints::of(['water' => $own] + BuiltInChecklists::all(), null, TeachingPreferences::of());
        self::assertSame([$own], $hints);
    }
}
