<?php

declare(strict_types=1);

namespace Amble\Core\Session\Event;

use Amble\Core\Json\JsonInput;
use Amble\Core\Session\GroupMember;
use Amble\Core\Session\Presence;
use Amble\Core\Session\SessionFold;

/** Somebody came, sits out, came back or went. */
final readonly class PresenceNoted extends SessionEvent
{
    public function __construct(string $id, int $atMilliseconds, public GroupMember $companion)
    {
        parent::__construct($id, $atMilliseconds);
    }

    public static function type(): string
    {
        return 'company_noted';
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
            new GroupMember($event->text('student', 80), $event->enum('standing', Presence::class)),
        );
    }

    public function apply(SessionFold $fold): void
    {
        $fold->noteCompany($this->companion);
    }
}
