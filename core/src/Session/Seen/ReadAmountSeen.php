<?php

declare(strict_types=1);

namespace Amble\Core\Session\Seen;

/** How much break the student read: the aim beside the hole. */
final readonly class ReadAmountSeen extends SeenKind
{
    public function __construct()
    {
        parent::__construct('read_amount_m', 'Read this much beside the hole', Answers::smallMetres(0.0, 10.0), Feeds::Reads, true, isBefore: true);
    }
}
