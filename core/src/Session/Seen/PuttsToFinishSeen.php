<?php

declare(strict_types=1);

namespace Amble\Core\Session\Seen;

/** Further putts until holed, for a ball that was putted out. */
final readonly class PuttsToFinishSeen extends SeenKind
{
    public function __construct()
    {
        parent::__construct('putts_to_finish', 'Putted out in', Answers::count(1, 20), Feeds::SecondPutts, false);
    }
}
