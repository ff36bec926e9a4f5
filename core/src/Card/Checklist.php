<?php

declare(strict_types=1);

namespace Amble\Core\Card;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Json\JsonInput;

/** An ordered list of points that are looked at, or done in order. This class is immutable. */
final readonly class Checklist
{
    public const LONGEST_KEY = 40;
    private const MOST_POINTS = 20;
    private const LONGEST_TITLE = 80;
    private const LONGEST_TEXT = 160;
    private const MOST_TIMES = 20;

    /** @param non-empty-list<ChecklistPoint> $points in order */
    public function __construct(
        public string $key,
        public ChecklistKind $kind,
        public string $title,
        public array $points,
    ) {}

    /** @throws InvalidInput If a field is missing or too long, it has no points or too many, or two of one key. */
    public static function read(string $key, JsonInput $given): self
    {
        $points = [];
        foreach ($given->objects('points') as $point) {
            $own = $point->text('key', self::LONGEST_KEY);
            if (isset($points[$own])) {
                throw InvalidInput::at($point->path('key'), 'Each point needs a key of its own.');
            }
            $points[$own] = new ChecklistPoint(
                $own,
                $point->text('text', self::LONGEST_TEXT),
                $point->has('times') ? $point->wholeNumber('times', 0, self::MOST_TIMES) : null,
                $point->flagOr('is_of_feet', false),
            );
        }
        if ($points === [] || count($points) > self::MOST_POINTS) {
            throw InvalidInput::at(
                $given->path('points'),
                sprintf('A checklist has 1 to %d points.', self::MOST_POINTS),
            );
        }

        return new self(
            $key,
            $given->enum('kind', ChecklistKind::class),
            $given->text('title', self::LONGEST_TITLE),
            array_values($points),
        );
    }

    /** The same without what this student's school does not look at; the whole card where nothing else is on it. */
    public function withoutFeet(): self
    {
        $points = array_values(
            array_filter($this->points, static fn(ChecklistPoint $point): bool => !$point->isOfFeet),
        );

        return $points === [] ? $this : new self($this->key, $this->kind, $this->title, $points);
    }

    /** @return array<string, mixed> ready for JSON */
    public function toArray(): array
    {
        return [
            'kind' => $this->kind->value,
            'title' => $this->title,
            'points' => array_map(
                static fn(ChecklistPoint $point): array => [
                    'key' => $point->key,
                    'text' => $point->text,
                    'times' => $point->times,
                    'is_of_feet' => $point->isOfFeet,
                ],
                $this->points,
            ),
        ];
    }
}
