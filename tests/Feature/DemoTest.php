<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Demo\DemoClinic;
use App\Demo\DemoSeeder;
use App\Models\Coach;
use App\Models\PracticeSession;
use App\Models\SessionEventRecord;
use Carbon\CarbonImmutable;
use Tests\TestCase;

final class DemoTest extends TestCase
{
    private function seedDemo(): Coach
    {
        return app(DemoSeeder::class)->seed(CarbonImmutable::parse('2026-11-23 10:00'));
    }

    public function testItIsTheSameEveryTimeAndReplacesOnlyItself(): void
    {
        $mine = $this->practiceSession($this->coach());
        $log = static fn(): array => SessionEventRecord::query()
            ->orderBy('at_ms')
            ->orderBy('id')
            ->get(['id', 'type', 'payload', 'at_ms'])
            ->toArray();
        $this->seedDemo();
        $first = $log();
        $this->seedDemo();
        self::assertSame($first, $log());
        self::assertGreaterThan(250, count($first));
        self::assertNotNull($mine->fresh());
    }

    public function testTheFitsFindTheSimulatedStudentsTrueExponents(): void
    {
        $coach = $this->seedDemo();
        foreach (DemoClinic::students() as $demo) {
            $session = PracticeSession::query()
                ->whereHas('student', static fn($student) => $student->where('name', $demo->card['name']))
                ->orderByDesc('started_at')
                ->firstOrFail();
            $report = $this->actingAs($coach)
                ->getJson("api/sessions/$session->id/stroke")
                ->assertSuccessful()
                ->json();
            if ($demo->puttsFromStations) {
                self::assertSame('fitted', $report['state'], $demo->card['name']);
                self::assertEqualsWithDelta($demo->stroke->beta, $report['beta'], 0.2, $demo->card['name']);
            } else {
                self::assertSame(['provisional', 2], [$report['state'], $report['n']]);
            }
        }
    }
}
