<?php

declare(strict_types=1);

namespace Amble\Core\Session\Seen;

/** The pace a read was meant with: how far past a covered hole. */
final readonly class ReadPaceSeen extends SeenKind
{
    public function __construct()
    {
        parent::__construct('read_pace_m', 'Read with a pace past the hole of', Answers::smallMetres(0.0, 3.0), Feeds::Reads, true, isBefore: true);
    }
}
