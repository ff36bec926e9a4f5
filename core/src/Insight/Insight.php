<?php

declare(strict_types=1);

namespace Amble\Core\Insight;

use Amble\Core\Evidence\RolledBall;
use Amble\Core\Student\BackstrokeCue;

/** One insight: what is seen, what it rests on, and what to try. Immutable. */
final readonly class Insight
{
    /**
     * @param string $key by which a coach sets it aside
     * @param string $seen a sentence, without blame; a length in any of these texts stands in braces, "{3.000 m}"
     * @param string $evidence counts, figures, intervals
     * @param float $cost what it is worth to mend, from 0 to 1
     * @param float $sureness how sure the evidence makes it, from 0 to 1
     * @param string $stamp what the evidence comes to, coarsely: a note set aside stays silent until this changes
     * @param string|null $try what to do, in the student's school
     * @param string|null $otherWay the other reading, or how it would be done otherwise
     * @param string|null $refutedBy what would show it to be wrong
     * @param BackstrokeCue|null $school whose way it is; null where schools do not differ
     * @param list<RolledBall> $balls the very balls it rests on, where it rests on some
     * @param bool $isOfRecord whether it is about what was measured and written, and so the coach's business alone
     * @param list<string> $instead keys of notes that this one makes superfluous: it says why
     */
    public function __construct(
        public string $key,
        public string $seen,
        public string $evidence,
        public float $cost,
        public float $sureness,
        public string $stamp,
        public ?string $try = null,
        public ?string $otherWay = null,
        public ?string $refutedBy = null,
        public ?BackstrokeCue $school = null,
        public array $balls = [],
        public array $instead = [],
        public bool $isOfRecord = false,
    ) {}
}
