<?php

declare(strict_types=1);

namespace Amble\Core\Drill;

use Amble\Core\Drill\Kind\Figure;
use Amble\Core\Drill\Kind\FigureKind;
use Amble\Core\Drill\Kind\KindDescription;
use Amble\Core\Drill\Kind\Kinds;
use Amble\Core\Json\JsonInput;

/**
 * A drill's rule in words, as its kinds say it.
 *
 * A length stands in braces for the screen to show in the coach's unit: "{0.500 m}", and "{0.085 w}" for a width.
 * This class is immutable.
 */
final readonly class RuleWords
{
    private const TARGETS = [
        'hole' => ' at the hole',
        'edge' => ' at the edge',
        'ring' => ' at the ring',
        'rail' => ' at the hole with a rod behind',
        'stand' => ' at the object',
        'ball' => ' at the other ball',
        'tee' => ' at the tee',
        'none' => ', to open ground',
    ];
    private const AIDS = ['gate' => 'the gate', 'rail' => 'the ruler', 'chalk' => 'the line', 'spot' => 'the spot'];
    private const MISSES = [
        'nothing' => '',
        'again' => 'a miss is repeated',
        'restart_station' => 'a miss restarts the station',
        'restart_all' => 'a miss restarts the drill',
    ];

    /**
     * @param string $rule what a ball is to do
     * @param string $course in which order, what a miss does, and when it ends
     */
    private function __construct(public string $rule, public string $course) {}

    /** @param JsonInput $card that the rules were read from */
    public static function of(JsonInput $card, DrillRules $rules, ?Kinds $kinds = null): self
    {
        $kinds ??= Kinds::shipped();
        [$pass, $end] = [$card->object('pass'), $card->object('end')];
        $each = $rules->ballsEach === 1 ? 'One ball' : "$rules->ballsEach balls";
        $passing = self::filled($kinds->passes[$pass->word('kind', array_keys($kinds->passes))]->card, $pass, $rules);
        $course = array_filter([
            $rules->order->words,
            self::MISSES[$rules->onMiss->value],
            self::filled($kinds->ends[$end->word('kind', array_keys($kinds->ends))]->card, $end, $rules),
        ]);

        return new self(
            sprintf(
                '%s a station%s; each %s%s.',
                $each,
                self::TARGETS[$rules->target->value],
                $rules->pass->judges() ? 'passes if it ' : '',
                $passing,
            ),
            ucfirst(implode('; ', $course)) . '.',
        );
    }

    private static function filled(KindDescription $card, JsonInput $rule, DrillRules $rules): string
    {
        $values = $card->read($rule);
        $width = $rules->aidWidth($rules->steps?->width($rules->steps->ladder($rules->startStep)));
        $words = [
            '{aid}' => self::AIDS[$rules->aid->kind->value ?? 'chalk'],
            '{width}' => $width === null ? '' : sprintf(', {%.4f w} wide', $width),
        ];
        foreach ($card->figures as $figure) {
            $words["{{$figure->field}}"] = self::shown($figure, $values[$figure->field]);
        }

        return strtr($card->words, $words);
    }

    private static function shown(Figure $figure, float $value): string
    {
        return match ($figure->kind) {
            FigureKind::Share => rtrim(rtrim(sprintf('%.1f', 100.0 * $value), '0'), '.') . ' %',
            FigureKind::Roll => sprintf('{%.4f m}', $value),
            default => (string) (int) $value,
        };
    }
}
