<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\ProjectSession;
use App\Actions\RefreshStrokeSummaries;
use App\Models\Student;
use App\Reports\StudentBalls;
use Illuminate\Console\Command;
use Illuminate\Support\LazyCollection;

final class RebuildCommand extends Command
{
    protected $signature = 'amble:rebuild';

    protected $description = 'Rebuild everything that screens read from the log';

    public function handle(ProjectSession $projector, StudentBalls $balls, RefreshStrokeSummaries $summaries): int
    {
        $projector->rebuild();
        /** @var LazyCollection<int, Student> $students */
        $students = Student::withTrashed()->lazyById();
        foreach ($students as $student) {
            $balls->rebuild($student);
            $summaries->refresh($student);
        }
        $this->components->info('Rebuilt from the log.');

        return self::SUCCESS;
    }
}
