<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Demo\DemoSeeder;
use App\Models\Coach;
use Carbon\CarbonImmutable;
use Illuminate\Console\Command;

final class DemoDataCommand extends Command
{
    protected $signature = 'amble:demo-data {--today= : the day to take as today, 2026-11-23 10:00 for one}';

    protected $description = 'Reset the demo workspace to its invented clinic';

    public function handle(DemoSeeder $seeder): int
    {
        $demo = Coach::query()->where('email', config('amble.demo_email'));
        if (Coach::query()->exists() && $demo->doesntExist()) {
            $this->components->error(
                'This database holds accounts and no demo workspace: it is not the demo’s, and is left as it is.',
            );

            return self::INVALID;
        }
        $today = $this->option('today');
        $coach = $seeder->seed(is_string($today) ? CarbonImmutable::parse($today) : CarbonImmutable::now());
        $this->components->info(
            sprintf(
                'The workspace of %s holds %d students and %d sessions.',
                $coach->name,
                $coach->students()->count(),
                $coach->practiceSessions()->count(),
            ),
        );

        return self::SUCCESS;
    }
}
