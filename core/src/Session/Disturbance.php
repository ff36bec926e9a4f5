<?php

declare(strict_types=1);

namespace Amble\Core\Session;

/** What went on around the balls of a stretch: told beside its results, never a reason to leave a ball out. */
enum Disturbance: string
{
    case Filmed = 'filmed';
    case Watched = 'watched';
    case Players = 'players';
    case Chatter = 'chatter';
    case Wind = 'wind';
    case Insects = 'insects';
}
