<?php

declare(strict_types=1);

namespace Amble\Core\Session;

/** Something was said of an earlier ball: these remarks take the place of those it had. */
final readonly class PuttRemarked extends SessionEvent
{
    public function __construct(string $id, int $atMilliseconds, public string $puttId, public Remarks $remarks)
    {
        parent::__construct($id, $atMilliseconds);
    }
}
