<?php

declare(strict_types=1);

namespace Amble\Core\Contract;

use Amble\Core\Exception\CoreException;
use Amble\Core\Json\JsonInput;

/** One kind of question the core answers from the shell: an object in, an object out. */
interface Computation
{
    /**
     * @return array<string, mixed> ready for JSON; names carry their units, unknown is null
     *
     * @throws CoreException If the input cannot be used.
     */
    public function answer(JsonInput $input): array;
}
