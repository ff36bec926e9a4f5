<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** The shell's side of the contract: what goes to which stream, and the exit status. */
final class ComputeCommandTest extends TestCase
{
    /** @return array{int|null, string, string} exit status, output, errors */
    private static function compute(string $kind, string $input): array
    {
        $process = new Process([PHP_BINARY, 'artisan', 'amble:compute', $kind], dirname(__DIR__, 2), null, $input);
        $process->run();

        return [$process->getExitCode(), $process->getOutput(), $process->getErrorOutput()];
    }

    public function testAnAnswerIsOneObjectAtFullPrecision(): void
    {
        [$status, $output, $errors] = self::compute('roll', '{"green_speed_ft":10,"grade_percent":2,"length_m":6}');
        self::assertSame([0, ''], [$status, $errors]);
        self::assertSame(2.8748599965911383, json_decode($output, true)['start_speed_m_s']);
        self::assertStringNotContainsString("\n", rtrim($output));
    }

    public function testARefusalGoesToStandardErrorWithStatusTwo(): void
    {
        foreach (
            [
                ['roll', 'six metres', null],
                ['roll', '{"green_speed_ft":10,"grade_percent":0,"length_m":-6}', 'length_m'],
                ['swing', '{}', 'kind'],
            ]
            as [$kind, $input, $field]
        ) {
            [$status, $output, $errors] = self::compute($kind, $input);
            self::assertSame([2, ''], [$status, $output]);
            self::assertSame($field, json_decode($errors, true)['error']['field']);
        }
    }

    public function testAFigureBeyondAnyNumberIsNull(): void
    {
        // Odds beyond what a double holds: an interval without an upper end.
        [$status, $output] = self::compute('roll', '{"green_speed_ft":1,"grade_percent":-100,"length_m":300}');
        self::assertSame(0, $status);
        self::assertNull(json_decode($output, true)['plays_like_m']);
    }

    public function testWithoutAKindTheKindsAreNamed(): void
    {
        [$status, $output, $errors] = self::compute('', '{}');
        self::assertSame([2, ''], [$status, $output]);
        self::assertSame('kind', json_decode($errors, true)['error']['field']);
    }
}
