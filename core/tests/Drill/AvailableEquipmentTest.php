<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Drill;

use Amble\Core\Drill\AvailableEquipment;
use Amble\Core\Drill\Equipment\EquipmentType;
use Amble\Core\Drill\Purpose;
use PHPUnit\Framework\Attributes\DataProvider;

/** What fits what is at hand; each thing said narrows, what is not said does not. */
final class AvailableEquipmentTest extends DrillTestCase
{
    private const CARD = [
        'trains' => ['speed'],
        'purpose' => 'play',
        'minutes' => 8,
        'places' => ['green'],
        'group' => false,
        'kit' => [['piece' => 'ball'], ['piece' => 'tee', 'count' => 3], ['piece' => 'rod', 'count' => 1]],
    ];

    #[DataProvider('hands')]
    public function testItFitsOrDoesNot(AvailableEquipment $atHand, bool $fits): void
    {
        self::assertSame($fits, $atHand->fits(self::card(self::CARD)));
    }

    /** @return iterable<string, array{AvailableEquipment, bool}> */
    public static function hands(): iterable
    {
        yield 'nothing said' => [new AvailableEquipment(), true];
        yield 'what it trains' => [new AvailableEquipment(trained: 'speed'), true];
        yield 'something else to train' => [new AvailableEquipment(trained: 'read'), false];
        yield 'just enough time' => [new AvailableEquipment(minutes: 8), true];
        yield 'too little time' => [new AvailableEquipment(minutes: 7), false];
        yield 'on a green' => [new AvailableEquipment(place: 'green'), true];
        yield 'on a mat' => [new AvailableEquipment(place: 'mat'), false];
        yield 'with a hole' => [new AvailableEquipment(hole: true), true];
        yield 'without a hole' => [new AvailableEquipment(hole: false), false];
        yield 'for a group' => [new AvailableEquipment(isGroup: true), false];
        yield 'as on the course' => [new AvailableEquipment(purpose: Purpose::Play), true];
        yield 'to warm up' => [new AvailableEquipment(purpose: Purpose::WarmUp), false];
        yield 'tees and a rod, balls go without saying' => [
            new AvailableEquipment(bag: [EquipmentType::Rod, EquipmentType::Tee]),
            true,
        ];
        yield 'no rod' => [new AvailableEquipment(bag: [EquipmentType::Tee]), false];
        yield 'an empty bag' => [new AvailableEquipment(bag: []), false];
        yield 'all of it at once' => [
            new AvailableEquipment('speed', 10, 'green', true, false, EquipmentType::cases(), Purpose::Play),
            true,
        ];
    }
}
