<?php

declare(strict_types=1);

namespace Amble\Core\Session\Seen;

/** On which side of a breaking putt a ball passed or stopped. */
final readonly class HighLowSeen extends SeenKind
{
    public function __construct()
    {
        parent::__construct('high_low', 'High or low', Answers::words(['high' => 'High side', 'low' => 'Low side']), Feeds::Reads, true);
    }
}
