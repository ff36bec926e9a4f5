<?php

declare(strict_types=1);

namespace Amble\Core\Review;

/** What a table says of one length. Metres; null where nothing can be told. This class is immutable. */
final readonly class BackstrokeRow
{
    public function __construct(
        public TableLength $asked,
        public bool $neverStops,
        public ?float $backstroke,
        public ?float $low,
        public ?float $high,
        public ?bool $isExtrapolated,
    ) {}
}
