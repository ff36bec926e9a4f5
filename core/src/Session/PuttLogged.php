<?php

declare(strict_types=1);

namespace Amble\Core\Session;

/** A ball was rolled. Its event id is the putt's id. */
final readonly class PuttLogged extends SessionEvent
{
    public function __construct(
        string $id,
        int $atMilliseconds,
        public Ball $ball,
        public Belonging $belonging = new Belonging(),
    ) {
        parent::__construct($id, $atMilliseconds);
    }
}
