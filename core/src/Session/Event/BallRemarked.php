<?php

declare(strict_types=1);

namespace Amble\Core\Session\Event;

use Amble\Core\Json\JsonInput;
use Amble\Core\Session\Remarks;
use Amble\Core\Session\SessionFold;

/**
 * Something was said of an earlier ball: its mark and cause take the place of those it had, answers are
 * laid over what was seen.
 */
final readonly class BallRemarked extends SessionEvent
{
    /** What version 1 said anew with every remark. */
    private const SAID_ANEW = ['held' => null, 'rehearsals' => null, 'putts_to_finish' => null];

    /** @param array<string, string|bool|int|float|null> $answers by name; null takes one back */
    public function __construct(
        string $id,
        int $atMilliseconds,
        public string $puttId,
        public Remarks $remarks,
        public array $answers = [],
    ) {
        parent::__construct($id, $atMilliseconds);
    }

    public static function type(): string
    {
        return 'putt_remarked';
    }

    public static function version(): int
    {
        return 2;
    }

    public static function read(JsonInput $event, string $id, int $at, int $version): self
    {
        $answers = BallReader::answers($event, $version);

        return new self(
            $id,
            $at,
            $event->text('putt_id', 40),
            BallReader::remarks($event),
            $version === 1 ? array_intersect_key($answers, self::SAID_ANEW) + self::SAID_ANEW : $answers,
        );
    }

    public function apply(SessionFold $fold): void
    {
        $fold->remark($this->puttId, $this->remarks, $this->answers);
    }
}
