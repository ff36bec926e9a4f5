<?php

declare(strict_types=1);

namespace Amble\Core\Simulation;

/** One thing a walk along does, and why a coach does it. Immutable. */
final readonly class ScriptStep
{
    /**
     * @param string $key what it is, the same whenever it is asked for again
     * @param string $says one or two sentences for whoever watches; lengths in braces, {0.450 m}
     * @param list<array<string, mixed>> $events for the log, without ids and times
     * @param array{list<float>, list<float>}|null $ramp metres rolled there and back, as the reading then stands
     * @param bool $begins the drill
     * @param array{string, string}|null $notes for the student and for next time
     */
    public function __construct(
        public string $key,
        public ScriptScreen $place,
        public string $says,
        public array $events = [],
        public ?array $ramp = null,
        public bool $begins = false,
        public ?array $notes = null,
        public bool $ends = false,
    ) {}
}
