<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Green\Surface;
use Amble\Core\Json\JsonInput;
use Amble\Core\Reading\PuttSituation;
use App\Models\Student;
use Illuminate\Validation\Rule;

/** A putt to be read, for a student or for nobody in particular. */
final class PuttReadRequest extends WorkspaceRequest
{
    use ForStudent;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'putt' => ['required', 'string', 'max:2000'],
            'student' => ['nullable', 'string', $this->inWorkspace(Student::class)],
            'surface' => ['nullable', 'string', Rule::enum(Surface::class)],
        ];
    }

    /** @throws InvalidInput At the field of the putt that cannot be used. */
    public function putt(): PuttSituation
    {
        return PuttSituation::read(JsonInput::parse($this->string('putt')->toString()));
    }

    public function surface(): ?Surface
    {
        return $this->enum('surface', Surface::class);
    }
}
