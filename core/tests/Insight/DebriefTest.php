<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Insight;

use Amble\Core\Insight\Debrief;
use Amble\Core\Insight\Insight;
use Amble\Core\Plan\PuttingSkill;
use Amble\Core\Review\BallFilter;
use Amble\Core\Review\MeasureReport;
use Amble\Core\Tests\Review\BallFixtures;
use PHPUnit\Framework\TestCase;

final class DebriefTest extends TestCase
{
    public function testOneSentenceAnAxisOneThingToWorkAtAndOneForHome(): void
    {
        $look = MeasureReport::of(BallFixtures::asked(BallFixtures::practice(80)), new BallFilter());
        $notes = [
            new Insight('student.exception', 'Always from the left.', 'Card.', 1.0, 1.0, ''),
            new Insight(
                'stroke.odd',
                'One ball lies far off.',
                '1 ball.',
                0.9,
                0.9,
                'x',
                'Look at it in the list.',
                isOfRecord: true,
            ),
            new Insight(
                'pace.habit',
                'Putts stay {0.400 m} short.',
                '30 balls.',
                0.5,
                0.9,
                'x',
                'Take it back a little further.',
            ),
            new Insight('start.side', 'They start left.', '30 balls.', 0.4, 0.9, 'x', 'Check the aim.'),
        ];
        $debrief = Debrief::of($look, $notes, PuttingSkill::Pace, ['Short ladder on the mat', 12, 'mat-steps']);

        self::assertCount(3, $debrief->axes);
        self::assertMatchesRegularExpression('/^Distance: .*\.$/', $debrief->axes[0]);
        self::assertMatchesRegularExpression('/^Start line: .*\.$/', $debrief->axes[1]);
        self::assertMatchesRegularExpression('/^Reads: .*\.$/', $debrief->axes[2]);
        self::assertSame('Take it back a little further.', $debrief->workOn);
        self::assertSame(
            'Same beat. Eyes down.',
            Debrief::of($look, $notes, PuttingSkill::Pace, null, ['Same beat', 'Eyes down.'])->workOn,
        );
        self::assertSame('Putts stay {0.400 m} short. Check that first, then the pace.', $debrief->next);
        self::assertStringEndsWith(
            "To work on: Take it back a little further.\nHomework: Short ladder on the mat, 12 balls, 3 days a week.",
            $debrief->forStudent(),
        );
    }

    public function testWhatNobodyLookedAtIsNotSpokenOf(): void
    {
        $debrief = Debrief::of(
            MeasureReport::of(BallFixtures::asked([]), new BallFilter()),
            [],
            PuttingSkill::Line,
            null,
        );

        self::assertSame(
            [[], null, null, '', 'Start with the start line.'],
            [$debrief->axes, $debrief->workOn, $debrief->home, $debrief->forStudent(), $debrief->next],
        );
    }
}
