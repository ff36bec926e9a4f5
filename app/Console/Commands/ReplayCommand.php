<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Amble\Core\Contract\ReplayComputation;
use Amble\Core\Exception\InvalidInput;
use Illuminate\Console\Command;

final class ReplayCommand extends Command
{
    use AnswersJson;

    /** Thousands of balls are far smaller than this, bytes. */
    private const LARGEST = 5_000_000;

    protected $signature = 'amble:replay';

    protected $description = 'Fold a drill and its events on standard input to the drill\'s state on standard output';

    public function handle(): int
    {
        return $this->answer(
            static fn(string $text): ReplayComputation => strlen($text) <= self::LARGEST
                ? new ReplayComputation()
                : throw InvalidInput::at('drill', 'This is larger than a drill and its balls can be (5 MB).'),
        );
    }
}
