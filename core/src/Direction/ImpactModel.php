<?php

declare(strict_types=1);

namespace Amble\Core\Direction;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Numeric\Check;

/**
 * Ball direction at impact, ψ = f·face + (1 − f)·path (Karlsen, Smith & Nilsson 2008, J. Sports
 * Sci. 26, 243; maths.md 4.3). Radians, positive right. This class is immutable.
 */
final readonly class ImpactModel
{
    public const FACE_SHARE = 0.85;

    private function __construct(private float $faceShare) {}

    /** @throws InvalidInput If the face's share is not between 0.8 and 0.95. */
    public static function ofFaceShare(float $faceShare = self::FACE_SHARE, string $field = 'face_share'): self
    {
        Check::finite($faceShare, $field);

        return $faceShare >= 0.8 && $faceShare <= 0.95
            ? new self($faceShare)
            : throw InvalidInput::outside($field, $faceShare, 'between 0.8 and 0.95');
    }

    public function startLine(float $face, float $path): float
    {
        return $this->faceShare * $face + (1.0 - $this->faceShare) * $path;
    }

    /** First cure of a bias ψ: turn the whole stroke, face and path together, by −ψ. */
    public function turnOfWholeStroke(float $bias): float
    {
        return -$bias;
    }

    /** Second cure: turn the face alone, by −ψ/f. */
    public function turnOfFace(float $bias): float
    {
        return -$bias / $this->faceShare;
    }
}
