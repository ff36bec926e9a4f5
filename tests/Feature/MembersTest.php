<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Coach;
use Illuminate\Support\Str;
use Tests\TestCase;

/** A workspace with several members: one may look, another change, and nobody else knows of it. */
final class MembersTest extends TestCase
{
    private Coach $owner;
    private Coach $guest;

    protected function setUp(): void
    {
        parent::setUp();
        $this->owner = $this->coach('owner@example.test');
        $this->guest = $this->coach('guest@example.test');
    }

    private function join(string $role): void
    {
        $this->artisan('amble:member', [
            'workspace' => 'owner@example.test',
            'coach' => 'guest@example.test',
            'role' => $role,
        ])->assertSuccessful();
        $this->actingAs($this->guest->fresh() ?? $this->guest);
    }

    public function testACoachOfAnAcademyWorksAtItsWorkspace(): void
    {
        $student = $this->student($this->owner);
        $session = $this->practiceSession($this->owner, $student, $this->green($this->owner));
        $this->actingAs($this->guest)
            ->getJson("api/sessions/$session->id")
            ->assertNotFound();
        $this->join('coach');
        $this->getJson('api/today')->assertJsonPath('students.0.id', $student->id);
        $this->postJson("api/sessions/$session->id/events", ['events' => [self::putt()]])->assertSuccessful();
        $this->postJson('api/students', self::studentCard(['name' => 'Shared']))->assertSuccessful();
        $this->actingAs($this->owner)->getJson('api/today')->assertJsonCount(2, 'students');
        // What each did is kept under their own name.
        $ball = $this->getJson("api/sessions/$session->id")->json('putts.0.id');
        $this->getJson("api/sessions/$session->id/balls/$ball")->assertJsonPath('0.by', 'Hedda');
    }

    public function testAnObserverSeesAndIsToldWhyNothingCanBeChanged(): void
    {
        $student = $this->student($this->owner);
        $session = $this->practiceSession($this->owner, $student, $this->green($this->owner));
        $this->join('observer');
        $this->getJson("api/sessions/$session->id")->assertSuccessful();
        $said = 'You can view this workspace, but not change it.';
        $this->postJson("api/sessions/$session->id/events", ['events' => [self::putt()]])
            ->assertForbidden()
            ->assertJsonPath('message', $said);
        $this->patchJson("api/sessions/$session->id", ['minutes' => 5])->assertForbidden();
        $this->deleteJson("api/students/$student->id")->assertForbidden();
        $this->postJson('api/students', self::studentCard())->assertForbidden();
        $this->postJson('api/sessions', ['id' => (string) Str::ulid()])->assertForbidden();
        self::assertSame([1, 1], [$this->owner->students()->count(), $this->owner->practiceSessions()->count()]);
    }

    public function testOnlyAccountsThatExistJoin(): void
    {
        $this->artisan('amble:member', [
            'workspace' => 'owner@example.test',
            'coach' => 'nobody@example.test',
        ])->assertFailed();
        $this->artisan('amble:member', [
            'workspace' => 'owner@example.test',
            'coach' => 'guest@example.test',
            'role' => 'king',
        ])->assertFailed();
    }
}
