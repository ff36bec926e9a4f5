<?php

declare(strict_types=1);

namespace Amble\Core\Advice\Rule;

use Amble\Core\Advice\Facts;
use Amble\Core\Advice\Note;
use Amble\Core\Advice\Rule;

/** More balls that tell nothing of the stroke than balls that do. */
final class MostLeftOut implements Rule
{
    public function note(Facts $facts): ?Note
    {
        return $facts->leftOut > $facts->fit->n ? new Note(
            'stroke.left_out',
            'More balls were left out than counted.',
            sprintf('%d left out, %d counted.', $facts->leftOut, $facts->fit->n),
            0.3,
            0.8,
            'most',
            'Balls cut short say only "at least this far". Roll to open ground, away from hole and edge.',
        ) : null;
    }
}
