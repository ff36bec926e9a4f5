<?php

declare(strict_types=1);

namespace Amble\Core\Drill;

use Amble\Core\Drill\Equipment\EquipmentItem;
use Amble\Core\Drill\Equipment\EquipmentType;
use Amble\Core\Session\SafetyNote;
use Amble\Core\Units\Length;

/** What a coach needs to know to set a drill out, and what results will depend on. This class is immutable. */
final readonly class SetupSheet
{
    /** Names of the checks, as the log keeps them. */
    public const STRAIGHT = 'straight';
    public const GATE_SEEN = 'gate_seen';
    public const LINE_CHOSEN = 'line_chosen';
    public const LENGTHS = 'lengths';
    public const SHORT_ONES = 'short_ones';

    private const SENTENCES = [
        self::GATE_SEEN => 'Seen from behind the ball, the gate is square and its middle is on the line.',
        self::STRAIGHT => 'Two or three balls rolled along the line did not break: the putt is straight.',
        self::LINE_CHOSEN => 'The start line was chosen from behind the ball, and the mark lies on it.',
        self::LENGTHS => 'Each length was measured with a tape, or stepped out and back with the same count.',
        self::SHORT_ONES => 'A putt from the edge of the window is holed most times. If not, practise that putt first.',
    ];

    /** What pieces call for which caution, and how a drill says it in words of its own. */
    private const CALLED_FOR = [
        [
            [
                EquipmentType::Rod,
                EquipmentType::String,
                EquipmentType::Stake,
                EquipmentType::Chalk,
                EquipmentType::Rule,
            ],
            SafetyNote::Trip,
            '/\btrip/',
        ],
        [[EquipmentType::Tee, EquipmentType::Stake], SafetyNote::Stakes, '/greenkeeper/'],
        [[EquipmentType::String], SafetyNote::Cord, '/snap/'],
        [[EquipmentType::Chalk], SafetyNote::Chalk, '/[Cc]halk/'],
        [[EquipmentType::Mirror], SafetyNote::Mirrors, '/[Mm]irror/'],
        [[EquipmentType::Mirror], SafetyNote::Light, '/[Ll]ight/'],
        [
            [EquipmentType::Cup, EquipmentType::Bucket, EquipmentType::Mug],
            SafetyNote::Ricochet,
            '/throw balls back|[Rr]icochet/',
        ],
        [[EquipmentType::Wedge], SafetyNote::Wedges, '/[Ww]edge/'],
    ];

    private DrillRules $drill;

    private function __construct(private Drill $card)
    {
        $this->drill = $card->rules;
    }

    public static function of(Drill $card): self
    {
        return new self($card);
    }

    /** Where the coach stands to see what this drill looks at. */
    public function stand(): string
    {
        return match ($this->drill->pass->axis()) {
            Axis::Line => 'Stand behind the ball, on its line: from there you see where it starts.',
            Axis::Length
                => 'Stand level with the target, on the low side and a few steps off the line: from there you see where each ball stops.',
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
        foreach (self::CALLED_FOR as [$pieces, $caution, $ownWords]) {
            if (
                $this->hasPiece(static fn(EquipmentItem $item): bool => in_array($item->piece, $pieces, true)) &&
                !$this->warns($ownWords)
            ) {
                $added[] = $caution->value;
            }
        }

        return [...$this->card->cautions, ...$added];
    }

    /** @param \Closure(EquipmentItem): bool $is */
    private function hasPiece(\Closure $is): bool
    {
        return array_filter($this->card->kit, $is) !== [];
    }

    /** Whether the drill says this itself, in words of its own. */
    private function warns(string $pattern): bool
    {
        return preg_grep($pattern, $this->card->cautions) !== [];
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
        if ($this->card->asks('roll_m') && $this->drill->target !== TargetKind::None) {
            $keys[] = self::LENGTHS;
        }
        if ($this->drill->putOut !== PutOut::None) {
            $keys[] = self::SHORT_ONES;
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
        return array_map(
            static fn(EquipmentItem $item): array => [
                'words' => $item->words(),
                'name' => $item->name(),
                'pieces' => $item->count,
            ],
            $this->card->kit,
        );
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
        return $this->drill->aidAgainstHole(
            $length,
            $this->aidAngles() === [] ? null : $this->aidAngles()[0]['width']->metres(),
        );
    }
}
