<?php

declare(strict_types=1);

namespace Amble\Core\Drill;

use Amble\Core\Session\Caution;
use Amble\Core\Units\Length;

/** What a coach needs to know to set a drill out, and what results will depend on. This class is immutable. */
final readonly class SetOutSheet
{
    /** Names of the checks, as the log keeps them. */
    public const STRAIGHT = 'straight';
    public const GATE_SEEN = 'gate_seen';
    public const LINE_CHOSEN = 'line_chosen';
    public const LENGTHS = 'lengths';

    private const SENTENCES = [
        self::GATE_SEEN => 'Seen from behind the ball, the gate stands square, and its middle is on the line.',
        self::STRAIGHT => 'Two or three balls rolled along the line did not break: the putt is straight.',
        self::LINE_CHOSEN => 'The start line was chosen from behind the ball, and the mark lies on it.',
        self::LENGTHS => 'Each length was taped, or paced there and back with the same count.',
    ];

    /**
     * @param list<string> $kit as the drill lists it
     * @param list<string> $ownCautions the drill's own
     */
    private function __construct(private Drill $drill, private array $kit, private array $ownCautions)
    {
    }

    /**
     * @param list<string> $kit pieces in words, with their number in front where it matters: "3 tees"
     * @param list<string> $ownCautions sentences the drill brings along
     */
    public static function of(Drill $drill, array $kit, array $ownCautions = []): self
    {
        return new self($drill, $kit, $ownCautions);
    }

    /** Where the coach stands to see what this drill looks at. */
    public function stand(): string
    {
        return match ($this->drill->pass->axis()) {
            Axis::Line => 'Stand behind the ball, on its line: from there you see where it starts.',
            Axis::Length => 'Stand level with the target, on the low side and a few steps off the line: from there you see where each ball stops.',
            Axis::Both => 'Stand behind the ball for the start, then step to the low side while it rolls.',
        };
    }

    public function walkingLine(): string
    {
        return 'Walk out and back on one side, two steps off the line, and pick up only when nobody is over a ball.';
    }

    /** @return list<string> the drill's own, then those its kit calls for and it does not say itself */
    public function cautions(): array
    {
        $added = [];
        if ($this->mentions($this->kit, '/\b(rod|string|stakes?|rule|chalk line)\b/') && !$this->mentions($this->ownCautions, '/\btrip/')) {
            $added[] = Caution::Trip->value;
        }
        if ($this->mentions($this->kit, '/\b(tees?|stakes?)\b/') && !$this->mentions($this->ownCautions, '/greenkeeper/')) {
            $added[] = Caution::Stakes->value;
        }

        return [...$this->ownCautions, ...$added];
    }

    /** @param list<string> $texts */
    private function mentions(array $texts, string $pattern): bool
    {
        return preg_grep($pattern, $texts) !== [];
    }

    /** @return array<string, string> what to look at before results can be trusted: sentences by name */
    public function checks(): array
    {
        $keys = [];
        if ($this->drill->aid !== null) {
            $keys = $this->breaks() ? [self::LINE_CHOSEN] : [self::STRAIGHT];
            if ($this->drill->aid->kind === AidKind::Gate) {
                array_unshift($keys, self::GATE_SEEN);
            }
        }
        if (in_array('roll_m', $this->drill->needs(), true)) {
            $keys[] = self::LENGTHS;
        }

        return array_intersect_key(self::SENTENCES, array_flip($keys));
    }

    private function breaks(): bool
    {
        foreach ($this->drill->stations as $station) {
            if ($station->across->percent() !== 0.0) {
                return true;
            }
        }

        return false;
    }

    /** @return list<array{words: string, name: string, pieces: int|null}> pieces null where any number will do */
    public function kit(): array
    {
        return array_map(static function (string $words): array {
            $isCounted = preg_match('/^(\d+) (.+)$/', $words, $parts) === 1;

            // One of a thing is not numbered in words, but comes back all the same.
            return [
                'words' => $words,
                'name' => $isCounted ? $parts[2] : $words,
                'pieces' => $isCounted ? (int) $parts[1] : ($words === 'balls' ? null : 1),
            ];
        }, $this->kit);
    }

    /**
     * The widths the aid will have, each with the largest start-line error that still passes.
     *
     * @return list<array{width: Length, half_angle: float}> widest as the drill steps; radians (maths.md 4.1)
     */
    public function aidAngles(): array
    {
        $aid = $this->drill->aid;
        if ($aid === null || $aid->width === null) {
            return [];
        }
        $angles = [];
        foreach ($this->drill->steps === null ? [$aid->width] : $this->drill->steps->widths as $width) {
            $angle = $aid->halfAngle($width);
            if ($angle !== null) {
                $angles[] = ['width' => $width, 'half_angle' => $angle];
            }
        }

        return $angles;
    }

    /** What the aid's first width lets through against the hole at a length; null where there is no aid or no hole. */
    public function aidAgainstHole(Length $length): ?AgainstHole
    {
        return $this->drill->aidAgainstHole($length, $this->aidAngles() === [] ? null : $this->aidAngles()[0]['width']->metres());
    }
}
