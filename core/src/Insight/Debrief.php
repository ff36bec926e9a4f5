<?php

declare(strict_types=1);

namespace Amble\Core\Insight;

use Amble\Core\Plan\PuttingSkill;
use Amble\Core\Report\Finding;
use Amble\Core\Review\MeasureReport;

/**
 * What is said at the end of a session: one sentence an axis, one thing to work at, something for home, and what to
 * begin with next time. A draft, which the coach changes as they like; lengths stand in braces. Immutable.
 */
final readonly class Debrief
{
    /** The measure of a question that is said first, where it is known. */
    private const FIRST = [
        'pace' => ['pace_average', 'pace_spread'],
        'start' => ['start_average', 'start_through'],
        'reads' => ['low_side', 'read_share'],
    ];
    private const AXES = ['pace' => 'Distance', 'start' => 'Start line', 'reads' => 'Reads'];

    /** A week, where the coach says nothing else: a day between two. */
    public const DAYS_AT_HOME = 3;

    /**
     * @param list<string> $axes a sentence each, process before outcome
     * @param string|null $homeDrill key of the drill for home
     */
    private function __construct(
        public array $axes,
        public ?string $workOn,
        public ?string $home,
        public ?int $homeBalls,
        public ?string $homeDrill,
        public string $next,
    ) {}

    /**
     * @param list<Insight> $margin the notes beside the look back, the weightiest first
     * @param PuttingSkill $skill worth the most work
     * @param list<string> $focuses in work already; where there are some they stay
     * @param array{string, int, string}|null $drill what fits a mat at home, its balls and its key
     */
    public static function of(
        MeasureReport $look,
        array $margin,
        PuttingSkill $skill,
        ?array $drill,
        array $focuses = [],
    ): self {
        $axes = [];
        foreach (self::AXES as $question => $name) {
            $finding = self::first($look->answers[$question] ?? [], self::FIRST[$question]);
            if ($finding !== null) {
                $axes[] = "$name: " . lcfirst($finding->sentence);
            }
        }
        $notes = array_values(
            array_filter($margin, static fn(Insight $note): bool => $note->try !== null && !$note->isOfRecord),
        );
        $first = $notes[0] ?? null;

        return new self(
            $axes,
            $focuses === []
                ? $first?->try
                : implode(' ', array_map(static fn(string $focus): string => rtrim($focus, '.') . '.', $focuses)),
            $drill === null ? null : sprintf('%s, %d balls, %d days a week.', $drill[0], $drill[1], self::DAYS_AT_HOME),
            $drill[1] ?? null,
            $drill[2] ?? null,
            $first === null
                ? sprintf('Start with the %s.', $skill->words())
                : sprintf('%s Check that first, then the %s.', $first->seen, $skill->words()),
        );
    }

    /** What the student takes home, line by line. */
    public function forStudent(): string
    {
        return implode("\n", [
            ...$this->axes,
            ...$this->workOn === null ? [] : ["To work on: {$this->workOn}"],
            ...$this->home === null ? [] : ["Homework: {$this->home}"],
        ]);
    }

    /**
     * @param array<string, Finding> $findings by measure
     * @param list<string> $wanted the first of them that is there; else whatever is
     */
    private static function first(array $findings, array $wanted): ?Finding
    {
        foreach ($wanted as $key) {
            if (isset($findings[$key])) {
                return $findings[$key];
            }
        }

        return array_values($findings)[0] ?? null;
    }
}
