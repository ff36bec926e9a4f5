<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Pass;

use Amble\Core\Drill\Aid;
use Amble\Core\Drill\TargetKind;
use Amble\Core\Drill\Task;

/** The parts of a drill a pass rule must agree with. */
final readonly class PassSetting
{
    /** @param list<Task> $tasks */
    public function __construct(public TargetKind $target, public ?Aid $aid, public array $tasks)
    {
    }
}
