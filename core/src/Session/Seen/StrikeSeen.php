<?php

declare(strict_types=1);

namespace Amble\Core\Session\Seen;

/** Where on the face a ball was struck. */
final readonly class StrikeSeen extends SeenKind
{
    public function __construct()
    {
        parent::__construct('strike', 'Struck with the', Answers::words(['middle' => 'Middle', 'toe' => 'Toe', 'heel' => 'Heel']), Feeds::Stroke, true);
    }
}
