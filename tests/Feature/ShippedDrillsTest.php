<?php

declare(strict_types=1);

namespace Tests\Feature;

use Amble\Core\Green\GreenSpeed;
use Amble\Core\Numeric\SeededRandom;
use Amble\Core\Session\Event\BallLogged;
use Amble\Core\Simulation\DrillPlayer;
use Amble\Core\Simulation\SimulatedStudent;
use App\Models\Coach;
use App\Models\DrillDefinition;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** Every shipped drill from its sheet to its findings, as a coach's device would ask for it. */
final class ShippedDrillsTest extends TestCase
{
    /** @return iterable<string, array{array<string, mixed>}> */
    public static function drills(): iterable
    {
        $library = json_decode(
            (string) file_get_contents(dirname(__DIR__, 2) . '/core/drills/library.json'),
            true,
            64,
            JSON_THROW_ON_ERROR,
        );
        foreach ($library['drills'] as $drill) {
            yield $drill['key'] => [$drill];
        }
    }

    /** @param array<string, mixed> $drill */
    #[DataProvider('drills')]
    public function testItIsSetOutRolledToItsEndAndTellsWhatItFound(array $drill): void
    {
        $coach = $this->coach();
        $student = $this->student($coach);
        $session = $this->practiceSession($coach, $student, $this->green($coach));
        $this->actingAs($coach);
        $id = (string) Str::ulid();
        $sheet = $this->postJson('api/drills/setup', [
            'id' => $id,
            'session_id' => $session->id,
            'drill' => $drill,
        ])->assertSuccessful();
        $card = DrillDefinition::card(DrillDefinition::fromArray($drill));
        $rules = $card->rules;
        self::assertCount(count($rules->stations), $sheet->json('stations'));
        $start = $this->postJson("api/sessions/$session->id/runs", [
            'id' => $id,
            'drill' => $drill,
            'seed' => 7,
        ])->assertSuccessful();
        self::assertSame([], $start->json('findings.0.findings'), 'nothing is found before a ball is rolled');
        $stroke = new SimulatedStudent(2.2, 1.75, 0.08, 0.02, lineSpread: 0.03);
        [, $balls] = (new DrillPlayer($stroke, GreenSpeed::ofFeet(9.5), new SeededRandom(3)))->play(
            $rules->playedPast($student->finish_past_m),
            7,
        );
        $state = [];
        foreach (array_chunk($balls, 20) as $some) {
            $state = $this->postJson("api/sessions/$session->id/runs/$id/events", [
                'events' => array_map(
                    static fn(BallLogged $putt): array => self::event(
                        $putt,
                        $id,
                        $rules->pass->judges() || $putt->ball->target !== null,
                    ),
                    $some,
                ),
            ])
                ->assertSuccessful()
                ->json();
        }
        self::assertContains($state['phase'], ['done', 'capped']);
        self::assertSame(count($balls), $state['balls']);
        self::assertNull($state['next']);
        $found = $state['findings'][0]['findings'];
        self::assertNotSame([], $found);
        // On level ground, with nothing seen but what the rule needs, some figures tell nothing; none is made up.
        self::assertContains($found[0]['kind'], $card->finds);
        $this->getJson("api/students/$student->id/findings")
            ->assertJsonPath('0.run_id', $id)
            ->assertJsonPath('0.balls', count($balls));
    }

    /** @return array<string, mixed> as a device would send it */
    private static function event(BallLogged $putt, string $run, bool $hasTarget): array
    {
        $ball = $putt->ball;

        return self::putt([
            'id' => (string) Str::ulid(),
            'at_ms' => 1_770_000_000_000 + $putt->atMilliseconds,
            'run_id' => $run,
            'backstroke_m' => $ball->backstroke === null ? null : round($ball->backstroke->metres(), 3),
            'roll_m' => $ball->roll === null ? null : round($ball->roll->metres(), 4),
            'stop' => $ball->stop->value,
            'target_m' => $hasTarget ? $ball->target?->metres() : null,
            'version' => 2,
            'seen' => $ball->sight->answers,
        ]);
    }

    public function testAStudentOfAnotherWorkspaceFindsNothingOfIt(): void
    {
        $coach = $this->coach();
        $student = $this->student($coach);
        $other = Coach::query()->create([
            'name' => 'Other',
            'email' => 'other@example.test',
            'password' => Str::random(40),
        ]);
        $this->actingAs($other)
            ->getJson("api/students/$student->id/findings")
            ->assertNotFound();
    }
}
