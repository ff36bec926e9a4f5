<?php

declare(strict_types=1);

namespace Amble\Core\Device;

/** Where a figure comes from that no coach read off a ruler. */
enum FigureSource: string
{
    case Simulated = 'simulated';
    case Device = 'device';
    case File = 'file';

    public function label(): string
    {
        return match ($this) {
            self::Simulated => 'A simulated device',
            self::Device => 'A device',
            self::File => 'A file',
        };
    }

    /** @return non-empty-array<string, string> by value */
    public static function labels(): array
    {
        $labels = [];
        foreach (self::cases() as $case) {
            $labels[$case->value] = $case->label();
        }

        return $labels;
    }
}
