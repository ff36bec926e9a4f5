<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Coach;
use App\Models\Student;
use Illuminate\Support\Str;
use Tests\TestCase;

/** What is in work with a student, and that the insights answer the complaint. */
final class CurrentGoalsTest extends TestCase
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

    public function testItIsKeptWholeAndARefusalChangesNothing(): void
    {
        $path = "api/students/{$this->student->id}/current-goals";
        self::assertSame([], $this->getJson($path)->assertSuccessful()->json('focuses'));
        $given = [
            'cap' => 2,
            'complaint' => null,
            'about' => null,
            'goal' => 'Fewer three-putts',
            'focuses' => [['text' => 'Beat', 'reason' => null]],
            'faults' => [],
        ];
        $this->putJson($path, $given)->assertSuccessful()->assertExactJson($given);
        $three = array_map(static fn(string $text): array => ['text' => $text, 'reason' => null], ['a', 'b', 'c']);
        $this->putJson($path, ['focuses' => $three] + $given)->assertJsonValidationErrors('focuses.2.reason');
        $this->getJson($path)->assertExactJson($given);
        $three[2]['reason'] = 'It goes with the second';
        $this->putJson($path, ['focuses' => $three] + $given)
            ->assertSuccessful()
            ->assertJsonPath('focuses.2.reason', 'It goes with the second');
    }

    public function testTheInsightsSayWhenTheBallsDoNotBearOutTheComplaint(): void
    {
        $session = $this->practiceSession($this->coach, $this->student);
        $this->postJson("api/sessions/$session->id/events", [
            'events' => array_map(
                static fn(int $i): array => self::putt([
                    'id' => (string) Str::ulid(),
                    'backstroke_m' => null,
                    'target_m' => 3.0 + 0.01 * ($i % 2),
                    'roll_m' => 3.0 + 0.1 * (($i % 3) - 1),
                ]),
                range(1, 30),
            ),
        ])->assertSuccessful();
        $keys = fn(): array => array_column(
            $this->getJson("api/sessions/$session->id/stroke")
                ->assertSuccessful()
                ->json('notes'),
            'key',
        );
        self::assertNotContains('complaint.against', $keys());
        $this->putJson("api/students/{$this->student->id}/current-goals", ['about' => 'pace'])->assertSuccessful();
        self::assertContains('complaint.against', $keys());
        $this->putJson("api/students/{$this->student->id}/current-goals", ['about' => 'read'])->assertSuccessful();
        self::assertNotContains('complaint.against', $keys());
    }
}
