<?php

declare(strict_types=1);

namespace Amble\Core\Session\Seen;

/** Whether the hit came late. */
final readonly class FlowSeen extends SeenKind
{
    public function __construct()
    {
        parent::__construct('flow', 'The stroke flowed', Answers::words(['even' => 'Evenly', 'jab' => 'With a jab']), Feeds::Stroke, true);
    }
}
