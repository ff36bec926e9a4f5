<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Amble\Core\Reading\RollOrChip;
use App\Models\Student;
use Illuminate\Validation\Rule;

/** A ball beside the green. */
final class RollOrChipRequest extends WorkspaceRequest
{
    use ForStudent;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'slope' => ['required', Rule::in(array_keys(RollOrChip::SLOPES))],
            'lie' => ['required', Rule::in(array_keys(RollOrChip::LIES))],
            'rough_m' => ['required', 'numeric', 'between:0,40'],
            'room_m' => ['required', 'numeric', 'between:0,40'],
            'student' => ['nullable', 'string', $this->inWorkspace(Student::class)],
        ];
    }

    public function rollOrChip(): RollOrChip
    {
        return RollOrChip::of(
            $this->string('slope')->toString(),
            $this->string('lie')->toString(),
            $this->float('rough_m'),
            $this->float('room_m'),
            $this->schools()->answer('off_green'),
        );
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return ['rough_m' => 'longer grass', 'room_m' => 'room to the hole'];
    }
}
