<?php

declare(strict_types=1);

namespace Amble\Core\Direction;

use Amble\Core\Exception\InvalidInput;

/**
 * Where a ball starts from a face and a path, and what takes it out: one cure, the student's (maths.md 4.3). Immutable.
 */
final readonly class FaceAndPath
{
    /** A changed path does not cancel a face that stays put; a sum done in the head says it does. */
    public const CAUTION = 'Another path alone hardly moves the start while the face stays put; turning the whole stroke turns the face with it.';

    private function __construct(public float $start, public ?float $wholeStroke, public ?float $face) {}

    /**
     * @param float $face radians at impact, positive right
     * @param float $path likewise
     * @param LineCure|null $cure the other one stays hidden; null shows both
     *
     * @throws InvalidInput If the face's share is not between 0.8 and 0.95.
     */
    public static function of(
        float $face,
        float $path,
        float $faceShare = ImpactModel::FACE_SHARE,
        ?LineCure $cure = null,
    ): self {
        $model = ImpactModel::ofFaceShare($faceShare);
        $start = $model->startLine($face, $path);

        return new self(
            $start,
            $cure === LineCure::Face ? null : $model->turnOfWholeStroke($start),
            $cure === LineCure::Turn ? null : $model->turnOfFace($start),
        );
    }
}
