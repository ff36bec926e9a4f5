<?php

declare(strict_types=1);

namespace App\Models;

use Amble\Core\Evidence\SessionBall;

/**
 * One column of the table of balls: how it is written, how it is read back, and under which name a screen gets it.
 * Immutable.
 */
final readonly class BallColumn
{
    /**
     * @param string $type 'text', 'integer', 'float', 'flag' or 'json'
     * @param \Closure(SessionBall): (string|int|float|bool|null)|null $value null for what the session and the place
     *     say
     * @param string|null $shownAs field of the answer a screen gets; null where no screen asks for it
     * @param bool $isEvidence whether a figure may rest on it, so that it is read with every ball
     */
    public function __construct(
        public string $name,
        public string $type,
        public bool $isNullable,
        public ?\Closure $value,
        public ?string $shownAs = null,
        public bool $isEvidence = true,
    ) {}

    /** A cell as it is told: some databases hand out a double as text, and a flag as a number. */
    public function read(mixed $cell): mixed
    {
        return match (true) {
            $cell === null && $this->isNullable => null,
            $this->type === 'integer' => (int) (is_numeric($cell) ? $cell : 0),
            $this->type === 'float' => (float) (is_numeric($cell) ? $cell : 0.0),
            $this->type === 'flag' => (bool) $cell,
            $this->type === 'json' => json_decode(is_string($cell) ? $cell : 'null'),
            default => $cell,
        };
    }
}
