<?php

declare(strict_types=1);

namespace Amble\Core\Reading;

use Amble\Core\Session\SafetyNote;

/**
 * From beside the green: roll it, or chip it. Guidance after what coaches say of the slope, the lie and the room, and
 * no computation of it; schools differ, and touch decides in the end. Immutable.
 */
final readonly class RollOrChip
{
    public const SLOPES = [
        'room' => 'Room to run, level or up',
        'levels' => 'Downhill, then level',
        'falls' => 'It falls away all along',
    ];
    public const LIES = ['fringe' => 'Fringe', 'rough' => 'Rough', 'bare' => 'Bare ground'];

    /** Rough between ball and green that a rolled ball hardly gets through evenly, metres. */
    private const MUCH_ROUGH = 1.5;

    /** From the landing to the hole a chipped ball wants at least this, metres. */
    private const ROOM = 3.0;

    private const LIMITS = 'A rule of thumb: the lie, the grass and the player decide. These balls are logged with club and lie, and do not count as putts from the green.';

    /**
     * @param 'roll'|'chip' $advice
     * @param list<string> $why
     * @param list<string> $cautions
     */
    private function __construct(
        public string $advice,
        public array $why,
        public string $limits,
        public array $cautions,
    ) {}

    /**
     * @param float $rough metres of longer grass before the green
     * @param float $room metres of green from its edge to the hole
     * @param string $school what decides where schools differ: 'slope', 'grass' or 'touch'
     */
    public static function of(string $slope, string $lie, float $rough, float $room, string $school = 'slope'): self
    {
        $toRoll = $toChip = [];
        $isMuch = $lie === 'rough' || $rough > self::MUCH_ROUGH;
        if ($slope === 'falls') {
            $toRoll[] = 'The ground falls away all along: a chipped ball runs off, the rough slows a rolled one.';
        } elseif ($slope === 'levels') {
            $toChip[] = 'The slope levels out: a chipped ball lands on it and is caught.';
        } else {
            $toChip[] = 'There is room to run: a ball chipped onto the green rolls the rest.';
        }
        if ($lie === 'bare') {
            $toRoll[] = 'Bare ground forgives the putter more than the wedge.';
        }
        if ($isMuch) {
            $toChip[] = 'So much longer grass takes a rolled ball unevenly.';
        }
        if ($room < self::ROOM) {
            $toRoll[] = 'There is little green to land on and stop.';
        }
        $rolls = match ($school) {
            'grass' => !$isMuch,
            'touch' => $lie !== 'rough',
            // A slope that falls away all along decides: that is where a chip cannot be held.
            default => $slope === 'falls' ||
                count($toRoll) > count($toChip) ||
                (count($toRoll) === count($toChip) && $lie === 'fringe'),
        };
        $taught = match ($school) {
            'grass' => [
                $isMuch
                    ? 'By your preference much longer grass is chipped over.'
                    : 'By your preference little longer grass is putted through.',
            ],
            'touch' => [
                $rolls
                    ? 'By your preference the putter is used wherever it can be.'
                    : 'By your preference the putter is used wherever it can be, and here it cannot.',
            ],
            default => [],
        };

        return new self(
            $rolls ? 'roll' : 'chip',
            [...$taught, ...$rolls ? [...$toRoll, ...self::against($toChip)] : [...$toChip, ...self::against($toRoll)]],
            self::LIMITS,
            $rolls ? [] : [SafetyNote::Wedges->value],
        );
    }

    /**
     * @param list<string> $others
     *
     * @return list<string>
     */
    private static function against(array $others): array
    {
        return array_map(static fn(string $one): string => 'Against it: ' . lcfirst($one), $others);
    }
}
