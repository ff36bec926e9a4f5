<?php

declare(strict_types=1);

namespace Amble\Core\Session\Seen;

use Amble\Core\Device\Source;

/** Where a backstroke comes from that the coach did not say. */
final readonly class BackstrokeBySeen extends SeenKind
{
    public function __construct()
    {
        parent::__construct('backstroke_by', 'Its backstroke comes from', Answers::words(Source::labels()), Feeds::Stroke, false);
    }
}
