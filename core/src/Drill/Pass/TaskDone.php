<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Pass;

use Amble\Core\Contract\JsonInput;
use Amble\Core\Drill\Axis;
use Amble\Core\Drill\Task;
use Amble\Core\Numeric\Check;
use Amble\Core\Session\Ball;
use Amble\Core\Session\Stop;

/** Each ball does what it was told: a little past, a little short, exact. */
final readonly class TaskDone implements PassRule
{
    private function __construct(private float $little, private float $exactShare)
    {
    }

    public static function read(JsonInput $rule): self
    {
        $rule->only(['kind', 'little_m', 'exact_share']);

        return new self(
            Check::positive($rule->numberOr('little_m', 0.6), $rule->path('little_m')),
            Check::share($rule->numberOr('exact_share', 0.05), $rule->path('exact_share')),
        );
    }

    public function passes(Ball $ball, PassContext $context): bool
    {
        $past = $context->past($ball);
        $isHoled = $ball->stop === Stop::Holed;

        return match ($context->task) {
            Task::Past => $isHoled || ($past > 0.0 && $past <= $this->little + Check::SLACK),
            Task::Short => !$isHoled && $past < 0.0 && $past >= -$this->little - Check::SLACK,
            default => $isHoled || abs($past) <= $this->exactShare * $context->length->metres() + Check::SLACK,
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
        return array_filter($setting->tasks, static fn(Task $task): bool => $task->isJudged()) === []
            ? 'Tasks are to be done, but none is given.'
            : null;
    }
}
