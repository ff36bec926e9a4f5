<?php

declare(strict_types=1);

namespace Amble\Core\Session\Event;

use Amble\Core\Json\JsonInput;
use Amble\Core\Session\ChecklistAnswer;
use Amble\Core\Session\PointAnswer;
use Amble\Core\Session\SessionFold;

/** A point of a card was looked at, or is taken as not looked at again. */
final readonly class ChecklistAnswered extends SessionEvent
{
    private const LONGEST_WORD = 200;

    public function __construct(string $id, int $atMilliseconds, public ChecklistAnswer $point)
    {
        parent::__construct($id, $atMilliseconds);
    }

    public static function type(): string
    {
        return 'card_point_seen';
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
            new ChecklistAnswer(
                $at,
                $event->has('student') ? $event->text('student', 80) : null,
                $event->text('card', 40),
                $event->text('point', 40),
                $event->enumOrNull('sight', PointAnswer::class),
                $event->has('word') ? $event->text('word', self::LONGEST_WORD) : null,
            ),
        );
    }

    public function apply(SessionFold $fold): void
    {
        $fold->seePoint($this->point);
    }
}
