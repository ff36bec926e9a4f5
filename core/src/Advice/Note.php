<?php

declare(strict_types=1);

namespace Amble\Core\Advice;

/** One pencil note in the margin: what is seen, what it rests on, and what to try. Immutable. */
final readonly class Note
{
    /**
     * @param string $key by which a coach sets it aside
     * @param string $seen a sentence, without blame
     * @param string $evidence counts, figures, intervals
     * @param string|null $try what to do
     * @param string|null $otherWay how the other school would do it, where schools differ
     */
    public function __construct(
        public string $key,
        public string $seen,
        public string $evidence,
        public ?string $try = null,
        public ?string $otherWay = null,
    ) {
    }
}
