<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Pass;

use Amble\Core\Drill\Aid;
use Amble\Core\Drill\BallTask;
use Amble\Core\Drill\TargetKind;

/** The parts of a drill a pass rule must agree with. */
final readonly class PassSetting
{
    /** @param list<BallTask> $tasks */
    public function __construct(public TargetKind $target, public ?Aid $aid, public array $tasks) {}
}
