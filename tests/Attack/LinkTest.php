<?php

declare(strict_types=1);

namespace Tests\Attack;

use App\Models\HomeworkRecord;
use App\Models\RecordChange;
use Illuminate\Support\Str;
use Tests\TestCase;

/**
 * Whoever holds a private address is nobody's coach: what it opens begins no session, ends none, and is done in no
 * coach's name.
 */
final class LinkTest extends TestCase
{
    public function testACoachWhoOpensAnotherCoachsLinkStaysSignedInAndIsNotTheUserOfIt(): void
    {
        $endpoints = new Endpoints($this->coach(), self::studentCard());
        $other = $this->coach('other@example.test');
        $bodies = $endpoints->bodies();
        $opened = 0;
        foreach (Endpoints::all() as $door => $route) {
            if (!str_contains($door, '{link}')) {
                continue;
            }
            ++$opened;
            $this->actingAs($other)->getJson('/api/me')->assertOk()->assertJsonPath('coach.id', $other->id);
            $before = session()->all();
            $answer = $this->json(explode(' ', $door)[0], $endpoints->path($door), $bodies[$door] ?? []);
            self::assertContains($answer->getStatusCode(), [200, 201], "$door: {$answer->getContent()}");
            self::assertSame([], $answer->headers->getCookies(), $door);
            self::assertSame($before, session()->all(), $door);
            self::assertNotContains('web', $route->gatherMiddleware(), $door);
            // The next request of the coach is theirs still, by the session alone.
            app('auth')->forgetGuards();
            $this->actingAs($other)->getJson('/api/me')->assertOk()->assertJsonPath('coach.id', $other->id);
        }
        self::assertSame(8, $opened);
        self::assertSame([], RecordChange::query()->where('coach_id', $other->id)->pluck('what')->all());
    }

    public function testAnEntryIsFoundByItsStudentAndTheCoachAnswersWhateverTheLinkUsedUp(): void
    {
        $coach = $this->coach();
        $endpoints = new Endpoints($coach, self::studentCard());
        $somebody = $coach->students()->create(self::studentCard(['name' => 'Somebody']));
        $theirs = HomeworkRecord::query()->create([
            'workspace_id' => $coach->workspace_id,
            'coach_id' => $coach->id,
            'student_id' => $somebody->id,
            'kind' => 'question',
            'at_ms' => 1,
            'text' => 'Mine alone',
        ]);
        $note = fn(array $with = []) => $this->postJson(
            "/api/pocket/{$endpoints->ids['link']}/entries",
            $with + ['id' => (string) Str::ulid(), 'kind' => 'question', 'at_ms' => 1, 'text' => 'x'],
        );
        $note(['id' => $theirs->id])->assertNotFound();
        for ($i = 0; $i < 60; ++$i) {
            $note()->assertOk();
            $this->travel(3)->seconds();
        }
        $note()
            ->assertStatus(422)
            ->assertJsonValidationErrors(['kind' => 'enough']);
        $student = (string) HomeworkRecord::query()->where('text', 'x')->value('student_id');
        $this->actingAs($coach)
            ->postJson("/api/students/$student/homework", [
                'id' => (string) Str::ulid(),
                'kind' => 'answer',
                'at_ms' => 2,
                'text' => 'Yes.',
            ])
            ->assertOk();
    }
}
