<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Drill;

use Amble\Core\Drill\AtHand;
use Amble\Core\Drill\Kit\Piece;
use Amble\Core\Drill\Purpose;
use PHPUnit\Framework\Attributes\DataProvider;

/** What fits what is at hand; each thing said narrows, what is not said does not. */
final class AtHandTest extends DrillTestCase
{
    private const CARD = [
        'trains' => ['speed'], 'purpose' => 'play', 'minutes' => 8, 'places' => ['green'], 'group' => false,
        'kit' => [['piece' => 'ball'], ['piece' => 'tee', 'count' => 3], ['piece' => 'rod', 'count' => 1]],
    ];

    #[DataProvider('hands')]
    public function testItFitsOrDoesNot(AtHand $atHand, bool $fits): void
    {
        self::assertSame($fits, $atHand->fits(self::card(self::CARD)));
    }

    /** @return iterable<string, array{AtHand, bool}> */
    public static function hands(): iterable
    {
        yield 'nothing said' => [new AtHand(), true];
        yield 'what it trains' => [new AtHand(trained: 'speed'), true];
        yield 'something else to train' => [new AtHand(trained: 'read'), false];
        yield 'just enough time' => [new AtHand(minutes: 8), true];
        yield 'too little time' => [new AtHand(minutes: 7), false];
        yield 'on a green' => [new AtHand(place: 'green'), true];
        yield 'on a mat' => [new AtHand(place: 'mat'), false];
        yield 'with a hole' => [new AtHand(hole: true), true];
        yield 'without a hole' => [new AtHand(hole: false), false];
        yield 'for a group' => [new AtHand(isGroup: true), false];
        yield 'as on the course' => [new AtHand(purpose: Purpose::Play), true];
        yield 'to warm up' => [new AtHand(purpose: Purpose::WarmUp), false];
        yield 'tees and a rod, balls go without saying' => [new AtHand(bag: [Piece::Rod, Piece::Tee]), true];
        yield 'no rod' => [new AtHand(bag: [Piece::Tee]), false];
        yield 'an empty bag' => [new AtHand(bag: []), false];
        yield 'all of it at once' => [new AtHand('speed', 10, 'green', true, false, Piece::cases(), Purpose::Play), true];
    }
}
