<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\PracticeSession;
use Carbon\CarbonImmutable;
use Illuminate\Console\Command;
use Illuminate\Support\LazyCollection;

final class ForgetCommand extends Command
{
    protected $signature = 'amble:forget';

    protected $description = 'Throw away for good the sessions that were put away longer ago than they may be brought back';

    public function handle(): int
    {
        /** @var LazyCollection<int, PracticeSession> $gone */
        $gone = PracticeSession::onlyTrashed()->where('deleted_at', '<', CarbonImmutable::now()->subDays(PracticeSession::KEPT_AWAY_DAYS))->lazyById();
        $count = 0;
        foreach ($gone as $session) {
            // Its log, balls and findings go with it; they have told nothing since it was put away.
            $session->forceDelete();
            ++$count;
        }
        $this->components->info("$count sessions are gone for good.");

        return self::SUCCESS;
    }
}
