<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Coach;
use App\Models\Round;
use App\Models\Student;
use Tests\TestCase;

/** Rounds over HTTP: kept once, priced, and beside the coach's own yardsticks. */
final class RoundTest extends TestCase
{
    private Coach $coach;
    private Student $student;

    protected function setUp(): void
    {
        parent::setUp();
        $this->coach = $this->coach();
        $this->student = $this->student($this->coach);
        $this->actingAs($this->coach);
    }

    /**
     * @param array<string, mixed> $with
     *
     * @return array<string, mixed>
     */
    private static function round(array $with = []): array
    {
        return $with + [
            'id' => '01M4G0000000000000000000BA',
            'played_on' => now()->toDateString(),
            'place' => null,
            'is_from_memory' => false,
            'holes' => [
                ['first_m' => 5.0, 'putts' => 3, 'side' => 'short'],
                ['first_m' => 12.0, 'putts' => 3],
                ['putts' => 1],
                ['first_m' => 2.0],
            ],
        ];
    }

    public function testARoundIsKeptOnceAndPriced(): void
    {
        $path = "api/students/{$this->student->id}/rounds";
        $kept = $this->postJson($path, self::round())->assertSuccessful()->json();
        self::assertSame([7, 3, 2, 2], [$kept['putts'], $kept['counted'], $kept['three_putts'], $kept['strokes_lost']]);
        $this->postJson($path, self::round())->assertSuccessful();
        self::assertSame(1, Round::query()->count());
        $play = fn(): array => $this->getJson("api/students/{$this->student->id}/rounds")
            ->assertSuccessful()
            ->json();
        self::assertSame([null, 2, 42], [$play()['avoidable'], $play()['strokes_lost'], (int) $play()['putts_per_18']]);
        $this->putJson('api/me', ['unit' => 'feet', 'three_putt_inside_m' => 6])->assertSuccessful();
        self::assertSame(
            [1, [true, false, false, false]],
            [$play()['avoidable'], array_column($play()['rounds'][0]['holes'], 'is_avoidable')],
        );
        self::assertStringContainsString(
            'twelve balls at targets',
            $this->getJson("api/students/{$this->student->id}/stakes")
                ->assertSuccessful()
                ->json('missing'),
        );
        $csv = (string) $this->get("api/students/{$this->student->id}/rounds.csv")
            ->assertSuccessful()
            ->getContent();
        self::assertStringContainsString(now()->toDateString() . ',,no,1,5,3,,short,no', $csv);
        $this->putJson("api/rounds/{$kept['id']}", self::round(['holes' => [['putts' => 2]]]))->assertSuccessful();
        self::assertSame(0, $play()['strokes_lost']);
        $this->deleteJson("api/rounds/{$kept['id']}")->assertNoContent();
        self::assertSame([], $play()['rounds']);
    }

    public function testBadRoundsNameTheirField(): void
    {
        foreach (
            [
                'holes' => ['holes' => []],
                'holes.0.putts' => ['holes' => [['putts' => 12]]],
                'holes.0.first_m' => ['holes' => [['first_m' => -2]]],
                'played_on' => ['played_on' => now()->addDays(3)->toDateString()],
                'holes.0.side' => ['holes' => [['putts' => 2, 'side' => 'up']]],
            ]
            as $field => $with
        ) {
            $this->postJson("api/students/{$this->student->id}/rounds", self::round($with))->assertJsonValidationErrors(
                $field,
            );
        }
        self::assertSame(0, Round::query()->count());
    }

    public function testFirstPuttsSetTheBandOverWhatTheCardSays(): void
    {
        $band = fn(): array => [
            $this->getJson("api/students/{$this->student->id}/rounds")->json('band_m'),
            $this->getJson("api/students/{$this->student->id}/rounds")->json('is_band_of_rounds'),
        ];
        self::assertSame([null, false], $band());
        $card = self::studentCard(['band_low_m' => 2, 'band_high_m' => 8]);
        $this->putJson("api/students/{$this->student->id}", $card)->assertSuccessful();
        self::assertSame([[2, 8], false], $band());
        $this->postJson(
            "api/students/{$this->student->id}/rounds",
            self::round([
                'holes' => array_map(static fn(int $i): array => ['first_m' => $i, 'putts' => 2], range(1, 18)),
            ]),
        )->assertSuccessful();
        self::assertSame([[4, 15], true], $band());
        $this->putJson("api/students/{$this->student->id}", ['band_low_m' => 9] + $card)->assertJsonValidationErrors(
            'band_high_m',
        );
        $this->putJson(
            "api/students/{$this->student->id}",
            ['band_high_m' => null] + $card,
        )->assertJsonValidationErrors('band_high_m');
    }

    public function testAYardstickNeedsItsSourceAndStandsBesideTheOwnFigure(): void
    {
        $draft = [
            'figure' => 'holed_share',
            'length_m' => 1.5,
            'value' => 0.5,
            'source' => 'A count of my own',
            'sample' => 200,
        ];
        $this->postJson('api/benchmarks', ['source' => ''] + $draft)->assertJsonValidationErrors('source');
        $this->postJson('api/benchmarks', ['length_m' => null] + $draft)->assertJsonValidationErrors('length_m');
        $this->postJson('api/benchmarks', ['value' => 50] + $draft)->assertJsonValidationErrors('value');
        $id = $this->postJson('api/benchmarks', $draft)->assertSuccessful()->json('id');
        $this->putJson("api/benchmarks/$id", ['value' => 0.6] + $draft)->assertSuccessful();
        $this->postJson(
            "api/students/{$this->student->id}/rounds",
            self::round(['holes' => [['first_m' => 1.4, 'putts' => 1], ['first_m' => 1.2, 'putts' => 2]]]),
        )->assertSuccessful();
        $held = $this->getJson("api/students/{$this->student->id}/rounds")->json('benchmarks.0');
        self::assertSame([0.6, 0.5], [$held['value'], $held['own']]);
        $this->deleteJson("api/benchmarks/$id")->assertNoContent();
    }
}
