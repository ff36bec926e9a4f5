<?php

declare(strict_types=1);

namespace Amble\Core\Session;

/** An earlier ball was really like this. */
final readonly class PuttCorrected extends SessionEvent
{
    public function __construct(string $id, int $atMilliseconds, public string $puttId, public Ball $ball)
    {
        parent::__construct($id, $atMilliseconds);
    }
}
