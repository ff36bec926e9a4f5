<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Coach;
use App\Models\LengthSet;
use App\Models\SavedDrill;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

/** Drills in and out of files, told before any is taken; and sets of lengths that any drill takes. */
final class ImportExportTest extends TestCase
{
    private Coach $coach;

    protected function setUp(): void
    {
        parent::setUp();
        $this->coach = $this->coach();
        $this->actingAs($this->coach);
    }

    /**
     * @param array<string, mixed> $changes
     *
     * @return array<string, mixed>
     */
    private static function drill(string $key, array $changes = []): array
    {
        return $changes + [
            'key' => $key,
            'name' => ucfirst($key),
            'stations' => [['length_m' => 3], ['length_m' => 5]],
            'target' => 'hole',
            'balls_per_station' => 2,
            'pass' => ['kind' => 'share', 'share' => 0.1],
            'end' => ['kind' => 'all_stations'],
            'cap' => ['balls' => 30],
        ];
    }

    /**
     * @param list<array<string, mixed>> $drills
     *
     * @return TestResponse<Response>
     */
    private function send(string $path, array $drills, int $version = 2): TestResponse
    {
        return $this->call(
            'POST',
            "api/drills/$path",
            server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'],
            content: json_encode(
                ['format' => 'amble-drills', 'version' => $version, 'drills' => $drills],
                JSON_THROW_ON_ERROR,
            ),
        );
    }

    public function testAFileIsToldDrillByDrillBeforeAnyIsTaken(): void
    {
        $this->send('import', [self::drill('pier'), self::drill('post')])->assertSuccessful();
        $file = [
            self::drill('pier'),
            self::drill('post', ['balls_per_station' => 3]),
            self::drill('rope'),
            self::drill('boat', ['cap' => ['balls' => 1]]),
            self::drill('rope'),
            ['name' => 'Nothing else'],
        ];
        $told = $this->send('import/preview', $file)->assertSuccessful()->json();
        self::assertSame(['same', 'changed', 'new', 'refused', 'refused', 'refused'], array_column($told, 'what'));
        self::assertSame(
            ['cap.balls', 'One round is 4 balls; the limit comes before its end.'],
            [$told[3]['field'], $told[3]['why']],
        );
        self::assertStringContainsString('same key', $told[4]['why']);
        self::assertSame(2, SavedDrill::query()->count(), 'nothing was taken');
        // One bad drill, and none is taken.
        $this->send('import', array_slice($file, 0, 4))->assertStatus(422);
        self::assertSame(['Pier', 'Post'], SavedDrill::query()->orderBy('name')->pluck('name')->all());
        $this->send('import', array_slice($file, 0, 3))->assertSuccessful();
        self::assertSame(
            ['Pier', 'Post', 'Rope'],
            SavedDrill::query()->orderBy('name')->pluck('name')->all(),
            'one under the same key is brought up, not doubled',
        );
        $this->getJson('api/drills')->assertJsonPath('own.1.drill.balls_per_station', 3);
    }

    public function testAFileOfTheFirstVersionIsReadAndOneOfALaterIsNot(): void
    {
        $old = self::drill('old', [
            'kit' => ['balls', '3 tees', '8 tees for the ring', 'beach towel'],
            'logs' => ['roll', 'backstroke', 'holed'],
        ]);
        $this->send('import', [$old], 1)->assertSuccessful();
        $drill = $this->getJson('api/drills')->json('own.0');
        self::assertEquals(
            [
                ['piece' => 'ball'],
                ['piece' => 'tee', 'count' => 3],
                ['piece' => 'tee', 'count' => 8, 'for' => 'the ring'],
                ['piece' => 'other', 'name' => 'beach towel', 'count' => 1],
            ],
            $drill['drill']['kit'],
        );
        self::assertSame(['roll_m', 'backstroke_m'], $drill['asks']);
        self::assertSame(
            ['balls', '3 tees', '8 tees for the ring', 'beach towel'],
            array_column($drill['kit'], 'words'),
        );
        $this->send('import', [self::drill('new')], 3)->assertJsonValidationErrors('version');
    }

    public function testAnyDrillTakesAnySetOfLengths(): void
    {
        $set = [
            'id' => (string) Str::ulid(),
            'name' => 'Boathouse posts',
            'said' => '3, 6 and 9 paces',
            'lengths_m' => [2.4, 4.8, 7.2],
        ];
        $this->postJson('api/length-sets', $set)->assertSuccessful()->assertExactJson($set);
        $this->postJson('api/length-sets', $set)->assertSuccessful();
        self::assertSame(1, LengthSet::query()->count(), 'the same id again is the same set');
        $this->putJson("api/length-sets/{$set['id']}", ['name' => 'Posts'] + $set)->assertJsonPath('name', 'Posts');
        $this->getJson('api/length-sets')->assertJsonPath('0.said', '3, 6 and 9 paces');
        $laid = $this->postJson('api/drills/lengths', [
            'drill' => self::drill('pier'),
            'lengths_m' => [2.4, 4.8, 7.2],
        ])->assertSuccessful();
        self::assertEquals([2.4, 4.8, 7.2], array_column($laid->json('drill.stations'), 'length_m'));
        $laid->assertJsonPath('drill.cap.balls', 45);
        foreach ($this->getJson('api/drills')->json('library') as $card) {
            $answer = $this->postJson('api/drills/lengths', [
                'drill' => $card['drill'],
                'lengths_m' => [2.4, 4.8, 7.2, 9.6],
            ])->assertSuccessful();
            self::assertEquals(
                [2.4, 4.8],
                array_slice([...array_column($answer->json('drill.stations'), 'length_m'), 4.8], 0, 2),
                $card['drill']['key'],
            );
        }
        $this->postJson(
            'api/length-sets',
            ['id' => (string) Str::ulid(), 'lengths_m' => [0]] + $set,
        )->assertJsonValidationErrors('lengths_m.0');
        $this->actingAs($this->coach('other@example.test'));
        $this->getJson('api/length-sets')->assertExactJson([]);
        $this->putJson("api/length-sets/{$set['id']}", $set)->assertNotFound();
        $this->deleteJson("api/length-sets/{$set['id']}")->assertNotFound();
        $this->postJson('api/length-sets', $set)->assertNotFound();
        $this->actingAs($this->coach)
            ->deleteJson("api/length-sets/{$set['id']}")
            ->assertNoContent();
    }

    public function testWhatADrillIsMadeOfDescribesItself(): void
    {
        $kinds = $this->getJson('api/drills/kinds')->assertSuccessful()->json();
        $share = array_column($kinds['pass'], null, 'kind')['share'];
        self::assertSame(
            ['Stops near its length', 'share', 0.1],
            [$share['label'], $share['figures'][0]['field'], $share['figures'][0]['usual']],
        );
        self::assertContains('tee', array_column($kinds['pieces'], 'piece'));
    }
}
