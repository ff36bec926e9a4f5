<?php

declare(strict_types=1);

namespace Amble\Core\Stroke;

/** How to fit: leaning on a prior or on none, reweighted or plain. */
final readonly class FitOptions
{
    public function __construct(public ?StrokePrior $prior, public bool $robust = true) {}

    /** As shipped: the weak prior, reweighted. */
    public static function usual(): self
    {
        return new self(StrokePrior::shipped());
    }
}
