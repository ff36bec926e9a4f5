<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Amble\Core\Device\DeviceScene;
use Amble\Core\Green\GreenSpeed;
use Amble\Core\Simulation\SimulatedHole;
use Amble\Core\Units\Grade;
use Amble\Core\Units\Length;
use App\Models\Student;

/** What a simulated device is to read: whose stroke, on what ground, at which length. */
final class DeviceReadingRequest extends WorkspaceRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'student' => ['nullable', 'string', $this->inWorkspace(Student::class)],
            'target_m' => ['nullable', 'numeric', 'between:0.3,30'],
            'speed_m' => ['nullable', 'numeric', 'between:0.9,5.5'],
            'along_percent' => ['nullable', 'numeric', 'between:-6,6'],
            // A place round the hole that is being mapped, for a level.
            'x_m' => ['nullable', 'numeric', 'between:-30,30'],
            'y_m' => ['required_with:x_m', 'numeric', 'between:-30,30'],
            'is_turned' => ['nullable', 'boolean'],
            'count' => ['nullable', 'integer', 'between:1,10'],
            // The same number gives the same reading: one that is asked again after a lost answer is not another one.
            'number' => ['required', 'string', 'max:40'],
        ];
    }

    public function student(): ?Student
    {
        return $this->filled('student') ? Student::query()->find($this->string('student')->toString()) : null;
    }

    /** What a level lies on round the hole that is being mapped; null where it lies on the line of a putt. */
    public function onHole(): ?DeviceScene
    {
        return $this->filled('x_m')
            ? SimulatedHole::under($this->float('x_m'), $this->float('y_m'), $this->boolean('is_turned'))
            : null;
    }

    /** On an ordinary green, at four metres, where nothing else is said. */
    public function scene(): DeviceScene
    {
        return new DeviceScene(
            $this->filled('speed_m') ? GreenSpeed::ofMetres($this->float('speed_m')) : GreenSpeed::ordinary(),
            Length::ofMetres($this->float('target_m', 4.0)),
            Grade::ofPercent($this->float('along_percent')),
            Grade::level(),
        );
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return ['target_m' => 'target', 'speed_m' => 'green speed', 'along_percent' => 'grade'];
    }
}
