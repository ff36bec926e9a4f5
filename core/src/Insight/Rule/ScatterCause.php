<?php

declare(strict_types=1);

namespace Amble\Core\Insight\Rule;

use Amble\Core\Insight\Insight;
use Amble\Core\Insight\InsightFacts;
use Amble\Core\Insight\Rule;
use Amble\Core\Insight\Significance;
use Amble\Core\Report\FigureText;
use Amble\Core\Review\Measure\StrokeSource;
use Amble\Core\Student\BackstrokeCue;

/** Too uneven at one target, and from where: the backstroke, or strike and tempo (maths.md 3.7). */
final class ScatterCause implements Rule
{
    /** An ordinary player's share of either, spread of the log roll (maths.md 6: 12 % in all). */
    private const ORDINARY = 0.1;

    public function note(InsightFacts $facts): ?Insight
    {
        $lately = $facts->lately;
        $source = $lately === null ? null : StrokeSource::source($lately);
        $isBack = $source?->isMostlyBackstroke();
        if ($source === null || $isBack === null) {
            return null;
        }
        [$back, $strike, $n] = [sqrt($source->fromBackstroke), sqrt($source->fromStrike), $source->n];
        if (
            !Significance::spreadAbove($isBack ? $back : $strike, $n, self::ORDINARY) ||
            self::isMended($facts, $isBack)
        ) {
            return null;
        }
        $evidence = sprintf(
            '%d balls at targets: %s from uneven backstrokes, %s from strike and tempo.',
            $n,
            FigureText::percent($back),
            FigureText::percent($strike),
        );
        $cost = 0.7 * min(1.0, max($back, $strike) / 0.18);
        $sure = Significance::sureness(log(max($back, $strike) / self::ORDINARY), sqrt(0.5 / ($n - 1)));

        return $isBack
            ? new Insight(
                key: 'stroke.uneven_back',
                seen: 'Uneven backstrokes cause most of the scatter.',
                evidence: $evidence,
                cost: $cost,
                sureness: $sure,
                stamp: sprintf('%.0f', 20.0 * $back),
                try: match ($facts->school) {
                    BackstrokeCue::Foot
                        => 'Let the trail shoe mark the end of the backstroke, and putt three from each position.',
                    BackstrokeCue::Eye => 'Rehearse with the eyes on the target, then putt at once.',
                    BackstrokeCue::Rule
                        => 'Three balls from one mark on the ruler, then the next. Look at the mark, not at the ball.',
                },
                otherWay: null,
                refutedBy: 'Backstrokes held to the mark that still scatter: then it is the strike.',
            )
            : new Insight(
                key: 'stroke.uneven_strike',
                seen: 'The same backstroke gives uneven rolls: strike or tempo.',
                evidence: $evidence,
                cost: $cost,
                sureness: $sure,
                stamp: sprintf('%.0f', 20.0 * $strike),
                try: 'Check the strike first: putty at toe and heel. Then use the metronome at the student\'s own tempo.',
                otherWay: null,
                refutedBy: 'Clean strikes at one tempo that still scatter: then check the surface.',
            );
    }

    /** Whether this session alone is no longer uneven: who has learnt since is not told of it. */
    private static function isMended(InsightFacts $facts, bool $isBack): bool
    {
        $today = $facts->session === null ? null : StrokeSource::source($facts->session);

        return $today !== null &&
            $today->n >= StrokeSource::FEWEST &&
            sqrt($isBack ? $today->fromBackstroke : $today->fromStrike) < self::ORDINARY;
    }
}
