<?php

declare(strict_types=1);

namespace Amble\Core\Session\Event;

use Amble\Core\Json\JsonInput;
use Amble\Core\Session\Companion;
use Amble\Core\Session\SessionFold;
use Amble\Core\Session\Standing;

/** Somebody came, sits out, came back or went. */
final readonly class CompanyNoted extends SessionEvent
{
    public function __construct(string $id, int $atMilliseconds, public Companion $companion)
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
        return new self($id, $at, new Companion(
            $event->text('student', 80),
            Standing::from($event->word('standing', array_column(Standing::cases(), 'value'))),
        ));
    }

    public function apply(SessionFold $fold): void
    {
        $fold->noteCompany($this->companion);
    }
}
