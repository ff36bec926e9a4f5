<?php

declare(strict_types=1);

namespace Amble\Core\Contract;

use Amble\Core\Json\JsonInput;
use Amble\Core\Stroke\StrokePrior;
use Amble\Core\Stroke\StrokeSummary;

final class WorkspacePriorComputation implements Computation
{
    public function answer(JsonInput $input): array
    {
        $students = array_map(
            static fn(JsonInput $student): StrokeSummary => StrokeSummary::of(
                $student->number('beta'),
                $student->number('se_beta'),
                $student->number('sigma'),
                $student->number('df'),
                $student->path(''),
            ),
            $input->objects('students'),
        );
        $prior = StrokePrior::ofWorkspace($students);

        return [
            'beta' => $prior->beta,
            'lambda' => $prior->lambda,
            'sigma' => $prior->sigma,
            'nu' => $prior->nu,
            'shipped' => $prior->isShipped(),
            'n' => count($students),
        ];
    }
}
