<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Amble\Core\Contract\JsonInput;
use Amble\Core\Contract\Kind;
use Amble\Core\Exception\CoreException;
use Amble\Core\Exception\InvalidInput;
use Illuminate\Console\Command;
use Symfony\Component\Console\Output\ConsoleOutputInterface;
use Symfony\Component\Console\Output\OutputInterface;

final class ComputeCommand extends Command
{
    /** Exit status for input that cannot be used. */
    private const UNUSABLE = 2;

    protected $signature = 'amble:compute {kind : what to compute, green-speed for one}';

    protected $description = 'Answer one JSON question on standard input with one JSON object on standard output';

    public function handle(): int
    {
        try {
            $name = $this->argument('kind');
            $kind = Kind::tryFrom(is_string($name) ? $name : '')
                ?? throw InvalidInput::at('kind', 'This must be one of: ' . implode(', ', array_column(Kind::cases(), 'value')) . '.');
            $answer = $kind->computation()->answer(JsonInput::parse((string) stream_get_contents(STDIN)));
            array_walk_recursive($answer, self::withoutInfinity(...));
            $this->output->writeln(self::json($answer), OutputInterface::OUTPUT_RAW);

            return self::SUCCESS;
        } catch (CoreException $refused) {
            $this->refuse($refused);

            return self::UNUSABLE;
        }
    }

    private function refuse(CoreException $refused): void
    {
        $output = $this->output->getOutput();
        $errors = $output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output;
        $errors->writeln(
            self::json(['error' => ['field' => $refused->field(), 'message' => $refused->getMessage()]]),
            OutputInterface::OUTPUT_RAW,
        );
    }

    /** JSON has no infinity: a figure too large for a double is unknown, and unknown is null. */
    private static function withoutInfinity(mixed &$value): void
    {
        if (is_float($value) && !is_finite($value)) {
            $value = null;
        }
    }

    /** @param array<string, mixed> $value */
    private static function json(array $value): string
    {
        return json_encode($value, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION);
    }
}
