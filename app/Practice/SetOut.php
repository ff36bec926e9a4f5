<?php

declare(strict_types=1);

namespace App\Practice;

use Amble\Core\Drill\Drill;
use Amble\Core\Drill\SetOutSheet;
use Amble\Core\Units\Length;
use Amble\Core\Units\UnitsSlip;
use App\Models\Coach;
use App\Models\PracticeRun;
use App\Models\PracticeSession;

/** The sheet a coach sets a drill out by. */
final class SetOut
{
    public function __construct(private readonly DrillRuns $runs)
    {
    }

    /**
     * @param string $runId under which it will be started
     * @param list<float|null> $stepped paces counted to each station
     *
     * @return array<string, mixed> as the API sends it
     */
    public function of(
        \stdClass $definition,
        Drill $drill,
        string $runId,
        Coach $coach,
        ?PracticeSession $session,
        array $stepped,
    ): array {
        $sheet = self::sheet($definition, $drill);
        $seed = PracticeRun::seedOf($runId);

        return [
            'stand' => $sheet->stand(),
            'walking_line' => $sheet->walkingLine(),
            'cautions' => $sheet->cautions(),
            'checks' => self::checks($sheet),
            'kit' => $sheet->kit(),
            'aid' => array_map(
                static fn(array $angle): array => ['width_m' => $angle['width']->metres(), 'half_angle_deg' => rad2deg($angle['half_angle'])],
                $sheet->aidAngles(),
            ),
            'stations' => self::stations($drill, DrillRuns::lengths($drill, $seed), $coach, $stepped),
            'expectation' => $session === null ? null : $this->runs->expectation($drill, $seed, $session),
        ];
    }

    /** @param mixed $definition the drill as decoded from its JSON */
    public static function sheet(mixed $definition, Drill $drill): SetOutSheet
    {
        $texts = static fn(string $field): array => array_values(array_filter(
            $definition instanceof \stdClass ? (array) ($definition->{$field} ?? []) : [],
            is_string(...),
        ));

        return SetOutSheet::of($drill, $texts('kit'), $texts('cautions'));
    }

    /** @return list<array{key: string, sentence: string}> */
    public static function checks(SetOutSheet $sheet): array
    {
        return array_map(
            static fn(string $key, string $sentence): array => ['key' => $key, 'sentence' => $sentence],
            array_keys($sheet->checks()),
            array_values($sheet->checks()),
        );
    }

    /**
     * @param list<float> $lengths metres, settled
     * @param list<float|null> $stepped
     *
     * @return list<array<string, mixed>>
     */
    private static function stations(Drill $drill, array $lengths, Coach $coach, array $stepped): array
    {
        $stations = [];
        foreach ($lengths as $i => $metres) {
            $length = Length::ofMetres($metres);
            $paces = $stepped[$i] ?? null;
            $slip = $paces === null ? null : UnitsSlip::between($length, $coach->unitMetres(), $paces, $coach->pace());
            $stations[] = [
                'length_m' => $metres,
                'grade_percent' => $drill->stations[$i]->along->percent(),
                'across_percent' => $drill->stations[$i]->across->percent(),
                'hole_half_angle_deg' => $drill->target->canBeHoled() ? rad2deg(SetOutSheet::holeHalfAngle($length)) : null,
                'slip' => $slip === null ? null : ['paced_m' => $slip->paced->metres(), 'likely' => $slip->likely],
            ];
        }

        return $stations;
    }
}
