<?php

declare(strict_types=1);

namespace Amble\Core\Stroke;

/** How to fit: with the weak prior on the exponent or without, reweighted or plain. */
final readonly class FitOptions
{
    public function __construct(public bool $prior = true, public bool $robust = true)
    {
    }
}
