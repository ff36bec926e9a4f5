<?php

declare(strict_types=1);

namespace Amble\Core\Session\Event;

use Amble\Core\Json\JsonInput;
use Amble\Core\Session\CheckAttempt;
use Amble\Core\Session\SessionFold;

/** Something about a student was checked, once. */
final readonly class CheckAttempted extends SessionEvent
{
    /** No check asks for more. */
    private const MOST_ANSWERS = 12;

    private const LONGEST_ANSWER = 80;

    public function __construct(string $id, int $atMilliseconds, public CheckAttempt $try)
    {
        parent::__construct($id, $atMilliseconds);
    }

    public static function type(): string
    {
        return 'check_tried';
    }

    public static function version(): int
    {
        return 1;
    }

    public static function read(JsonInput $event, string $id, int $at, int $version): self
    {
        return new self(
            $id,
            $at,
            new CheckAttempt(
                $id,
                $at,
                $event->has('student') ? $event->text('student', 80) : null,
                $event->text('check', 40),
                $event->scalars('answers', self::MOST_ANSWERS, self::LONGEST_ANSWER),
            ),
        );
    }

    public function apply(SessionFold $fold): void
    {
        $fold->addCheck($this->try);
    }
}
