<?php

declare(strict_types=1);

namespace Amble\Core\Session;

/** Which drill run a ball was rolled in, and whose it was. This class is immutable. */
final readonly class Belonging
{
    /**
     * @param string|null $runId null outside a drill
     * @param string|null $student null where the session's own student rolled it
     */
    public function __construct(public ?string $runId = null, public ?string $student = null)
    {
    }
}
