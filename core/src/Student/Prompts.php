<?php

declare(strict_types=1);

namespace Amble\Core\Student;

use Amble\Core\Card\Checklist;
use Amble\Core\Card\ChecklistPoint;
use Amble\Core\Report\FigureText;

/** What is said beside the lane: the student's own routine and school, and never two that clash. */
final class Prompts
{
    /** Lengths within so much of one are about the same, share. */
    private const ABOUT = 0.15;

    /** Answers to what comes after contact that leave the eyes on the ball. */
    private const WATCHES = ['follow', 'hole'];

    /**
     * @param Checklist|null $recipe the student's routine
     * @param Checklist|null $views the places from which they read
     * @param list<array{float, float}> $shoePlaces length and distance from ball to shoe, metres, where the feet
     *     regulate it
     *
     * @return list<Prompt> before the ball first
     */
    public static function of(
        StudentProfile $about,
        TeachingPreferences $schools,
        ?Checklist $recipe,
        array $shoePlaces = [],
        ?Checklist $views = null,
    ): array {
        return array_values(
            array_filter([
                $views === null ? null : self::steps($views),
                $about->readFrom === null
                    ? null
                    : new Prompt(sprintf('Read from %s behind the ball.', FigureText::metres($about->readFrom))),
                $recipe === null ? null : self::steps($recipe),
                match ($schools->answer('rehearse')) {
                    'behind' => new Prompt('Rehearse behind the ball.'),
                    'nowhere' => new Prompt('No rehearsal.'),
                    default => null,
                },
                ...$schools->answer('feet') === 'regulator' ? self::shoe($shoePlaces) : [],
                ...self::mark($about, $schools),
                match ($schools->answer('path')) {
                    'arc' => new Prompt('This student’s path is a slight arc.'),
                    'straight' => new Prompt('This student’s path is straight.'),
                    'gravity' => new Prompt('Let gravity swing it.'),
                    default => null,
                },
                self::after($schools),
            ]),
        );
    }

    /**
     * What is asked of a ball that missed and went past, of those who watch it go: whoever holds still is asked nothing
     * that wants their eyes.
     *
     * @return list<string> names of things seen
     */
    public static function afterMiss(TeachingPreferences $schools): array
    {
        return in_array($schools->answer('after'), self::WATCHES, true) ? ['curved_beyond', 'sloped_beyond'] : [];
    }

    /**
     * The place of the shoe for about this length; without any measured, what would tell it.
     *
     * @param list<array{float, float}> $places
     *
     * @return list<Prompt>
     */
    private static function shoe(array $places): array
    {
        return $places === []
            ? [new Prompt('The trail shoe marks the end of the backstroke: measure its positions in Checks.')]
            : array_map(
                static fn(array $place): Prompt => new Prompt(
                    sprintf(
                        'The trail shoe %s from the ball, for %s.',
                        FigureText::small($place[1]),
                        FigureText::metres($place[0]),
                    ),
                    (1.0 - self::ABOUT) * $place[0],
                    (1.0 + self::ABOUT) * $place[0],
                ),
                $places,
            );
    }

    /** @return list<Prompt> */
    private static function mark(StudentProfile $about, TeachingPreferences $schools): array
    {
        return match ($schools->answer('mark')) {
            'line' => [new Prompt('Set the line on the ball on the start line, not at the hole.')],
            'near' => [
                new Prompt('Set the line on the ball on the start line.', null, $about->markTo),
                ...$about->markTo === null
                    ? []
                    : [new Prompt('Aim over a spot; no line at this length.', $about->markTo)],
            ],
            'ahead' => [new Prompt('Aim over a spot just ahead of the ball.')],
            'part' => [new Prompt('Aim over a spot part of the way.')],
            default => [],
        };
    }

    /** Counting, waiting and watching exclude each other: only one is asked. */
    private static function after(TeachingPreferences $schools): Prompt
    {
        return new Prompt(
            match ($schools->answer('after')) {
                'rest' => 'Then hold still until the ball rests.',
                'stroke' => 'Then eyes down while the stroke lasts.',
                'call' => 'Then call it before looking.',
                'follow' => 'Then follow it closely.',
                'hole' => 'The hole in view throughout.',
                default => 'Then hold still for a count of three.',
            },
        );
    }

    private static function steps(Checklist $card): Prompt
    {
        return new Prompt(sprintf('%s: %s.', $card->title, implode('; ', array_map(self::point(...), $card->points))));
    }

    private static function point(ChecklistPoint $point): string
    {
        return $point->times === null || $point->times === 0
            ? $point->text
            : sprintf('%s, %d', $point->text, $point->times);
    }
}
