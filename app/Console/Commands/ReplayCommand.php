<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Amble\Core\Contract\ReplayComputation;
use Illuminate\Console\Command;

final class ReplayCommand extends Command
{
    use AnswersJson;

    protected $signature = 'amble:replay';

    protected $description = 'Fold a drill and its events on standard input to the drill\'s state on standard output';

    public function handle(): int
    {
        return $this->answer(static fn(): ReplayComputation => new ReplayComputation());
    }
}
