<?php

declare(strict_types=1);

namespace Amble\Core\Reading;

use Amble\Core\Report\FigureText;

/** What came of a called putt, in words. */
final class QuizWords
{
    /** @return list<string> */
    public static function of(QuizAnswer $guess): array
    {
        $ball = $guess->ball();

        return [
            self::aim($guess),
            self::pace($guess),
            match (true) {
                $ball->isHoled => 'It drops.',
                $ball->leave === null => 'It does not come to rest.',
                default => sprintf(
                    'It leaves %s%s.',
                    FigureText::metres($ball->leave),
                    $ball->back() === null ? ', a tap-in' : ', ' . $ball->back(),
                ),
            },
        ];
    }

    private static function aim(QuizAnswer $guess): string
    {
        $called = self::beside($guess->aim);
        if ($guess->isAimRight()) {
            return "The aim is right: $called, at this pace.";
        }

        return sprintf(
            'Aimed %s; at this pace it needs %s. %s',
            $called,
            self::beside($guess->needed),
            match (true) {
                $guess->aim * $guess->needed < 0.0 => 'The call broke the other way.',
                $guess->underread() > 0.0 => 'Too little break.',
                default => 'Too much break.',
            },
        );
    }

    private static function pace(QuizAnswer $guess): string
    {
        $percent = (int) round(100.0 * $guess->paceError());

        return sprintf(
            'Called to play like %s; it plays like %s%s.',
            FigureText::metres($guess->plays),
            FigureText::metres((float) $guess->real->playsLike()),
            $guess->isPaceRight()
                ? ': right'
                : sprintf(': %d %% %s', abs($percent), $percent > 0 ? 'too much' : 'too little'),
        );
    }

    private static function beside(float $metres): string
    {
        return abs($metres) < 0.01
            ? 'at the middle'
            : sprintf('%s %s', FigureText::metres(abs($metres)), $metres > 0.0 ? 'right' : 'left');
    }
}
