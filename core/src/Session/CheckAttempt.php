<?php

declare(strict_types=1);

namespace Amble\Core\Session;

/** One try at a check, as it was entered: what its answers mean is its kind's to say. This class is immutable. */
final readonly class CheckAttempt
{
    /**
     * @param string $id of the event it came with
     * @param string|null $student null for whoever the session was begun for
     * @param string $kind key of the kind of check
     * @param array<string, string|bool|int|float> $answers by field
     */
    public function __construct(
        public string $id,
        public int $atMilliseconds,
        public ?string $student,
        public string $kind,
        public array $answers,
    ) {}
}
