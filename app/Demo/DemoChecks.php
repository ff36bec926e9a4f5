<?php

declare(strict_types=1);

namespace App\Demo;

use Amble\Core\Green\GreenSpeed;
use Amble\Core\Json\JsonInput;
use Amble\Core\Numeric\SeededRandom;
use Amble\Core\Student\CurrentGoals;
use Amble\Core\Student\StudentProfile;
use App\Actions\AppendSessionEvents;
use App\Models\Coach;
use App\Models\PracticeSession;
use App\Models\Putter;
use App\Models\Student;
use Carbon\CarbonImmutable;

/**
 * What the clinic's coach keeps of the students besides balls: checks, looked-at cards, putters, the rest of the card.
 */
final class DemoChecks
{
    /** By first name; those that are left out have nothing but their card. */
    private const ABOUT = [
        'Tobin' => [
            'about' => [
                'dominant_eye' => 'trail',
                'handicap' => 17.4,
                'handicap_wanted' => 12,
                'three_putts_per_round' => 4,
                'lay_off_weeks' => 7,
                'lay_off_work' => 'the mat, three feet',
                'recipe' => 'routine_d',
                'mark_to_m' => 3.048,
                'may_be_filmed' => true,
                'schools' => ['mark' => 'near', 'after' => 'rest'],
            ],
            'current_goals' => [
                'complaint' => 'I leave the long ones short.',
                'about' => 'pace',
                'goal' => 'No three-putts from inside 30 ft',
                'focuses' => [['text' => 'One beat from every length']],
                'faults' => [
                    [
                        'fault' => 'Quickens on long ones',
                        'shows' => 'a jab past 20 ft',
                        'cure' => 'metronome, shortest first',
                    ],
                ],
            ],
            'putters' => [
                [
                    'name' => 'Blade, 34 in',
                    'length_m' => 0.8636,
                    'lie_deg' => 71,
                    'loft_deg' => 3,
                    'head_g' => 345,
                    'sole' => 'flat',
                    'mark' => 'one line on the top',
                ],
                [
                    'name' => 'Old mallet, 35 in',
                    'length_m' => 0.889,
                    'lie_deg' => 70,
                    'loft_deg' => 4,
                    'head_g' => 360,
                    'sole' => 'toe_up',
                ],
            ],
        ],
        'Rafe' => [
            'about' => ['handicap' => 20, 'schools' => ['mark' => 'ahead', 'begin' => 'start']],
            'current_goals' => [
                'complaint' => 'I push the short ones.',
                'about' => 'start_line',
                'focuses' => [['text' => 'Aim first: the mirror at every visit']],
            ],
            'putters' => [],
        ],
        'Ilse' => [
            'about' => [
                'dominant_eye' => 'lead',
                'handicap' => 2.1,
                'recipe' => 'routine_a',
                'may_be_filmed' => true,
                'schools' => ['after' => 'hole', 'rehearse' => 'behind'],
            ],
            'current_goals' => [
                'goal' => 'The new putter as straight as the old one',
                'focuses' => [['text' => 'Nothing but the line']],
            ],
            'putters' => [
                ['name' => 'Blade, 33 in', 'length_m' => 0.8382, 'loft_deg' => 2.5],
                ['name' => 'Mallet, 33 in', 'length_m' => 0.8382, 'loft_deg' => 3.5, 'head_g' => 370],
            ],
        ],
        'Jun' => [
            'about' => ['is_minor' => true, 'keep_until' => '2027-03-31'],
            'current_goals' => ['goal' => 'To enjoy it'],
            'putters' => [],
        ],
    ];

    private readonly SeededRandom $random;

    public function __construct(private readonly AppendSessionEvents $logbook)
    {
        $this->random = new SeededRandom(77);
    }

    /** The rest of a student's card. */
    public function describe(Student $student): void
    {
        $kept = self::ABOUT[self::firstName($student)] ?? null;
        if ($kept === null) {
            return;
        }
        $read = static fn(array $fields): JsonInput => JsonInput::parse(
            json_encode((object) $fields, JSON_THROW_ON_ERROR),
        );
        $student->update([
            'about' => StudentProfile::read($read($kept['about']))->toArray(),
            'current_goals' => CurrentGoals::read($read($kept['current_goals']))->toArray(),
        ]);
        foreach ($kept['putters'] as $putter) {
            Putter::query()->updateOrCreate(
                ['student_id' => $student->id, 'name' => $putter['name']],
                $putter + ['workspace_id' => $student->workspace_id, 'coach_id' => $student->coach_id],
            );
        }
    }

    /** Check some of it in a session: what is measured scatters about what is true of this student. */
    public function check(
        PracticeSession $session,
        Coach $coach,
        Student $student,
        int $visit,
        GreenSpeed $speed,
        CarbonImmutable $at,
        DemoUlids $ulids,
    ): void {
        $events = match (self::firstName($student)) {
            'Tobin' => [
                ...$this->tempo(0.11 - 0.03 * $visit),
                ...$this->grip($visit),
                ...self::card(
                    'stance',
                    $visit < 2
                        ? ['hang' => 'good', 'hinge' => 'attention']
                        : ['hang' => 'good', 'hinge' => 'good', 'shoulders' => 'attention'],
                    'lead one high',
                ),
            ],
            'Rafe' => [
                ...$this->aim(-0.03),
                ...self::said('takeaway', 'went', ['inside', 'inside', 'straight', 'inside']),
                ...self::card('mirror', ['shoulders' => 'good', 'trail_arm' => 'attention'], 'rides high'),
            ],
            'Ilse' => [...$this->eyes(-0.018), ...self::said('cord', 'sees', ['outside', 'on', 'on', 'outside', 'on'])],
            'Marguerite' => $this->shoes($speed),
            'Sunniva' => [
                ...self::said('rehearsal', 'was', ['varied', 'aimed', 'empty', 'varied', 'varied']),
                ...array_map(
                    static fn(int $i): array => self::try('time_back', [
                        'time_s' => 0.62 + 0.01 * (($i + $visit) % 4),
                        'length_m' => 1.83 * (1 + ($i % 3)),
                    ]),
                    range(0, 5),
                ),
            ],
            default => [],
        };
        if ($events !== []) {
            $this->logbook->append(
                $session,
                $coach->id,
                array_map(
                    static fn(array $event, int $i): array => $event + [
                        'id' => $ulids->at($at),
                        'at_ms' => (int) $at->getTimestampMs() + 9000 * $i,
                    ],
                    $events,
                    array_keys($events),
                ),
            );
        }
    }

    /** @return list<array<string, mixed>> taps whose tempo rises with length by an exponent */
    private function tempo(float $exponent): array
    {
        return array_map(
            fn(int $i): array => self::try('tempo', [
                'bpm' => (int) round(
                    74 * (1.83 * (1 + ($i % 4))) ** max(0.0, $exponent) * (1.0 + 0.01 * $this->random->normal()),
                ),
                'length_m' => round(1.83 * (1 + ($i % 4)), 3),
            ]),
            range(0, 7),
        );
    }

    /** @return list<array<string, mixed>> */
    private function grip(int $visit): array
    {
        return array_map(
            fn(int $i): array => self::try('grip_pressure', [
                'address' => 4 + ($i % 2),
                'impact' => 4 + ($i % 2) + ($visit < 2 ? 2 : 0) + ($i % 3 === 0 ? 1 : 0),
            ]),
            range(0, 4),
        );
    }

    /** @return list<array<string, mixed>> looks at 2 m whose aim is so many radians off */
    private function aim(float $bias): array
    {
        return array_map(
            fn(int $i): array => self::try('aim', [
                'offset_m' => round(2.0 * ($bias + 0.006 * $this->random->normal()), 3),
                'at_m' => 2.0,
                'by' => 'mirror',
                'break' => 'straight',
            ]),
            range(0, 5),
        );
    }

    /** @return list<array<string, mixed>> the place this student sees straight from, metres outside the ball */
    private function eyes(float $place): array
    {
        $tries = array_map(
            fn(float $off): array => self::try('eye_place', [
                'offset_m' => round($place + $off, 3),
                'seen' => abs($off) < 0.008 ? 'straight' : ($off > 0.0 ? 'left' : 'right'),
            ]),
            [0.04, 0.02, 0.004, -0.003, -0.02, 0.002],
        );

        return [
            ...$tries,
            self::try('eye_line', ['offset_m' => 0.012, 'eye' => 'both', 'over' => 'middle']),
            self::try('eye_line', ['offset_m' => 0.016, 'eye' => 'both', 'over' => 'back']),
        ];
    }

    /**
     * @return list<array<string, mixed>> shoe places whose roll follows 11 times their power of 1.75, in green speeds
     */
    private function shoes(GreenSpeed $speed): array
    {
        return array_map(
            fn(int $i): array => self::try('shoe_place', [
                'shoe_m' => ($shoe = [0.15, 0.2, 0.26, 0.32][$i % 4]),
                'roll_m' => round($speed->metres() * 11.0 * $shoe ** 1.75 * exp(0.05 * $this->random->normal()), 2),
                'ground' => 'level',
            ]),
            range(0, 11),
        );
    }

    /**
     * @param list<string> $words
     *
     * @return list<array<string, mixed>>
     */
    private static function said(string $check, string $field, array $words): array
    {
        return array_map(static fn(string $word): array => self::try($check, [$field => $word]), $words);
    }

    /**
     * @param array<string, string> $checklistAnswers by point
     * @param string $word beside what wants attention
     *
     * @return list<array<string, mixed>>
     */
    private static function card(string $card, array $checklistAnswers, string $word): array
    {
        return array_map(
            static fn(string $point, string $sight): array => [
                'type' => 'card_point_seen',
                'card' => $card,
                'point' => $point,
                'student' => null,
                'sight' => $sight,
                'word' => $sight === 'attention' ? $word : null,
            ],
            array_keys($checklistAnswers),
            array_values($checklistAnswers),
        );
    }

    /**
     * @param array<string, string|int|float> $answers
     *
     * @return array<string, mixed>
     */
    private static function try(string $check, array $answers): array
    {
        return ['type' => 'check_tried', 'check' => $check, 'student' => null, 'answers' => $answers];
    }

    private static function firstName(Student $student): string
    {
        return explode(' ', $student->name)[0];
    }
}
