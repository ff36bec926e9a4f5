<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Coach;
use App\Models\HomeEntry;
use App\Models\Student;
use Carbon\CarbonImmutable;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

/** A student notes and asks behind a link that nobody else holds; the coach sees it and answers. */
final class HomeTest extends TestCase
{
    private Coach $coach;
    private Student $student;
    private string $link;

    protected function setUp(): void
    {
        parent::setUp();
        $this->coach = $this->coach();
        $this->student = $this->student($this->coach);
        $this->actingAs($this->coach);
        $this->putJson("/api/students/{$this->student->id}/pocket", ['home_task' => 'Steps on the mat', 'home_balls' => 12])->assertOk();
        $url = (string) $this->postJson("/api/students/{$this->student->id}/pocket/link", ['days' => 7])->assertOk()->json('link');
        $this->link = (string) preg_replace('#^.*/#', '', $url);
        app('auth')->forgetGuards();
    }

    public function testWhatIsNotedBehindTheLinkReachesTheCoachAndTheAnswerComesBack(): void
    {
        $this->getJson("/api/pocket/$this->link")->assertOk()->assertJson(['home_task' => 'Steps on the mat', 'home_balls' => 12, 'entries' => []]);
        $id = (string) Str::ulid();
        $done = ['id' => $id, 'kind' => 'done', 'at_ms' => (int) now()->getTimestampMs(), 'balls' => 12, 'passes' => 8];
        $this->note($done)->assertOk();
        // Sent again after a lost answer, it is there once.
        $this->note($done)->assertOk();
        $this->note(['kind' => 'question', 'text' => 'On a carpet too?'])->assertOk();
        self::assertSame(2, HomeEntry::query()->count());

        $this->actingAs($this->coach);
        self::assertSame([['student_id' => $this->student->id, 'text' => 'On a carpet too?']], $this->getJson('/api/bench')->json('questions'));
        $remember = array_column((array) $this->getJson("/api/students/{$this->student->id}/remember")->json('lines'), 'text');
        self::assertContains('On a carpet too?', $remember);
        self::assertNotSame([], preg_grep('/1 time at home, counted by the student: 8 of 12/', $remember));
        $this->postJson("/api/students/{$this->student->id}/home", ['id' => (string) Str::ulid(), 'kind' => 'answer', 'at_ms' => (int) now()->getTimestampMs() + 5, 'text' => 'Yes, twelve.'])->assertOk()->assertJsonPath('question', null);
        self::assertSame([], $this->getJson('/api/bench')->json('questions'));
        self::assertSame('Yes, twelve.', $this->getJson("/api/pocket/$this->link")->json('entries.2.text'));
    }

    public function testAWithdrawnLinkIsDeadAtOnceAndNothingThroughItIsKept(): void
    {
        $this->actingAs($this->coach)->deleteJson("/api/students/{$this->student->id}/pocket/link")->assertOk();
        $this->note(['kind' => 'question', 'text' => 'Hello?'])->assertNotFound();
        $this->getJson("/api/pocket/$this->link")->assertNotFound();
        self::assertSame(0, HomeEntry::query()->count());
    }

    public function testNobodyAnswersForTheCoachOrNotesForTheStudentAndALinkFillsNoBench(): void
    {
        $this->note(['kind' => 'answer', 'text' => 'As you like.'])->assertStatus(422)->assertJsonValidationErrors(['kind' => 'the coach']);
        $this->note(['kind' => 'done', 'balls' => 5, 'passes' => 9])->assertStatus(422)->assertJsonValidationErrors('passes');
        $this->actingAs($this->coach)->postJson("/api/students/{$this->student->id}/home", ['id' => (string) Str::ulid(), 'kind' => 'done', 'at_ms' => 1, 'balls' => 5, 'passes' => 1])->assertStatus(422);
        $this->actingAs($this->coach('other@example.test'))->getJson("/api/students/{$this->student->id}/home")->assertNotFound();
        $this->note(['kind' => 'done', 'balls' => 5, 'passes' => 1, 'at_ms' => (int) CarbonImmutable::now()->addYear()->getTimestampMs()])->assertOk();
        self::assertLessThanOrEqual((int) now()->getTimestampMs(), HomeEntry::query()->sole()->at_ms);
        for ($i = 0; $i < 59; ++$i) {
            HomeEntry::query()->create(['bench_id' => $this->student->bench_id, 'coach_id' => $this->coach->id, 'student_id' => $this->student->id, 'kind' => 'question', 'at_ms' => $i, 'text' => 'x']);
        }
        $this->note(['kind' => 'question', 'text' => 'Once more'])->assertStatus(422)->assertJsonValidationErrors(['kind' => 'enough']);
    }

    /** @param array<string, mixed> $fields */
    private function note(array $fields): TestResponse
    {
        return $this->postJson("/api/pocket/$this->link/entries", $fields + ['id' => (string) Str::ulid(), 'at_ms' => (int) now()->getTimestampMs()]);
    }
}
