<?php

declare(strict_types=1);

namespace Amble\Core\Contract;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Green\GreenSpeed;
use Amble\Core\Json\JsonInput;
use Amble\Core\Strokes\ExpectedPutts;
use Amble\Core\Strokes\Player;
use Amble\Core\Units\Length;

final class StrokesComputation implements Computation
{
    public function answer(JsonInput $input): array
    {
        $lengths = self::lengths($input);
        $line = $input->object('start_line');
        $distance = $input->object('distance');
        $player = Player::of(
            deg2rad($line->number('bias_deg')),
            deg2rad($line->number('spread_deg')),
            $distance->number('bias'),
            $distance->number('spread'),
            $input->number('pace_m'),
        );
        $putts = new ExpectedPutts($player, GreenSpeed::ofFeet($input->number('green_speed_ft')));

        return [
            'by_length' => array_map(static function (Length $length) use ($putts): array {
                $outcome = $putts->from($length);

                return [
                    'length_m' => $outcome->lengthMetres,
                    'one_putt' => $outcome->onePutt,
                    'three_or_more' => $outcome->threeOrMore,
                    'expected' => $outcome->expected,
                ];
            }, $lengths),
        ];
    }

    /** @return non-empty-list<Length> */
    private static function lengths(JsonInput $input): array
    {
        $lengths = [];
        foreach ($input->numbers('lengths_m') as $i => $metres) {
            $lengths[] = Length::ofMetres($metres, "lengths_m.$i");
        }

        return $lengths === [] ? throw InvalidInput::emptyList('lengths_m', 'length') : $lengths;
    }
}
