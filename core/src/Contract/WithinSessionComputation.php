<?php

declare(strict_types=1);

namespace Amble\Core\Contract;

use Amble\Core\Change\WithinSession;
use Amble\Core\Json\JsonInput;
use Amble\Core\Numeric\Check;

final class WithinSessionComputation implements Computation
{
    /** Shares of length beyond which nothing is a putt. */
    private const WILDEST = 100.0;
    private const LONGEST_NAME = 200;

    public function answer(JsonInput $input): array
    {
        $within = WithinSession::of(
            array_map(
                static fn(JsonInput $ball): array => [
                    Check::within($ball->number('error'), -self::WILDEST, self::WILDEST, $ball->path('error')),
                    $ball->text('station', self::LONGEST_NAME),
                ],
                $input->objects('balls'),
            ),
        );

        return [
            'n' => $within->n,
            'split' => $within->split,
            'step' => $within->step,
            't' => $within->t,
            'remark' => $within->isRemarkable(),
        ];
    }
}
