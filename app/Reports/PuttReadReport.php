<?php

declare(strict_types=1);

namespace App\Reports;

use Amble\Core\Green\GreenSpeed;
use Amble\Core\Green\Surface;
use Amble\Core\Reading\PuttRead;
use Amble\Core\Reading\PuttSituation;
use Amble\Core\Strokes\ExpectedPutts;
use Amble\Core\Strokes\Player;
use App\Models\Student;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\Cache;

/** Gathers what the core needs to read a putt for a student, or for nobody in particular. */
final class PuttReadReport
{
    private const KEPT_MINUTES = 60;

    /**
     * Rates are solved for green speeds this far apart, metres: between them they hardly move, and a dragged speed asks
     * often.
     */
    private const SPEED_STEP = 0.15;

    public function __construct(private readonly StrokeLines $lines, private readonly RoundStatistics $play) {}

    /** @return array{PuttRead, bool} with whether costs are told for the student's own figures */
    public function look(PuttSituation $putt, ?Student $student, ?Surface $surface): array
    {
        $surface ??= $student === null ? null : $student->lastSurface();
        $own = $student === null ? null : $this->player($student, $surface);
        $player = $own ?? Player::ordinary($putt->pace);

        return [
            PuttRead::of(
                $putt,
                $student?->hand,
                $student === null ? null : $this->lines->of($student, $surface),
                self::rates($player, $putt->surface->speed),
                $player,
            ),
            $own !== null,
        ];
    }

    private function player(Student $student, ?Surface $surface): ?Player
    {
        $key = CacheKey::of('player', $student->workspace_id, [$student], [$surface?->value]);
        /** @var array{Player|null} $kept a student without figures is kept too */
        $kept = Cache::remember(
            $key,
            CarbonImmutable::now()->addMinutes(self::KEPT_MINUTES),
            fn(): array => [$this->play->player($student, $surface)],
        );

        return $kept[0];
    }

    private static function rates(Player $player, GreenSpeed $speed): ExpectedPutts
    {
        $told = GreenSpeed::ofMetres(self::SPEED_STEP * max(5.0, round($speed->metres() / self::SPEED_STEP)));
        $rates = Cache::remember(
            'rates ' . hash('xxh128', serialize([$player, $told->metres()])),
            CarbonImmutable::now()->addMinutes(self::KEPT_MINUTES),
            static fn(): ExpectedPutts => new ExpectedPutts($player, $told),
        );
        assert($rates instanceof ExpectedPutts);

        return $rates;
    }
}
