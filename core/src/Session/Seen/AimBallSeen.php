<?php

declare(strict_types=1);

namespace Amble\Core\Session\Seen;

/** How a ball laid at the aim of a short breaking putt was met: hit hard, just met, or fallen short and low of. */
final readonly class AimBallSeen extends SeenKind
{
    public function __construct()
    {
        parent::__construct('aim_ball', 'The aim ball', Answers::words(['hard' => 'Hit hard', 'good' => 'Just right', 'soft' => 'Short and low of it']), Feeds::Reads, false);
    }
}
