<?php

declare(strict_types=1);

namespace Amble\Core\Drill;

use Amble\Core\Drill\Equipment\EquipmentType;
use Amble\Core\Drill\Finding\FindingKinds;
use Amble\Core\Drill\Kind\Kinds;
use Amble\Core\Student\BackstrokeCue;

/** The JSON Schema of a drill: what hangs on kinds comes from the kinds, the rest stands in the file. */
final class DrillSchema
{
    /**
     * @param array<string, mixed> $schema as it stands in the file, decoded
     *
     * @return array<string, mixed> the same with every kind as it is now
     */
    public static function completed(array $schema, ?Kinds $kinds = null): array
    {
        $kinds ??= Kinds::shipped();
        $words = static fn(array $words): array => ['type' => 'array', 'items' => ['enum' => $words]];
        $drill =
            [
                'purpose' => ['enum' => array_column(Purpose::cases(), 'value')],
                'schools' => $words(array_column(BackstrokeCue::cases(), 'value')),
                'asks' => $words(DrillReader::askable()) + [
                    'description' => 'Observations of each ball, besides what its rule needs.',
                ],
                'finds' => $words(array_keys(FindingKinds::KINDS)) + [
                    'description' => 'Results of a run when it is over, the drill\'s own figure first.',
                ],
                'target' => ['enum' => array_column(TargetKind::cases(), 'value')],
                'on_miss' => ['enum' => array_column(OnMiss::cases(), 'value')],
                'tasks' => $words(array_column(BallTask::cases(), 'value')),
                'putt_out' => ['enum' => array_column(PutOut::cases(), 'value')],
            ] + $kinds->schema();
        $piece = ['enum' => array_column(EquipmentType::cases(), 'value')];

        return self::with(self::with($schema, 'drill', $drill), 'piece', ['piece' => $piece]);
    }

    /**
     * @param array<string, mixed> $schema
     * @param array<string, mixed> $properties in place of what stood there
     *
     * @return array<string, mixed>
     */
    private static function with(array $schema, string $def, array $properties): array
    {
        if (
            is_array($schema['$defs'] ?? null) &&
            is_array($schema['$defs'][$def] ?? null) &&
            is_array($schema['$defs'][$def]['properties'] ?? null)
        ) {
            $schema['$defs'][$def]['properties'] = array_replace($schema['$defs'][$def]['properties'], $properties);
        }

        return $schema;
    }
}
