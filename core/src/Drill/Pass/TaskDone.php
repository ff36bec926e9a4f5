<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Pass;

use Amble\Core\Drill\Axis;
use Amble\Core\Drill\Task;
use Amble\Core\Json\JsonInput;
use Amble\Core\Numeric\Check;

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

    public function acceptance(PassContext $context): Acceptance
    {
        $length = $context->length->metres();
        // On the target itself is neither past nor short: those stretches begin just beyond the slack.
        $off = 2.0 * Check::SLACK;

        return match ($context->task) {
            Task::Past => Acceptance::roll($length + $off, $length + $this->little),
            Task::Short => Acceptance::roll($length - $this->little, $length - $off, holed: false),
            default => Acceptance::roll($length * (1.0 - $this->exactShare), $length * (1.0 + $this->exactShare)),
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
