<?php

declare(strict_types=1);

namespace Tests\Feature;

use Amble\Core\Session\SafetyNote;
use App\Models\Coach;
use App\Models\PracticeSession;
use App\Models\Student;
use App\Models\Workspace;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** Checks and cards come in through the log, are told of the student, and feed what they should. */
final class CheckTest extends TestCase
{
    private Coach $coach;
    private Student $student;
    private PracticeSession $session;

    protected function setUp(): void
    {
        parent::setUp();
        $this->coach = $this->coach();
        $this->student = $this->student($this->coach);
        $this->session = $this->practiceSession($this->coach, $this->student, $this->green($this->coach));
        $this->actingAs($this->coach);
    }

    /** @param array<string, mixed> $with */
    private function event(string $type, array $with, int $second = 0): array
    {
        return $with + [
            'id' => (string) Str::ulid(),
            'type' => $type,
            'at_ms' => 1000 * $second + (int) now()->getTimestampMs(),
        ];
    }

    /** @param list<array<string, mixed>> $events */
    private function send(array $events, ?PracticeSession $to = null): void
    {
        $session = $to ?? $this->session;
        $this->postJson("api/sessions/$session->id/events", ['events' => $events])->assertSuccessful();
    }

    /** @param array<string, mixed> $answers */
    private function try(string $check, array $answers, int $second = 0): array
    {
        return $this->event('check_tried', ['check' => $check, 'answers' => $answers], $second);
    }

    public function testTriesAreToldOfTheStudentAndOneTakenBackIsGone(): void
    {
        $tries = array_map(fn(int $i): array => $this->try('grip_pressure', ['address' => 4, 'impact' => 4 + $i], $i), [
            1,
            2,
            3,
        ]);
        $this->send($tries);
        $check = $this->getJson("api/students/{$this->student->id}/checks")
            ->assertSuccessful()
            ->json('checks.0');
        self::assertSame(['grip_pressure', 3, 2], [$check['key'], $check['n'], $check['findings'][0]['value']]);
        self::assertSame([4, 7], [$check['marks'][2]['value'], $check['marks'][2]['to']]);
        $this->getJson("api/sessions/{$this->session->id}")
            ->assertJsonCount(3, 'checks')
            ->assertJsonPath('checks.0.answers.impact', 5);
        $this->send([$this->event('undone', ['event_id' => $tries[2]['id']], 5)]);
        $this->getJson("api/students/{$this->student->id}/checks")
            ->assertJsonPath('checks.0.n', 2)
            ->assertJsonPath('checks.0.findings.0.value', 1.5);
        $csv = (string) $this->get("api/students/{$this->student->id}/checks.csv")
            ->assertSuccessful()
            ->getContent();
        self::assertStringContainsString('Does the grip tighten in the stroke?,number,1.5', $csv);
        $this->deleteJson("api/sessions/{$this->session->id}")->assertSuccessful();
        $this->getJson("api/students/{$this->student->id}/checks")->assertJsonCount(0, 'checks');
    }

    public function testTheTableByShoeComesFromTheShoeMeasurementsAlone(): void
    {
        $this->putJson("api/sessions/{$this->session->id}/green-speed", [
            'id' => (string) Str::ulid(),
            'method' => 'estimated',
            'speed_ft' => 10,
        ])->assertSuccessful();
        $this->send(
            array_map(
                static fn(int $i): array => self::putt(['backstroke_m' => 0.1 + 0.03 * $i, 'roll_m' => 1.0 + 0.8 * $i]),
                range(1, 8),
            ),
        );
        $places = fn(): array => (array) $this->getJson(
            "api/sessions/{$this->session->id}/stroke?student_id={$this->student->id}",
        )
            ->assertSuccessful()
            ->json('shoe_places');
        self::assertSame([], $places());
        $roll = static fn(float $shoe): float => round(30.0 * $shoe ** 1.8, 3);
        $this->send(
            array_map(
                fn(int $i): array => $this->try(
                    'shoe_place',
                    ['shoe_m' => 0.15 + 0.05 * $i, 'roll_m' => $roll(0.15 + 0.05 * $i)],
                    $i,
                ),
                range(0, 5),
            ),
        );
        self::assertGreaterThan(2, count($places()));
        foreach ($places() as ['length_m' => $length, 'place_m' => $place]) {
            self::assertEqualsWithDelta(($length / 30.0) ** (1.0 / 1.8), $place, 0.01);
        }
    }

    public function testARefusedTryKeepsNothingOfItsBatch(): void
    {
        $good = $this->try('tempo', ['bpm' => 76, 'length_m' => 3]);
        $this->postJson("api/sessions/{$this->session->id}/events", [
            'events' => [$good, $this->try('tempo', ['bpm' => 500, 'length_m' => 3])],
        ])->assertJsonValidationErrors('events.1.answers.bpm');
        $this->postJson("api/sessions/{$this->session->id}/events", [
            'events' => [$good, $this->try('levitation', [])],
        ])->assertJsonValidationErrors('events.1.check');
        $this->postJson("api/sessions/{$this->session->id}/events", [
            'events' => [$this->event('check_tried', ['check' => 'tempo', 'answers' => ['bpm' => ['76']]])],
        ])->assertJsonValidationErrors('events.0.answers.bpm');
        $this->getJson("api/students/{$this->student->id}/checks")->assertJsonCount(0, 'checks');
    }

    public function testAnotherOfTheCompanyIsCheckedUnderTheirOwnName(): void
    {
        $other = $this->student($this->coach);
        $this->send([
            $this->try('cord', ['sees' => 'on']),
            $this->event('check_tried', [
                'check' => 'cord',
                'student' => $other->id,
                'answers' => ['sees' => 'inside'],
            ]),
        ]);
        $this->getJson("api/students/$other->id/checks")->assertJsonPath(
            'checks.0.findings.0.sentence',
            'Of 1: 1 inside the middle.',
        );
        $this->getJson("api/students/{$this->student->id}/checks")->assertJsonPath(
            'checks.0.findings.0.sentence',
            'Of 1: 1 on the middle.',
        );
        $stranger = $this->student($this->coach('other@example.test'));
        $this->postJson("api/sessions/{$this->session->id}/events", [
            'events' => [
                $this->event('check_tried', [
                    'check' => 'cord',
                    'student' => $stranger->id,
                    'answers' => ['sees' => 'on'],
                ]),
            ],
        ])->assertJsonValidationErrors('events.0.student');
    }

    public function testACardIsLookedAtAgainAndItsAttentionIsRemembered(): void
    {
        $see = fn(string $point, ?string $sight, int $second, ?string $word = null): array => $this->event(
            'card_point_seen',
            ['card' => 'grip', 'point' => $point, 'sight' => $sight, 'word' => $word, 'student' => null],
            $second,
        );
        // A try in the same batch: both are kept.
        $this->send([
            $this->try('hands', ['stand' => 'level']),
            $see('wrists', 'attention', 0, 'cupped'),
            $see('one', 'attention', 1),
            $see('one', null, 2),
        ]);
        $later = $this->practiceSession($this->coach, $this->student);
        $this->send([$see('kind', 'good', 60)], $later);
        $grip = collect((array) $this->getJson("api/students/{$this->student->id}/checks")->json('cards'))->firstWhere(
            'key',
            'grip',
        );
        self::assertSame(['good', null, 'attention', null], array_column($grip['points'], 'sight'));
        self::assertContains(
            ['about' => 'Grip', 'text' => 'Wrists quiet: cupped'],
            $this->getJson("api/students/{$this->student->id}/reminders")->json('lines'),
        );
        $this->send([$see('wrists', 'good', 90)], $later);
        $grip = collect((array) $this->getJson("api/students/{$this->student->id}/checks")->json('cards'))->firstWhere(
            'key',
            'grip',
        );
        self::assertSame(['good', 'attention'], [$grip['points'][2]['sight'], $grip['points'][2]['before']]);
        self::assertSame(
            ['Pictures'],
            array_column((array) $this->getJson("api/students/{$this->student->id}/reminders")->json('lines'), 'about'),
        );
    }

    public function testWhatWasCheckedIsWrittenAnewWhereItChangedAndOnlyThere(): void
    {
        $aside = fn(string $reason, int $second): array => $this->event(
            'note_set_aside',
            ['key' => 'pace.habit', 'evidence' => 'x', 'reason' => $reason, 'is_aside' => true],
            $second,
        );
        // Of a device whose clock is ahead: made first, and the later one by what it says.
        $tries = [$this->try('hands', ['stand' => 'level'], 50), $this->try('hands', ['stand' => 'behind'], 1)];
        $this->send([...$tries, $aside('a part', 2)]);
        $this->send([$aside('apart', 3)]);
        self::assertSame(['apart'], DB::table('dismissed_insights')->pluck('reason')->all());
        $version = Workspace::evidenceVersion($this->session->workspace_id);
        $this->send([$aside('apart again', 60)]);
        self::assertSame($version, Workspace::evidenceVersion($this->session->workspace_id));
    }

    public function testCareGoesByWhatTheWorkspaceTakesWhereTheCardDoesNotSay(): void
    {
        $care = fn(): array => (array) $this->getJson("api/sessions/{$this->session->id}")->json('care.putt');
        self::assertNotContains(SafetyNote::Elsewhere->value, $care());
        $this->putJson('api/teaching-preferences', ['after' => 'hole'])->assertSuccessful();
        self::assertContains(SafetyNote::Elsewhere->value, $care());
        $this->putJson("api/students/{$this->student->id}/profile", [
            'schools' => ['after' => 'rest'],
        ])->assertSuccessful();
        self::assertNotContains(SafetyNote::Elsewhere->value, $care());
    }

    public function testACardThatShipsBecomesTheWorkspacesOwnAndComesBack(): void
    {
        $own = [
            'kind' => 'set_up',
            'title' => 'How we hold it',
            'points' => [['key' => 'soft', 'text' => 'Soft hands', 'times' => null, 'is_of_feet' => false]],
        ];
        $this->putJson('api/checklists/grip', $own)->assertSuccessful()->assertJsonPath('is_own', true);
        $this->putJson('api/checklists/my_own', $own)->assertSuccessful()->assertJsonPath('is_shipped', false);
        $keys = fn(): array => array_column(
            (array) $this->getJson('api/checks')->assertSuccessful()->json('cards'),
            'title',
            'key',
        );
        self::assertSame(['How we hold it', 'How we hold it'], [$keys()['grip'], $keys()['my_own']]);
        $this->putJson('api/checklists/grip', ['points' => []] + $own)->assertJsonValidationErrors('points');
        $this->deleteJson('api/checklists/grip')->assertSuccessful();
        $this->deleteJson('api/checklists/my_own')->assertSuccessful();
        self::assertSame('Grip', $keys()['grip']);
        self::assertArrayNotHasKey('my_own', $keys());
        $this->deleteJson('api/checklists/my_own')->assertNotFound();
        $this->actingAs($this->coach('other@example.test'))->putJson('api/checklists/grip', $own)->assertSuccessful();
        self::assertSame(
            'Grip',
            collect((array) $this->actingAs($this->coach)->getJson('api/checks')->json('cards'))->firstWhere(
                'key',
                'grip',
            )['title'],
        );
    }

    /** A setting per row, and what of a screen changes with it. */
    #[DataProvider('settings')]
    public function testEverySettingOfThePreferenceChangesSomethingThatIsShown(
        string $question,
        string $answer,
        string $path,
    ): void {
        $this->send([
            $this->try('eye_line', ['offset_m' => 0.02, 'eye' => 'both']),
            $this->event('card_point_seen', [
                'card' => 'stance',
                'point' => 'hang',
                'sight' => 'good',
                'word' => null,
                'student' => null,
            ]),
            ...array_map(
                fn(int $i): array => self::putt([
                    'version' => 2,
                    'target_m' => 4,
                    'roll_m' => 4 + 0.1 * ($i % 3),
                    'across_percent' => 2,
                    'seen' => ['high_low' => 'low', 'hit' => false],
                ]),
                range(1, 20),
            ),
        ]);
        $path = strtr($path, [
            '{student}' => "students/{$this->student->id}",
            '{session}' => "sessions/{$this->session->id}",
        ]);
        $before = $this->getJson("api/$path")
            ->assertSuccessful()
            ->getContent();
        $this->putJson("api/students/{$this->student->id}/profile", [
            'schools' => [$question => $answer],
            'mark_to_m' => 3,
        ])->assertSuccessful();
        $own = $this->getJson("api/$path")
            ->assertSuccessful()
            ->getContent();
        self::assertNotSame($before, $own);
        // The same answer as what the coach takes where no card says.
        $this->putJson("api/students/{$this->student->id}/profile", ['mark_to_m' => 3])->assertSuccessful();
        $this->putJson('api/teaching-preferences', [$question => $answer])->assertSuccessful();
        self::assertSame($own, $this->getJson("api/$path")->getContent());
    }

    /** @return iterable<array{string, string, string}> */
    public static function settings(): iterable
    {
        yield ['begin', 'reads', '{student}/review'];
        yield ['mark', 'near', '{student}/reminders'];
        yield ['after', 'rest', '{student}/reminders'];
        yield ['rehearse', 'behind', '{student}/reminders'];
        yield ['path', 'arc', '{student}/reminders'];
        yield ['feet', 'unimportant', '{student}/checks'];
        yield ['feet', 'regulator', '{student}/reminders'];
        yield ['eyes', 'both', '{student}/checks'];
        yield ['over_read', 'more', '{session}/stroke'];
    }

    public function testAClockThatIsYearsOffLosesNoBallAndKeepsNoneTheLastForEver(): void
    {
        $now = (int) now()->getTimestampMs();
        $ball = static fn(int $at): array => self::putt(['at_ms' => $at]);
        [$first, $future, $past] = [$ball($now - 5000), $ball(9_999_999_999_000), $ball(1)];
        $this->send([$first, $future, $past]);
        $putts = $this->getJson("api/sessions/{$this->session->id}")->json('putts');
        self::assertSame([$first['id'], $future['id'], $past['id']], array_column($putts, 'id'));
        self::assertLessThan($now + 60_000, max(array_column($putts, 'at_ms')));
        self::assertSame(
            max(array_column($putts, 'at_ms')),
            $this->getJson("api/sessions/{$this->session->id}")->json('latest_ms'),
        );
    }

    public function testPreferencesThatAreNoneAreRefused(): void
    {
        $this->putJson('api/teaching-preferences', ['after' => 'whistle'])->assertJsonValidationErrors('after');
        self::assertNull(Workspace::query()->find($this->coach->workspace_id)?->schools);
        $this->putJson("api/students/{$this->student->id}/profile", [
            'recipe' => 'routine_d',
            'handicap' => 99,
        ])->assertJsonValidationErrors('handicap');
        $this->putJson("api/students/{$this->student->id}/profile", ['recipe' => 'routine_d'])
            ->assertSuccessful()
            ->assertJsonPath('recipe', 'routine_d');
        self::assertStringStartsWith(
            'One rehearsal and go',
            (string) $this->getJson("api/students/{$this->student->id}/reminders")->json('prompts.0.text'),
        );
    }

    public function testTheFirstPutterIsInUseAndEveryBallCarriesTheOneThatIs(): void
    {
        $path = "api/students/{$this->student->id}/putters";
        $blade = [
            'id' => (string) Str::ulid(),
            'name' => 'Blade',
            'length_m' => 0.86,
            'loft_deg' => 3,
            'sole' => 'flat',
        ];
        $this->postJson($path, $blade)->assertSuccessful()->assertJsonPath('0.is_in_use', true);
        $this->postJson($path, $blade)->assertSuccessful()->assertJsonCount(1);
        $this->postJson($path, ['name' => 'Blade'])->assertJsonValidationErrors('name');
        $this->postJson($path, ['name' => 'Long', 'length_m' => 4])->assertJsonValidationErrors('length_m');
        $mallet = (string) Str::ulid();
        $this->postJson($path, ['id' => $mallet, 'name' => 'Mallet'])->assertJsonPath('1.is_in_use', false);
        $this->send([self::putt()]);
        $this->postJson("api/putters/$mallet/use")
            ->assertJsonPath('1.is_in_use', true)
            ->assertJsonPath('0.is_in_use', false);
        // A card that was opened before the other one was taken does not take it back.
        $this->putJson("api/students/{$this->student->id}", array_diff_key(self::studentCard(), ['putter' => 0]))
            ->assertSuccessful()
            ->assertJsonPath('putter', 'Mallet');
        $this->putJson("api/putters/$mallet", ['name' => 'Mallet, new grip'])->assertJsonPath('1.is_in_use', true);
        $this->send([self::putt()]);
        $putters = array_column(
            (array) $this->getJson("api/students/{$this->student->id}/review")->json('putters'),
            'n',
            'name',
        );
        self::assertEquals(['Blade' => 1, 'Mallet, new grip' => 1], $putters);
        $this->deleteJson("api/putters/$mallet")->assertSuccessful();
        $this->getJson($path)->assertJsonCount(1);
    }

    public function testABaselineIsKeptApartAndNothingIsSaidToIt(): void
    {
        $ball = static fn(int $i, int $second): array => self::putt([
            'at_ms' => 1000 * $second + (int) now()->getTimestampMs(),
            'target_m' => 4,
            'roll_m' => 2.5 + 0.05 * ($i % 3),
        ]);
        $balls = static fn(int $from): array => array_map(
            static fn(int $i): array => $ball($i, $from + $i),
            range(1, 14),
        );
        $this->send([
            $this->event('part_begun', ['part' => 'baseline']),
            $this->event('disturbance_noted', ['disturbance' => 'filmed', 'is_on' => true]),
            ...$balls(0),
        ]);
        $this->getJson("api/sessions/{$this->session->id}")->assertJsonPath('during', [
            'part' => 'baseline',
            'disturbances' => ['filmed'],
        ]);
        $this->getJson("api/sessions/{$this->session->id}/stroke")->assertJsonPath('notes', []);
        $this->send([
            $this->event('part_begun', ['part' => 'retest'], 20),
            $this->event('disturbance_noted', ['disturbance' => 'filmed', 'is_on' => false], 20),
            ...$balls(20),
        ]);
        self::assertNotSame([], $this->getJson("api/sessions/{$this->session->id}/stroke")->json('notes'));
        $look = $this->getJson("api/sessions/{$this->session->id}/review")->assertJsonPath('parts', [
            ['name' => 'baseline', 'n' => 14],
            ['name' => 'retest', 'n' => 14],
        ]);
        $questions = array_column((array) $look->json('questions'), 'findings', 'key');
        self::assertContains('Baseline and re-test', array_column($questions['change'], 'question'));
        self::assertContains('Disturbances', array_column($questions['why'], 'question'));
        $this->getJson("api/sessions/{$this->session->id}/review?part=baseline")->assertJsonPath('n', 14);
    }

    public function testAFaceAndAPathTellAStartAndOneCure(): void
    {
        $told = $this->getJson('api/face-and-path?face_deg=2&path_deg=-4')->assertSuccessful();
        // 0.85 of 2 and 0.15 of -4 is 1.1; the face alone takes 1.1 / 0.85.
        self::assertEqualsWithDelta(1.1, $told->json('start_deg'), 1e-9);
        self::assertEqualsWithDelta(-1.1 / 0.85, $told->json('turn_face_deg'), 1e-9);
        self::assertEqualsWithDelta(-1.1, $told->json('turn_stroke_deg'), 1e-9);
        self::assertStringContainsString('path alone hardly moves', $told->json('caution'));
        $this->getJson('api/face-and-path?face_deg=2&path_deg=-4&cure=turn')->assertJsonPath('turn_face_deg', null);
        $this->getJson('api/face-and-path?face_deg=2&path_deg=-4&cure=face')->assertJsonPath('turn_stroke_deg', null);
        $this->getJson('api/face-and-path?face_deg=2&path_deg=-4&face_share=0.5')->assertJsonValidationErrors(
            'face_share',
        );
        $this->getJson('api/face-and-path?face_deg=20')->assertJsonValidationErrors(['face_deg', 'path_deg']);
    }

    public function testStationsOfAGreenComeUpThereAgain(): void
    {
        $set = fn(float $metres, ?float $grade = null): array => $this->event('station_set', [
            'station_id' => (string) Str::ulid(),
            'length_m' => $metres,
            'said' => "$metres m",
            'grade_percent' => $grade,
        ]);
        $this->send([$set(3.0), $set(6.0, 2.0)]);
        $this->send([$set(3.002)], $this->practiceSession($this->coach, $this->student, $this->session->green));
        $this->send(
            [$set(9.0)],
            $this->practiceSession($this->coach, $this->student, $this->green($this->coach, 'mat')),
        );
        $stations = $this->getJson("api/greens/{$this->session->green_id}/stations")
            ->assertSuccessful()
            ->json();
        self::assertSame([2, 1], array_column($stations, 'sessions'));
        self::assertEquals([null, 2.0], array_column($stations, 'grade_percent'));
    }
}
