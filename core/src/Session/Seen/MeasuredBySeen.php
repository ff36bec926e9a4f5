<?php

declare(strict_types=1);

namespace Amble\Core\Session\Seen;

use Amble\Core\Device\Source;

/** Where the numbers of a ball come from that nobody read off a ruler. */
final readonly class MeasuredBySeen extends SeenKind
{
    public function __construct()
    {
        parent::__construct('measured_by', 'Its numbers come from', Answers::words(Source::labels()), Feeds::Stroke, false);
    }
}
