<?php

declare(strict_types=1);

namespace App\Demo;

use Amble\Core\Simulation\SimulatedStudent;

/** The invented winter clinic at a lakeside boathouse: its greens and its six students. */
final class DemoClinic
{
    public const COACH = 'Hedda Quillmark';

    /** Name, surface, true speed in feet of each green by key; speeds drift from day to day. */
    public const GREENS = [
        'boathouse' => [
            'name' => 'Boathouse green',
            'surface' => 'grass',
            'grass' => 'bent',
            'speed_ft' => 9.4,
            'bumps' => 0.02,
        ],
        'slipway' => [
            'name' => 'Slipway green',
            'surface' => 'grass',
            'grass' => 'bermuda',
            'speed_ft' => 8.3,
            'bumps' => 0.035,
        ],
        'loft' => [
            'name' => 'Sail loft mat',
            'surface' => 'mat',
            'grass' => null,
            'speed_ft' => 10.8,
            'bumps' => 0.008,
        ],
    ];

    /** @return list<DemoStudent> */
    public static function students(): array
    {
        return [
            new DemoStudent(
                self::card('Tobin Askerley', 'right', 'club', 'feet', 'Blade, 34 in', 'rule', 80),
                SimulatedStudent::calibrated(0.3, 1.62, 0.1),
                [0.15, 0.2, 0.25, 0.3, 0.35],
                [38, 31, 24, 12, 0],
                'boathouse',
                [
                    'Start with the three lengths again.',
                    'Longer backstrokes next: none beyond 14 inches yet.',
                    'Ask how the mat at home went.',
                    'Ladder from 12, 18 and 24 feet.',
                ],
                // Improving: the strike and the start settle from week to week.
                story: [
                    ['strikeScatter' => 0.15, 'lineSpread' => 0.036],
                    ['strikeScatter' => 0.13, 'lineSpread' => 0.032],
                    ['strikeScatter' => 0.1, 'lineSpread' => 0.025],
                    ['strikeScatter' => 0.07, 'lineSpread' => 0.021],
                ],
                roundDays: [27, 18, 9],
            ),
            new DemoStudent(
                self::card('Ilse Varnholt', 'left', 'tournament', 'metres', 'Mallet, 33 in', 'eye', 68),
                SimulatedStudent::calibrated(0.27, 1.92, 0.065),
                [0.12, 0.17, 0.22, 0.28, 0.34],
                [36, 22, 8, 1],
                'boathouse',
                [
                    'Hold her to the same tempo on the long ones.',
                    'No numbers in her head: keep the list with the coach.',
                    'Downhill stations.',
                ],
                // A new putter broke the line.
                story: [[], [], ['faceBias' => 0.026], ['faceBias' => 0.024]],
                putters: ['Blade, 33 in', 'Blade, 33 in', 'Mallet, 33 in'],
            ),
            new DemoStudent(
                self::card(
                    'Marguerite Oyelaran-Fitzwarden',
                    'right',
                    'able',
                    'feet',
                    'Heel-shafted blade, 35 in, loft 3°',
                    'foot',
                    76,
                ),
                SimulatedStudent::calibrated(0.29, 1.75, 0.085),
                [0.15, 0.2, 0.26, 0.32],
                [33, 19, 5],
                'slipway',
                [
                    'Check the shoe position with tape.',
                    'Uphill stations on the slipway side.',
                    'Bring the wide string.',
                ],
                // Reads too little break.
                story: [['readShare' => 0.55]],
            ),
            new DemoStudent(
                self::card('Rafe Dunmallow', 'right', 'club', 'feet', null, 'rule'),
                SimulatedStudent::calibrated(0.33, 1.45, 0.12),
                [0.18, 0.25, 0.32, 0.4],
                [29, 15, 3],
                'loft',
                [
                    'He quickens on long ones: metronome.',
                    'Measure on grass before the spring meeting.',
                    'Three balls only, then a rest for the back.',
                ],
                // Aims left and blocks it back.
                story: [['aimBias' => -0.03, 'faceBias' => 0.028]],
            ),
            new DemoStudent(
                self::card('Sunniva Crake', 'left', 'able', 'paces', 'Mid-mallet', 'rule'),
                SimulatedStudent::calibrated(0.28, 1.85, 0.075),
                [0.14, 0.19, 0.24, 0.3],
                [27, 13, 2],
                'boathouse',
                ['Paces measured again: 82 cm.', 'Look at the 24-footers.', 'Re-test from a fresh hole.'],
            ),
            new DemoStudent(
                self::card('Jun Petterkin', 'right', 'new', 'feet', null, 'eye'),
                SimulatedStudent::calibrated(0.31, 1.7, 0.16),
                [0.2],
                [6],
                'boathouse',
                ['First visit. Keep it to length only.'],
                ballsEach: 2,
                puttsFromStations: false,
            ),
        ];
    }

    /** @return array<string, mixed> */
    private static function card(
        string $name,
        string $hand,
        string $level,
        string $unit,
        ?string $putter,
        string $school,
        ?int $tempo = null,
    ): array {
        return [
            'name' => $name,
            'hand' => $hand,
            'level' => $level,
            'unit' => $unit,
            'stride_m' => $unit === 'paces' ? 0.82 : null,
            'finish_past_m' => 0.3,
            'putter' => $putter,
            'school' => $school,
            'tempo_bpm' => $tempo,
        ];
    }
}
