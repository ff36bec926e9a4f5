<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Pass;

use Amble\Core\Drill\Axis;
use Amble\Core\Drill\Task;
use Amble\Core\Exception\InvalidInput;
use Amble\Core\Json\JsonInput;
use Amble\Core\Numeric\Check;
use Amble\Core\Units\Length;

/** Each ball does what it was told: a little past, firmer than that, a little short, too soft, too strong, exact. */
final readonly class TaskDone implements PassRule
{
    /** A firm ball runs at most so many times "a little" past, where the drill does not say. */
    private const FIRM = 3.0;

    private function __construct(private float $little, private float $firm, private float $exactShare)
    {
    }

    public static function read(JsonInput $rule): self
    {
        $rule->only(['kind', 'little_m', 'firm_m', 'exact_share']);
        $little = Check::positive($rule->numberOr('little_m', 0.6), $rule->path('little_m'));
        $firm = Check::positive($rule->numberOr('firm_m', self::FIRM * $little), $rule->path('firm_m'));
        if ($firm <= $little) {
            throw InvalidInput::at($rule->path('firm_m'), 'A firm ball runs further past than a little.');
        }

        return new self(
            $little,
            $firm,
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
            Task::Firm => Acceptance::roll($length + $this->little, $length + $this->firm),
            // Told to be wrong on purpose: anything on that side is what was told.
            Task::RehearseSoft => Acceptance::roll(0.0, $length - $off, holed: false),
            Task::RehearseStrong => Acceptance::roll($length + $off, Length::LONGEST),
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
