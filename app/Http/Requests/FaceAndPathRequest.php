<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Amble\Core\Direction\FaceAndPath;
use Amble\Core\Direction\ImpactModel;
use Amble\Core\Direction\LineCure;
use Illuminate\Validation\Rule;

/** A face and a path at impact, degrees, positive right. */
final class FaceAndPathRequest extends WorkspaceRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'face_deg' => ['required', 'numeric', 'between:-15,15'],
            'path_deg' => ['required', 'numeric', 'between:-15,15'],
            'face_share' => ['sometimes', 'numeric', 'between:0.8,0.95'],
            'cure' => ['sometimes', Rule::enum(LineCure::class)],
        ];
    }

    public function faceAndPath(): FaceAndPath
    {
        return FaceAndPath::of(
            deg2rad($this->float('face_deg')),
            deg2rad($this->float('path_deg')),
            $this->has('face_share') ? $this->float('face_share') : ImpactModel::FACE_SHARE,
            $this->enum('cure', LineCure::class),
        );
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return ['face_deg' => 'face', 'path_deg' => 'path', 'face_share' => 'share of the face'];
    }
}
