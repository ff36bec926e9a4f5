<?php

declare(strict_types=1);

namespace Amble\Core\Card;

/** What a list of points is for. */
enum ChecklistKind: string
{
    /** How the student stands, holds and looks. */
    case SetUp = 'set_up';

    /** What is done before every putt, in order. */
    case Routine = 'routine';

    /** From where a putt is looked at. */
    case Views = 'views';

    /** What the ground tells before a putt is read. */
    case Ground = 'ground';

    /** What the grass tells, where its lean moves a ball. */
    case Grain = 'grain';

    /** Before balls are struck with eyes elsewhere. */
    case Safety = 'safety';
}
