<?php

declare(strict_types=1);

namespace Amble\Core\Exception;

/** Everything the core raises on purpose carries this marker. */
interface CoreException extends \Throwable
{
    /** Path of the field at fault ("putts.3.roll_m"), or null when no single field is. */
    public function field(): ?string;
}
