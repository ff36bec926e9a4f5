<?php

declare(strict_types=1);

namespace App\Http;

use Amble\Core\Exception\CoreException;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpFoundation\StreamedResponse;

/**
 * An answer that tells, a JSON object a line, how far something long has come, and at last what came of it: {"result":
 * …}, or {"message": …, "errors": …} as any refusal. Whoever closes the connection cancels it.
 */
final class ProgressStream
{
    public const TYPE = 'application/x-ndjson';

    /** It may take so long, seconds. */
    private const LONGEST_S = 900;

    /**
     * What is refused before the first progress is refused as by any other request.
     *
     * @template TAt
     * @template TResult
     *
     * @param \Generator<int, TAt, void, TResult> $run
     * @param \Closure(TAt): array<string, mixed> $line of how far it has come
     * @param \Closure(TResult): mixed $result
     */
    public static function of(\Generator $run, \Closure $line, \Closure $result): StreamedResponse
    {
        $run->rewind();

        return new StreamedResponse(
            static function () use ($run, $line, $result): void {
                // Every buffer on the way would hold the lines back, a setting of PHP's own too. On the command line
                // nobody waits for them.
                while (PHP_SAPI !== 'cli' && ob_get_level() > 0) {
                    ob_end_flush();
                }
                // Cut off in the middle it would leave what it has begun; it ends by itself where nobody listens any
                // more.
                ignore_user_abort(true);
                set_time_limit(self::LONGEST_S);
                try {
                    for (; $run->valid(); $run->next()) {
                        self::say($line($run->current()));
                        if (connection_aborted() === 1) {
                            return;
                        }
                    }
                    self::say(['result' => $result($run->getReturn())]);
                } catch (ValidationException $refused) {
                    self::say(['message' => $refused->getMessage(), 'errors' => $refused->errors()]);
                } catch (CoreException $refused) {
                    self::say([
                        'message' => $refused->getMessage(),
                        'errors' => [$refused->field() ?? 'input' => [$refused->getMessage()]],
                    ]);
                } catch (\Throwable $error) {
                    report($error);
                    self::say([
                        'message' => 'The server failed. Nothing was changed; try again.',
                        'errors' => (object) [],
                    ]);
                }
            },
            200,
            ['Content-Type' => self::TYPE, 'Cache-Control' => 'private, no-store', 'X-Accel-Buffering' => 'no'],
        );
    }

    /** @param array<string, mixed> $line */
    private static function say(array $line): void
    {
        echo json_encode($line, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE), "\n";
        if (ob_get_level() > 0) {
            ob_flush();
        }
        flush();
    }
}
