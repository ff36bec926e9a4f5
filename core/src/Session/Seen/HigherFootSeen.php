<?php

declare(strict_types=1);

namespace Amble\Core\Session\Seen;

/** Which foot stood higher when the student stood astride the line. */
final readonly class HigherFootSeen extends SeenKind
{
    public function __construct()
    {
        parent::__construct(
            'higher_foot',
            'Higher foot, astride the line',
            Answers::words(['left' => 'Left', 'even' => 'Even', 'right' => 'Right']),
            Feeds::Reads,
            true,
            isBefore: true,
            // It breaks to the lower foot.
            tells: ['read_side' => ['left' => 'right', 'even' => 'straight', 'right' => 'left']],
        );
    }
}
