<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Coach;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** What a coach and a student's card settle, and that nothing unusable is kept. */
final class StudentSettingsTest extends TestCase
{
    private Coach $coach;

    protected function setUp(): void
    {
        parent::setUp();
        $this->coach = $this->coach();
        $this->actingAs($this->coach);
    }

    public function testACoachSettlesTrendsAndWhereThreePuttsShouldNotCome(): void
    {
        $me = fn(): array => (array) $this->getJson('api/me')->assertSuccessful()->json('coach');
        self::assertSame([3, null], [$me()['trend_sessions'], $me()['three_putt_inside_m']]);
        $this->putJson('api/me', [
            'unit' => 'metres',
            'trend_sessions' => 5,
            'three_putt_inside_m' => 6.5,
        ])->assertSuccessful();
        self::assertSame([5, 6.5], [$me()['trend_sessions'], $me()['three_putt_inside_m']]);
        // An older screen that says nothing of them leaves them as they are.
        $this->putJson('api/me', ['unit' => 'feet'])->assertSuccessful();
        self::assertSame([5, 6.5], [$me()['trend_sessions'], $me()['three_putt_inside_m']]);
        $this->putJson('api/me', ['unit' => 'feet', 'three_putt_inside_m' => null])->assertSuccessful();
        self::assertNull($me()['three_putt_inside_m']);
    }

    /** @param array<string, mixed> $settings */
    #[DataProvider('unusableSettings')]
    public function testUnusableSettingsNameTheirFieldAndChangeNothing(array $settings, string $field): void
    {
        $before = $this->getJson('api/me')->json();
        $this->putJson('api/me', $settings + ['unit' => 'feet'])->assertJsonValidationErrors($field);
        self::assertSame($before, $this->getJson('api/me')->json());
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function unusableSettings(): iterable
    {
        yield 'a trend of one session' => [['trend_sessions' => 1], 'trend_sessions'];
        yield 'a trend of words' => [['trend_sessions' => 'many'], 'trend_sessions'];
        yield 'a length no green has' => [['three_putt_inside_m' => 200], 'three_putt_inside_m'];
        yield 'a length below nothing' => [['three_putt_inside_m' => -2], 'three_putt_inside_m'];
    }

    public function testACardKeepsTheCureAndTheLengthsToPractise(): void
    {
        $card = self::studentCard(['line_cure' => 'face', 'band_low_m' => 1.5, 'band_high_m' => 6]);
        $kept = $this->postJson('api/students', $card)->assertSuccessful()->json();
        self::assertSame(['face', 1.5, 6], [$kept['line_cure'], $kept['band_low_m'], $kept['band_high_m']]);
        $this->putJson(
            "api/students/{$kept['id']}",
            self::studentCard(['line_cure' => null, 'band_low_m' => null, 'band_high_m' => null]),
        )
            ->assertSuccessful()
            ->assertJsonPath('line_cure', null)
            ->assertJsonPath('band_low_m', null);
    }

    /** @param array<string, mixed> $with */
    #[DataProvider('unusableCards')]
    public function testUnusableCardsNameTheirField(array $with, string $field): void
    {
        $this->postJson('api/students', self::studentCard($with))->assertJsonValidationErrors($field);
        self::assertSame(0, $this->coach->students()->count());
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function unusableCards(): iterable
    {
        yield 'a cure there is not' => [['line_cure' => 'both'], 'line_cure'];
        yield 'one end alone' => [['band_low_m' => 2], 'band_high_m'];
        yield 'the other end alone' => [['band_high_m' => 2], 'band_low_m'];
        yield 'the wrong way round' => [['band_low_m' => 6, 'band_high_m' => 2], 'band_high_m'];
        yield 'no length at all' => [['band_low_m' => 0, 'band_high_m' => 2], 'band_low_m'];
    }
}
