<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Amble\Core\Contract\Computation;
use Amble\Core\Exception\CoreException;
use Amble\Core\Json\JsonInput;
use Symfony\Component\Console\Output\ConsoleOutputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/** One JSON object on standard input, one on standard output; refusals on standard error, exit status 2. */
trait AnswersJson
{
    /**
     * @param \Closure(string): Computation $computation made from the input's text, so that its refusal is answered like any other
     */
    private function answer(\Closure $computation): int
    {
        $text = (string) stream_get_contents(STDIN);
        try {
            $answer = $computation($text)->answer(JsonInput::parse($text));
        } catch (CoreException $refused) {
            $output = $this->output->getOutput();
            $errors = $output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output;
            self::write($errors, ['error' => ['field' => $refused->field(), 'message' => $refused->getMessage()]]);

            return self::INVALID;
        }
        array_walk_recursive($answer, self::withoutInfinity(...));
        self::write($this->output, $answer);

        return self::SUCCESS;
    }

    /** JSON has no infinity: a figure too large for a double is unknown, and unknown is null. */
    private static function withoutInfinity(mixed &$value): void
    {
        if (is_float($value) && !is_finite($value)) {
            $value = null;
        }
    }

    /** @param array<string, mixed> $value */
    private static function write(OutputInterface $output, array $value): void
    {
        $flags = JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION;
        $output->writeln(json_encode($value, $flags), OutputInterface::OUTPUT_RAW);
    }
}
