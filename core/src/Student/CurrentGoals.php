<?php

declare(strict_types=1);

namespace Amble\Core\Student;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Json\JsonInput;

/**
 * What is in work with a student: why they came, what for, the one thing or two that are worked at, the faults that
 * are known. More than two at once need a reason, which is kept. This class is immutable.
 */
final readonly class CurrentGoals
{
    /** One or two things at a time; more of them at once is nobody's focus. */
    public const CAP = 2;

    private const MOST = 12;
    private const LONGEST = 300;

    /**
     * @param Complaint|null $about what the complaint is about, so that the balls can answer it
     * @param list<Focus> $focuses
     * @param list<Fault> $faults
     */
    private function __construct(
        public ?string $complaint,
        public ?Complaint $about,
        public ?string $goal,
        public array $focuses,
        public array $faults,
    ) {}

    public static function nothing(): self
    {
        return new self(null, null, null, [], []);
    }

    /** @throws InvalidInput If a focus beyond the cap has no reason, or a text is missing or too long. */
    public static function read(JsonInput $given): self
    {
        $text = static fn(JsonInput $from, string $field): ?string => $from->has($field)
            ? $from->text($field, self::LONGEST)
            : null;
        $focuses = [];
        foreach (array_slice($given->objectsOrNone('focuses'), 0, self::MOST) as $i => $focus) {
            $reason = $text($focus, 'reason');
            if ($i >= self::CAP && $reason === null) {
                throw InvalidInput::at(
                    $focus->path('reason'),
                    sprintf('More than %d at once: enter why this one too.', self::CAP),
                );
            }
            $focuses[] = new Focus($focus->text('text', self::LONGEST), $reason);
        }
        $faults = array_map(
            static fn(JsonInput $fault): Fault => new Fault(
                $fault->text('fault', self::LONGEST),
                $text($fault, 'shows'),
                $text($fault, 'cure'),
                $fault->flagOr('is_open', true),
            ),
            array_slice($given->objectsOrNone('faults'), 0, self::MOST),
        );

        return new self(
            $text($given, 'complaint'),
            $given->enumOrNull('about', Complaint::class),
            $text($given, 'goal'),
            $focuses,
            $faults,
        );
    }

    /** @return array<string, mixed> ready for JSON */
    public function toArray(): array
    {
        return [
            'complaint' => $this->complaint,
            'about' => $this->about?->value,
            'goal' => $this->goal,
            'focuses' => array_map(
                static fn(Focus $focus): array => ['text' => $focus->text, 'reason' => $focus->reason],
                $this->focuses,
            ),
            'faults' => array_map(
                static fn(Fault $fault): array => [
                    'fault' => $fault->fault,
                    'shows' => $fault->shows,
                    'cure' => $fault->cure,
                    'is_open' => $fault->isOpen,
                ],
                $this->faults,
            ),
        ];
    }
}
