<?php

declare(strict_types=1);

namespace Amble\Core\Check;

/** One try as it is drawn, in the unit of its check's first figure. This class is immutable. */
final readonly class PictureMark
{
    /**
     * @param float|null $value what was measured; null where it is a word
     * @param float|null $to what it became
     * @param float|null $length of the putt, metres
     * @param string|null $word said instead of, or besides, a figure
     */
    public function __construct(
        public string $id,
        public ?float $value,
        public ?string $word = null,
        public ?float $length = null,
        public ?float $to = null,
    ) {}
}
