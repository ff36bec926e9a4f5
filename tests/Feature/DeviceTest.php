<?php

declare(strict_types=1);

namespace Tests\Feature;

use Tests\TestCase;

final class DeviceTest extends TestCase
{
    public function testEveryDeviceReadsItsFieldsAndTheSameNumberReadsTheSame(): void
    {
        config(['amble.demo' => true]);
        $coach = $this->coach();
        $student = $this->student($coach);
        $this->actingAs($coach);
        $devices = (array) $this->getJson('/api/devices')->assertOk()->json();
        self::assertCount(4, $devices);
        foreach ($devices as $device) {
            $ask = fn(string $number) => $this->getJson(
                "/api/devices/{$device['kind']}/readings?number=$number&count=2&target_m=4&student=$student->id",
            )
                ->assertOk()
                ->json();
            $read = $ask('A');
            self::assertSame('simulated', $read['source']);
            self::assertSame(array_column($device['fields'], 'name'), array_keys($read['readings'][0]));
            self::assertSame($read, $ask('A'));
            self::assertNotSame($read, $ask('B'));
        }
        $this->getJson('/api/devices/teapot/readings?number=A')->assertNotFound();
        $this->getJson('/api/devices/ramp/readings?number=A&speed_m=40')
            ->assertStatus(422)
            ->assertJsonValidationErrors('speed_m');
        $this->getJson(
            '/api/devices/stroke_sensor/readings?number=A&student=' .
                $this->student($this->coach('other@example.test'))->id,
        )->assertStatus(422);
    }

    public function testARealAccountIsGivenNoSimulatedReading(): void
    {
        config(['amble.demo' => false]);
        $coach = $this->coach();
        $student = $this->student($coach);
        $this->actingAs($coach);
        $this->getJson(
            "/api/devices/stroke_sensor/readings?number=A&target_m=4&student=$student->id",
        )->assertForbidden();
        $student->forceFill(['is_simulated' => true])->save();
        $this->getJson("/api/devices/stroke_sensor/readings?number=A&target_m=4&student=$student->id")->assertOk();
    }
}
