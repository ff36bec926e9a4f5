<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Drill;

use PHPUnit\Framework\TestCase;

/**
 * PHP's compiler, as the app is served, folds every shipped drill to what plain PHP folds it to. Its tracing
 * kind was once seen to lose a closing gate's width after other drills had been folded in the same process.
 */
final class CompilerTest extends TestCase
{
    private const ROUNDS = 60;

    public function testTheServedCompilerFoldsDrillsAsPlainPhpDoes(): void
    {
        $flags = (array) file(
            dirname(__DIR__, 3) . '/scripts/php-flags',
            FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES,
        );
        self::assertContains('-dopcache.jit=function', $flags);
        $plain = self::digest(['-dopcache.enable_cli=0']);
        self::assertMatchesRegularExpression('/^[0-9a-f]{16}$/', $plain);
        self::assertSame($plain, self::digest($flags));
    }

    /** @param array<string> $flags */
    private static function digest(array $flags): string
    {
        $process = proc_open(
            [PHP_BINARY, ...$flags, __DIR__ . '/fold-digest.php', (string) self::ROUNDS],
            [1 => ['pipe', 'w']],
            $pipes,
        );
        self::assertIsResource($process);
        $digest = trim((string) stream_get_contents($pipes[1]));
        proc_close($process);

        return $digest;
    }
}
