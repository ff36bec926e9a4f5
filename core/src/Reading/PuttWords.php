<?php

declare(strict_types=1);

namespace Amble\Core\Reading;

use Amble\Core\Report\FigureText;
use Amble\Core\Student\Hand;

/** What the drawing of a putt shows, in words. Lengths are marked for the screen's own unit. */
final class PuttWords
{
    /** Aims closer to the middle than this are straight at it, metres. Ours. */
    private const STRAIGHT = 0.01;

    /**
     * @param non-empty-list<PaceLine> $lines the one that is meant first
     * @param Hand|null $hand of the student; null where nobody is chosen
     *
     * @return list<string>
     */
    public static function of(PuttSituation $putt, array $lines, ?Hand $hand): array
    {
        $meant = $lines[0];
        if ($meant->read === null) {
            return array_values(array_filter([$meant->reason, self::others($lines)]));
        }

        return array_values(
            array_filter([
                self::aim($meant) . self::curve($meant, $hand),
                self::pace($putt, $meant),
                self::others($lines),
                self::dying($putt, $meant),
                $putt->worn?->sentence(),
            ]),
        );
    }

    /** Where to aim, or why there is no line. */
    public static function aimed(PaceLine $line): string
    {
        return $line->read === null ? (string) $line->reason : self::aim($line);
    }

    /** "Aim {0.2 m} outside the right edge, 2.4 hole widths from the middle: 3.1° right." */
    private static function aim(PaceLine $line): string
    {
        $aim = (float) $line->read?->aimOffset();
        $side = $aim > 0.0 ? 'right' : 'left';
        $outside = (float) $line->outside();
        $place = match (true) {
            abs($aim) < self::STRAIGHT => 'Aim straight at the middle',
            $outside < 0.0 => sprintf(
                'Aim inside the %s edge, %s from the middle',
                $side,
                FigureText::small(abs($aim)),
            ),
            default => sprintf('Aim %s outside the %s edge', FigureText::metres($outside), $side),
        };
        $widths =
            abs($aim) < self::STRAIGHT
                ? ''
                : sprintf(
                    ', %.1f hole widths from the middle: %s',
                    abs((float) $line->read?->aimInHoles()),
                    FigureText::degrees((float) $line->read?->startLine()),
                );

        return "$place$widths.";
    }

    private static function curve(PaceLine $line, ?Hand $hand): string
    {
        $aim = (float) $line->read?->aimOffset();
        if (abs($aim) < self::STRAIGHT) {
            return '';
        }
        // Started to the right of the hole, the ball curves left.
        $curves = $aim > 0.0 ? 'left' : 'right';

        return " It breaks $curves" .
            match (true) {
                $hand === null => '.',
                ($curves === 'left') === ($hand === Hand::Right) => ', towards the feet.',
                default => ', away from the feet.',
            };
    }

    private static function pace(PuttSituation $putt, PaceLine $line): string
    {
        $plays = (float) $line->read?->playsLike();
        $said = sprintf('Plays like %s on the level', FigureText::metres($plays));

        return $putt->pacePoint === null
            ? sprintf('%s, to stop %s past.', $said, FigureText::metres((float) $line->pace))
            : sprintf(
                '%s. It nearly stops %s before the hole, rolls on and stops %s past.',
                $said,
                FigureText::metres($putt->pacePoint),
                FigureText::metres((float) $line->pace),
            );
    }

    /** @param non-empty-list<PaceLine> $lines */
    private static function others(array $lines): ?string
    {
        $told = [];
        foreach (array_slice($lines, 1) as $line) {
            $aim = $line->read?->aimOffset();
            $told[] = match (true) {
                $aim === null => null,
                abs($aim) < self::STRAIGHT => self::name($line) . ' straight at the middle',
                default => sprintf(
                    '%s %s %s of the middle',
                    self::name($line),
                    FigureText::metres(abs($aim)),
                    $aim > 0.0 ? 'right' : 'left',
                ),
            };
        }
        $told = array_filter($told);

        return $told === [] ? null : ucfirst(implode('; ', $told)) . '.';
    }

    private static function name(PaceLine $line): string
    {
        return match ($line->kind) {
            PaceKind::Dying => 'dying at the hole',
            default => sprintf('firm, %s past,', FigureText::metres((float) $line->pace)),
        };
    }

    private static function dying(PuttSituation $putt, PaceLine $line): ?string
    {
        $before = $line->dying($putt->length->metres());

        return match (true) {
            $before === null => null,
            $before > 0.0 => sprintf('It begins to die %s before the hole.', FigureText::metres($before)),
            default => sprintf('It begins to die %s past the hole.', FigureText::metres(-$before)),
        };
    }
}
