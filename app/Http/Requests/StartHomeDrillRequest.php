<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Actions\DeviceTime;
use Illuminate\Foundation\Http\FormRequest;

/** A drill that begins at home, under the ids it was offered with. */
final class StartHomeDrillRequest extends FormRequest
{
    /** Who may is decided by the link. */
    public function authorize(): bool
    {
        return true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['id' => ['required', 'ulid'], 'run_id' => ['required', 'ulid'], 'started_at_ms' => DeviceTime::RULES];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['required' => 'The :attribute is missing.', 'ulid' => 'This is not an id.'];
    }
}
