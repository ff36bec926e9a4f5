<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Simulation;

use Amble\Core\Device\Device;
use Amble\Core\Device\DeviceScene;
use Amble\Core\Direction\ImpactModel;
use Amble\Core\Green\GreenSpeed;
use Amble\Core\Green\RampRolls;
use Amble\Core\Numeric\Sample;
use Amble\Core\Numeric\SeededRandom;
use Amble\Core\Simulation\SimulatedAimingLight;
use Amble\Core\Simulation\SimulatedLevel;
use Amble\Core\Simulation\SimulatedRamp;
use Amble\Core\Simulation\SimulatedStrokeSensor;
use Amble\Core\Simulation\SimulatedStudent;
use Amble\Core\Units\Grade;
use Amble\Core\Units\Length;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Readings are of a known truth: many of them come back to it, and each is off by what its kind is said to be off. */
final class SimulatedDevicesTest extends TestCase
{
    private const READINGS = 600;

    /** @param \Closure(SimulatedStudent, SeededRandom): Device $make */
    #[DataProvider('devices')]
    public function testManyReadingsComeBackToTheTruth(\Closure $make, string $field, float $truth, float $spread): void
    {
        $values = array_column(self::readings($make), $field);

        self::assertCount(self::READINGS, $values);
        self::assertEqualsWithDelta($truth, Sample::mean($values), (4.0 * $spread) / sqrt(self::READINGS));
        self::assertEqualsWithDelta($spread, sqrt((float) Sample::variance($values)), 0.15 * $spread);
    }

    /** @return iterable<string, array{\Closure, string, float, float}> */
    public static function devices(): iterable
    {
        $light = static fn(SimulatedStudent $student, SeededRandom $random): Device => new SimulatedAimingLight(
            $student,
            $random,
        );
        $level = static fn(SimulatedStudent $student, SeededRandom $random): Device => new SimulatedLevel($random);
        $sensor = static fn(SimulatedStudent $student, SeededRandom $random): Device => new SimulatedStrokeSensor(
            $student,
            $random,
        );
        // At 4 m an aim of −0.008 rad is 32 mm left; from look to look it moves by 0.008 rad, and the light errs by 5
        // mm.
        yield 'aiming light' => [$light, 'offset_m', -0.032, hypot(0.032, 0.005)];
        yield 'level along' => [$level, 'along_percent', 1.0, 0.2];
        yield 'level across' => [$level, 'across_percent', -2.0, 0.2];
        // Aim and face add to 0.006 rad, the line scatters by 0.018 rad, the sensor errs by 0.3°.
        yield 'start line' => [$sensor, 'start_deg', rad2deg(0.006), hypot(rad2deg(0.018), 0.3)];
        yield 'time back' => [$sensor, 'back_s', 0.5, hypot(0.015, 0.01)];
    }

    public function testFaceAndPathOfASensorAddUpToItsStartLine(): void
    {
        $readings = self::readings(
            static fn(SimulatedStudent $student, SeededRandom $random): Device => new SimulatedStrokeSensor(
                $student,
                $random,
            ),
        );
        $model = ImpactModel::ofFaceShare();
        $off = array_map(
            static fn(array $read): float => rad2deg(
                $model->startLine(deg2rad($read['face_deg']), deg2rad($read['path_deg'])),
            ) - $read['start_deg'],
            $readings,
        );
        $error = hypot(hypot(0.85 * 0.3, 0.15 * 0.6), 0.3);

        self::assertEqualsWithDelta(0.0, Sample::mean($off), (4.0 * $error) / sqrt(self::READINGS));
        self::assertEqualsWithDelta($error, sqrt((float) Sample::variance($off)), 0.15 * $error);
    }

    public function testARampReadBothWaysGivesTheGreensSpeed(): void
    {
        $readings = self::readings(
            static fn(SimulatedStudent $student, SeededRandom $random): Device => new SimulatedRamp($random),
        );

        self::assertEqualsWithDelta(
            10.0,
            RampRolls::of(array_column($readings, 'direction_1_m'), array_column($readings, 'direction_2_m'))
                ->reading()
                ->speed?->feet(),
            0.1,
        );
    }

    /**
     * @param \Closure(SimulatedStudent, SeededRandom): Device $make
     *
     * @return list<array<string, float>>
     */
    private static function readings(\Closure $make): array
    {
        $device = $make(SimulatedStudent::ordinary()->changed(['mishitShare' => 0.0]), new SeededRandom(11));
        $scene = new DeviceScene(
            GreenSpeed::ofFeet(10.0),
            Length::ofMetres(4.0),
            Grade::ofPercent(1.0),
            Grade::ofPercent(-2.0),
        );

        return array_map(static fn(): array => $device->read($scene), range(1, self::READINGS));
    }
}
