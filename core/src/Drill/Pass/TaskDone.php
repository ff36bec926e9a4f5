<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Pass;

use Amble\Core\Drill\Axis;
use Amble\Core\Drill\BallTask;
use Amble\Core\Drill\Kind\Figure;
use Amble\Core\Drill\Kind\FigureKind;
use Amble\Core\Drill\Kind\KindDescription;
use Amble\Core\Drill\Kind\ReadsFigures;
use Amble\Core\Exception\InvalidInput;
use Amble\Core\Json\JsonInput;
use Amble\Core\Numeric\Check;
use Amble\Core\Units\Length;

/** Each ball follows its instruction: a little past, firmer than that, a little short, too soft, too strong, exact. */
final readonly class TaskDone extends PassRule implements ReadsFigures
{
    private function __construct(private float $little, private float $firm, private float $exactShare) {}

    public static function card(): KindDescription
    {
        return new KindDescription(
            'Follows its instruction',
            'follows its instruction: a little is at most {little_m}, exact within {exact_share}',
            [
                new Figure('little_m', 'A little is at most', FigureKind::Roll, 0.6),
                new Figure('firm_m', 'Firm runs past by at most', FigureKind::Roll, 1.8),
                new Figure('exact_share', 'Exact is within', FigureKind::Share, 0.05),
            ],
        );
    }

    public static function of(array $figures, JsonInput $rule): self
    {
        if ($figures['firm_m'] <= $figures['little_m']) {
            throw InvalidInput::at($rule->path('firm_m'), 'A firm ball runs further past than a little.');
        }

        return new self($figures['little_m'], $figures['firm_m'], $figures['exact_share']);
    }

    public function acceptance(PassContext $context): Acceptance
    {
        [$low, $high] = $this->window($context);

        return Acceptance::roll(
            $context->length->metres() + $low,
            $context->length->metres() + $high,
            self::mayDrop($context),
        );
    }

    /** @return array{float, float} metres past the target that a ball may stop, low and high */
    private function window(PassContext $context): array
    {
        $length = $context->length->metres();
        // On the target itself is neither past nor short: those stretches begin just beyond the slack.
        $off = 2.0 * Check::SLACK;

        return match ($context->task) {
            BallTask::Past => [$off, $this->little],
            BallTask::Firm => [$this->little, $this->firm],
            // Told to be wrong on purpose: anything on that side is what was told.
            BallTask::RehearseSoft => [-$length, -$off],
            BallTask::RehearseStrong => [$off, Length::LONGEST - $length],
            BallTask::Short => [-$this->little, -$off],
            default => [
                $context->finishPast - $length * $this->exactShare,
                $context->finishPast + $length * $this->exactShare,
            ],
        };
    }

    public function axis(): Axis
    {
        return Axis::Length;
    }

    public function needs(): array
    {
        return ['roll_m'];
    }

    public function contradiction(PassSetting $setting): ?string
    {
        return array_filter($setting->tasks, static fn(BallTask $task): bool => $task->isJudged()) === []
            ? 'The drill needs instructions, but has none.'
            : null;
    }

    public function chance(PassContext $context, PassChances $skill): ?float
    {
        [$low, $high] = $this->window($context);

        return $skill->chanceAimed($context, $low, $high, self::mayDrop($context));
    }

    /** One told to stay short that reaches the hole did not do as told. */
    private static function mayDrop(PassContext $context): bool
    {
        return !in_array($context->task, [BallTask::RehearseSoft, BallTask::Short], true);
    }
}
