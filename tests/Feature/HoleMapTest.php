<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Coach;
use App\Models\Green;
use Illuminate\Support\Str;
use Tests\Attack\Endpoints;
use Tests\TestCase;

/** A hole is mapped place by place, read, and taken along in the records. */
final class HoleMapTest extends TestCase
{
    private Coach $coach;
    private Green $green;

    protected function setUp(): void
    {
        parent::setUp();
        $this->coach = $this->coach();
        $this->green = $this->green($this->coach);
        $this->actingAs($this->coach);
    }

    /**
     * The hole and so many of six places at 3 m on a plane that rises 2 % up and 1 % to the right.
     *
     * @return array<string, mixed>
     */
    private static function mapped(int $places): array
    {
        $readings = [['x_m' => 0.0, 'y_m' => 0.0, 'right_percent' => 1.0, 'up_percent' => 2.0, 'by' => 'typed']];
        for ($i = 0; $i < $places; ++$i) {
            $readings[] = ['x_m' => 3.0 * sin(($i * M_PI) / 3), 'y_m' => 3.0 * cos(($i * M_PI) / 3)] + $readings[0];
        }

        return ['name' => 'Front left', 'mark' => 'the boathouse', 'read_by' => 'phone', 'readings' => $readings];
    }

    private function made(int $places): string
    {
        $id = (string) Str::ulid();
        $this->postJson(
            "api/greens/{$this->green->id}/hole-maps",
            ['id' => $id] + self::mapped($places),
        )->assertSuccessful();

        return $id;
    }

    public function testAMapIsMadePlaceByPlaceAndEachMakesItSurer(): void
    {
        $id = (string) Str::ulid();
        $begin = ['id' => $id, 'readings' => []] + self::mapped(0);
        $map = $this->postJson("api/greens/{$this->green->id}/hole-maps", $begin)
            ->assertSuccessful()
            ->json();
        self::assertSame([0, [], null], [$map['reach_m'], $map['contours'], $map['line_error_deg']]);
        $before = INF;
        for ($places = 0; $places <= 6; ++$places) {
            $map = $this->putJson("api/hole-maps/$id", self::mapped($places))
                ->assertSuccessful()
                ->json();
            self::assertCount($places + 1, $map['readings']);
            self::assertLessThan($before, $map['line_error_deg']);
            $before = $map['line_error_deg'];
        }
        self::assertSame('the hole', $map['readings'][0]['place']);
        self::assertSame('{3.000 m} at 2 o’clock', $map['readings'][2]['place']);
        self::assertEqualsWithDelta(4.0, $map['reach_m'], 1e-9);
        // Contours of a plane lie square to its slope.
        [$x1, $y1, $x2, $y2] = $map['contours'][3]['pieces'][0];
        self::assertEqualsWithDelta(0.0, 0.01 * ($x2 - $x1) + 0.02 * ($y2 - $y1), 2e-3);
        self::assertSame('Front left', $this->getJson("api/greens/{$this->green->id}/hole-maps")->json('0.name'));
    }

    public function testAPuttIsReadFromTheMapWithItsRangeAndNotBeyondIt(): void
    {
        $id = $this->made(6);
        $asked = 'speed_m=3.048&pace_m=0.3';
        $read = $this->getJson("api/hole-maps/$id/read?$asked&x_m=2.4&y_m=0")
            ->assertSuccessful()
            ->json();
        // From three o'clock the hole lies to the left and the hill on the right of the line: it breaks left.
        self::assertGreaterThan(0.5, $read['across_percent']);
        self::assertGreaterThan(0.0, $read['start_deg']);
        self::assertTrue($read['aim_low_m'] < $read['aim_m'] && $read['aim_m'] < $read['aim_high_m']);
        self::assertMatchesRegularExpression(
            '/^Aim \{\d.\d+ s\} .*, \{\d.\d+ s\} to \{\d.\d+ s\}\.$/',
            $read['words'][0],
        );
        self::assertEqualsWithDelta([2.4, 0.0], $read['path'][0], 1e-9);
        $this->getJson("api/hole-maps/$id/read?$asked&x_m=5&y_m=0")->assertJsonValidationErrorFor('x_m');
        $this->getJson("api/hole-maps/$id/read?$asked&x_m=0.01&y_m=0")->assertJsonValidationErrorFor('x_m');
        $few = $this->made(1);
        $vague = $this->getJson("api/hole-maps/$few/read?$asked&x_m=3.9&y_m=-0.2")->json();
        self::assertSame([null, null, []], [$vague['start_deg'], $vague['aim_m'], $vague['path']]);
    }

    public function testStraightPuttsAndAWishAreFound(): void
    {
        $id = $this->made(6);
        $found = $this->getJson(
            "api/hole-maps/$id/putts?speed_m=3.048&pace_m=0.3&length_m=2.4&along_percent=-2&across_percent=0",
        )
            ->assertSuccessful()
            ->json();
        self::assertCount(2, $found['straight']);
        self::assertEqualsWithDelta(-2.1, $found['nearest']['along_percent'], 0.4);
        self::assertStringEndsWith('% downhill', $found['nearest']['words']);
        $stations = $this->postJson("api/hole-maps/$id/stations", [
            'drill' =>
                [
                    'stations' => [['length_m' => 2], ['length_m' => 2.5, 'across_percent' => 2], ['length_m' => 8]],
                ] + Endpoints::drill(),
        ])
            ->assertSuccessful()
            ->json();
        self::assertEqualsWithDelta(0.0, $stations[0]['across_percent'], 0.2);
        self::assertEqualsWithDelta(2.0, $stations[1]['across_percent'], 0.4);
        self::assertStringEndsWith('breaking left', $stations[1]['words']);
        self::assertNull($stations[2]);
        $this->getJson("api/hole-maps/$id/putts?speed_m=3&pace_m=0.3&length_m=9")->assertJsonValidationErrorFor(
            'length_m',
        );
    }

    public function testAReadingFarOffTheOthersIsMarkedAndABadOneIsRefusedAtItsField(): void
    {
        $id = $this->made(6);
        $wrong = self::mapped(6);
        $wrong['readings'][4]['up_percent'] = -2.0;
        $map = $this->putJson("api/hole-maps/$id", $wrong)->json();
        self::assertSame([4], array_keys(array_filter(array_column($map['readings'], 'is_far_off'))));
        $bad = self::mapped(1);
        $bad['readings'][1]['right_percent'] = 'steep';
        $this->putJson("api/hole-maps/$id", $bad)->assertJsonValidationErrorFor('readings.1.right_percent');
        self::assertCount(7, $this->getJson("api/hole-maps/$id")->json('readings'));
        $table = $this->get("api/hole-maps/$id/slopes.csv")
            ->assertSuccessful()
            ->getContent();
        self::assertStringStartsWith(
            "place,x_m,y_m,right_percent,up_percent,by\r\n1,0,0,1,2,typed\r\n",
            (string) $table,
        );
        $this->actingAs($this->coach('other@example.test'))
            ->getJson("api/hole-maps/$id")
            ->assertNotFound();
    }
}
