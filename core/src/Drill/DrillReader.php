<?php

declare(strict_types=1);

namespace Amble\Core\Drill;

use Amble\Core\Drill\Equipment\EquipmentItem;
use Amble\Core\Drill\Finding\FindingKinds;
use Amble\Core\Drill\Kind\Kinds;
use Amble\Core\Drill\Level\DrillLevel;
use Amble\Core\Exception\InvalidInput;
use Amble\Core\Json\JsonInput;
use Amble\Core\Session\Observation\ObservationTypes;
use Amble\Core\Student\BackstrokeCue;

/** Reads a drill with all it says of itself, and refuses what cannot be, at the field and in a sentence. */
final class DrillReader
{
    /** What a card has besides its rules. */
    public const FIELDS = [
        'key',
        'name',
        'why',
        'meaning',
        'trains',
        'purpose',
        'minutes',
        'places',
        'kit',
        'cautions',
        'dose',
        'progression',
        'level',
        'group',
        'schools',
        'asks',
        'finds',
    ];

    /** What is noted of a ball beside what is seen of it. */
    private const MEASURED = ['roll_m', 'backstroke_m'];
    private const PLACES = ['green', 'mat'];
    private const MOST_LEVELS = 8;
    private const MOST_PIECES = 20;

    /** @var non-empty-list<string>|null */
    private static ?array $askable = null;

    /** @throws InvalidInput If a field is missing, unknown or out of range, or fields contradict one another. */
    public static function read(JsonInput $card, ?Kinds $kinds = null): Drill
    {
        $rules = DrillRulesReader::read($card, $kinds);
        $levels = self::listed($card, 'progression', self::MOST_LEVELS, DrillLevel::read(...));
        $text = static fn(string $field, int $longest): ?string => $card->has($field)
            ? $card->text($field, $longest)
            : null;

        return new Drill(
            key: $card->text('key', 60),
            name: $card->text('name', 80),
            why: $text('why', 600),
            meaning: $text('meaning', 600),
            trains: $card->textsOrNone('trains', 40),
            purpose: $card->enumOrNull('purpose', Purpose::class),
            minutes: $card->has('minutes') ? $card->wholeNumber('minutes', 1, 180) : null,
            places: $card->wordsOrNone('places', self::PLACES),
            kit: self::listed($card, 'kit', self::MOST_PIECES, EquipmentItem::read(...)),
            cautions: $card->textsOrNone('cautions', 300),
            dose: $text('dose', 200),
            levels: $levels,
            level: max(0, $card->wholeNumberOr('level', 0, count($levels), 0)),
            isForGroup: $card->flagOr('group', false),
            schools: $card->wordsOrNone('schools', array_column(BackstrokeCue::cases(), 'value')),
            asks: array_values(array_unique([...$rules->needs(), ...$card->wordsOrNone('asks', self::askable())])),
            finds: self::finds($card, $rules),
            rules: $rules,
            words: RuleWords::of($card, $rules, $kinds),
        );
    }

    /** @return non-empty-list<string> what a drill may ask of each ball */
    public static function askable(): array
    {
        return self::$askable ??= [...self::MEASURED, ...ObservationTypes::askable()];
    }

    /** @return non-empty-list<string> */
    private static function finds(JsonInput $card, DrillRules $rules): array
    {
        $asked = $card->wordsOrNone('finds', array_keys(FindingKinds::KINDS));

        return $asked === [] ? FindingKinds::usual($rules) : $asked;
    }

    /**
     * @template T
     *
     * @param \Closure(JsonInput): T $read
     *
     * @return list<T>
     */
    private static function listed(JsonInput $card, string $field, int $most, \Closure $read): array
    {
        $items = $card->objectsOrNone($field);

        return count($items) <= $most
            ? array_map($read, $items)
            : throw InvalidInput::at($card->path($field), "There are at most $most of these.");
    }
}
