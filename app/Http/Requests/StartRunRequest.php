<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\DrillDefinition;
use App\Models\PracticeRun;
use App\Models\Student;
use App\Reports\DrillLibrary;
use App\Reports\ReadingQuiz;

/** A drill to start in a session, under the client's id. */
final class StartRunRequest extends WorkspaceRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'ulid'],
            'seed' => ['nullable', 'integer', 'between:0,2147483647'],
            'students' => ['sometimes', 'array', 'list', 'max:12'],
            'students.*' => ['string', 'distinct', $this->inWorkspace(Student::class)],
        ];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return ['students.*' => 'student'];
    }

    /** @return array{id: string, seed: int, students: list<string>, definition: string} */
    public function columns(ReadingQuiz $guesses, ?Student $student): array
    {
        $seed = $this->validated('seed');

        return [
            'id' => $this->string('id')->toString(),
            'seed' => is_numeric($seed) ? (int) $seed : PracticeRun::seedOf($this->string('id')->toString()),
            'students' => array_values($this->array('students')),
            'definition' => DrillDefinition::columns(
                $guesses->turned(app(DrillLibrary::class)->readOne($this->getContent()), $student),
            )['definition'],
        ];
    }
}
