<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Amble\Core\Contract\Computation;
use Amble\Core\Contract\Kind;
use Amble\Core\Exception\InvalidInput;
use Illuminate\Console\Command;

final class ComputeCommand extends Command
{
    use AnswersJson;

    protected $signature = 'amble:compute {kind? : what to compute, green-speed for one}';

    protected $description = 'Answer one JSON question on standard input with one JSON object on standard output';

    public function handle(): int
    {
        return $this->answer(function (): Computation {
            $name = $this->argument('kind');
            $kind = Kind::named(is_string($name) ? $name : '');
            $kinds = implode(', ', array_column(Kind::cases(), 'value'));

            return $kind?->computation() ?? throw InvalidInput::at('kind', "This must be one of: $kinds.");
        });
    }
}
