<?php

declare(strict_types=1);

namespace Amble\Core\Stroke;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Numeric\Check;

/** What one student's fit tells a workspace's prior (maths.md 3.8). All figures above 0; immutable. */
final readonly class StrokeSummary
{
    /**
     * @param float $betaError standard error of the exponent
     * @param float $sigma spread of the log roll
     * @param float $degreesOfFreedom of that spread
     */
    private function __construct(
        public float $beta,
        public float $betaError,
        public float $sigma,
        public float $degreesOfFreedom,
    ) {}

    /** @throws InvalidInput If a figure is not a finite number above 0. */
    public static function of(
        float $beta,
        float $betaError,
        float $sigma,
        float $degreesOfFreedom,
        string $path = '',
    ): self {
        return new self(
            Check::within(Check::positive($beta, "{$path}beta"), ...[...StrokePrior::BETAS, "{$path}beta"]),
            Check::within(Check::positive($betaError, "{$path}se_beta"), ...[...StrokePrior::SIGMAS, "{$path}se_beta"]),
            Check::within(Check::positive($sigma, "{$path}sigma"), ...[...StrokePrior::SIGMAS, "{$path}sigma"]),
            Check::within(Check::positive($degreesOfFreedom, "{$path}df"), ...[...StrokePrior::DEGREES, "{$path}df"]),
        );
    }
}
