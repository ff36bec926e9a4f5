<?php

declare(strict_types=1);

namespace Amble\Core\Contract;

use Amble\Core\Drill\Drill;
use Amble\Core\Drill\Equipment\EquipmentType;
use Amble\Core\Drill\Finding\FindingKind;
use Amble\Core\Drill\Finding\FindingKinds;
use Amble\Core\Drill\Kind\Figure;
use Amble\Core\Drill\Kind\KindDescription;
use Amble\Core\Drill\Kind\Kinds;
use Amble\Core\Drill\Pass\PassContext;
use Amble\Core\Steps\StepRule;

/** What the core says of a drill, and of all a drill can be made of, as JSON. */
final class DrillShape
{
    /** @return array<string, mixed> ready for JSON */
    public static function toArray(Drill $card): array
    {
        return [
            'rule' => $card->words->rule,
            'course' => $card->words->course,
            'steps_words' => $card->rules->stepRule->words(),
            'can_be_holed' => $card->rules->target->canBeHoled(),
            'judges' => $card->rules->pass->judges(),
            'needs' => $card->rules->needs(),
            'asks' => $card->asks,
            'finds' => array_map(static fn(string $kind): string => FindingKinds::KINDS[$kind]::label(), $card->finds),
            'zones' => self::zones($card),
        ];
    }

    /** @return array<string, mixed> every kind there is, ready for JSON */
    public static function kinds(): array
    {
        $findings = FindingKinds::KINDS;

        return array_map(self::listed(...), Kinds::shipped()->cards()) + [
            'pieces' => array_map(
                static fn(EquipmentType $piece): array => [
                    'piece' => $piece->value,
                    'one' => $piece->words()[0],
                    'several' => $piece->words()[1],
                ],
                EquipmentType::cases(),
            ),
            'step_rule' => StepRule::usual()->toArray(),
            'findings' => array_map(
                /** @param class-string<FindingKind> $class */
                static fn(string $kind, string $class): array => ['kind' => $kind, 'label' => $class::label()],
                array_keys($findings),
                array_values($findings),
            ),
        ];
    }

    /**
     * @param array<string, KindDescription> $cards
     *
     * @return list<array<string, mixed>>
     */
    private static function listed(array $cards): array
    {
        $listed = [];
        foreach ($cards as $kind => $card) {
            $listed[] = [
                'kind' => $kind,
                'label' => $card->label,
                'words' => $card->words,
                'figures' => array_map(
                    static fn(Figure $figure): array => [
                        'field' => $figure->field,
                        'label' => $figure->label,
                        'kind' => $figure->kind->value,
                        'usual' => $figure->usual,
                    ],
                    $card->figures,
                ),
            ];
        }

        return $listed;
    }

    /**
     * What passes at each end of each station, with the step it begins at and each task a ball may be told.
     *
     * @return list<array<string, mixed>>
     */
    private static function zones(Drill $card): array
    {
        $drill = $card->rules;
        $step = $drill->steps?->width($drill->steps->ladder($drill->startStep));
        $zones = [];
        foreach ($drill->stations as $station) {
            foreach ($station->isScattered() ? [$station->from, $station->to] : [$station->from] as $length) {
                foreach ($drill->tasks === [] ? [null] : array_unique($drill->tasks, SORT_REGULAR) as $task) {
                    $acceptance = $drill->pass->acceptance(new PassContext($length, $task, $step));
                    $zones[] = [
                        'length_m' => $length->metres(),
                        'task' => $task?->value,
                        'passes_if' => ReplayComputation::acceptance($acceptance),
                    ];
                }
            }
        }

        return $zones;
    }
}
