<?php

declare(strict_types=1);

namespace Tests\Attack;

use Amble\Core\Numeric\SeededRandom;
use App\Models\Coach;
use Illuminate\Support\Facades\RateLimiter;
use Tests\TestCase;

/**
 * Nasty values at every field of every door that writes: nothing is answered by a stumble, and whatever was taken,
 * every reader still answers. AMBLE_FUZZ=all tries every value at every field, AMBLE_FUZZ_SEED begins elsewhere.
 */
final class FuzzTest extends TestCase
{
    /** Values at each field, where not all are tried. */
    private const EACH = 3;

    /** Stands for a number that is one in JSON, and beyond all that a float holds. */
    private const BEYOND = '@beyond@';

    private Coach $coach;

    protected function setUp(): void
    {
        parent::setUp();
        $this->coach = $this->coach();
        // Letters go nowhere.
        config(['mail.default' => 'array', 'mail.mailers.array' => ['transport' => 'array']]);
        // What is fuzzed is what doors take, not how often.
        foreach (['sign-in', 'api', 'pocket', 'home', 'account'] as $limiter) {
            RateLimiter::for($limiter, static fn(): array => []);
        }
    }

    /** @return list<mixed> */
    private static function nasty(): array
    {
        $deep = 'x';
        for ($i = 0; $i < 40; ++$i) {
            $deep = [$deep];
        }

        return [
            null,
            true,
            false,
            0,
            -1,
            1,
            7,
            1.5,
            -0.0,
            1e-320,
            1e15,
            1e308,
            -1e308,
            PHP_INT_MAX,
            PHP_INT_MIN,
            2 ** 53 + 1,
            0.1 + 0.2,
            '',
            ' ',
            '0',
            '-1',
            '12',
            '3.5',
            '1e999',
            'NaN',
            'Infinity',
            '0x1A',
            'null',
            'true',
            "\0",
            "a\0b",
            "\u{202E}abc",
            "\u{FEFF}",
            'é',
            '𝄞',
            "\r\n",
            "\t",
            str_repeat('a', 300),
            str_repeat('ä', 5000),
            str_repeat('9', 400),
            '<script>alert(1)</script>',
            "'; DROP TABLE students; --",
            '{{7*7}}',
            '../../etc/passwd',
            '%00',
            '=1+1',
            '2026-13-45',
            '0000-00-00',
            '9999-12-31',
            '01M4G0000000000000000000AA',
            'ffffffffffffffffffffffffff',
            self::BEYOND,
            [self::BEYOND],
            ["a\0b" => 1],
            [],
            [[]],
            [null],
            [1, 2, 3],
            ['a' => 'b'],
            ['0' => 'x'],
            (object) [],
            $deep,
            array_fill(0, 300, 1),
            ['__proto__' => 1],
            [true],
        ];
    }

    public function testEveryEndpointThatWritesIsKnownHere(): void
    {
        $writes = array_filter(
            array_keys(Endpoints::all()),
            static fn(string $door): bool => !str_starts_with($door, 'GET '),
        );
        self::assertSame(
            [],
            array_diff($writes, array_keys((new Endpoints($this->coach, self::studentCard()))->bodies())),
        );
    }

    public function testABodyThatFitsIsTaken(): void
    {
        $endpoints = new Endpoints($this->coach, self::studentCard());
        foreach ($endpoints->bodies() as $door => $body) {
            // What a second factor takes is a code of the moment: it is taken in a test of its own.
            if (!preg_match('#^DELETE|/restore|sign|demo|password-reset|two-step#', $door)) {
                config(['amble.sends_mail' => str_contains($door, '/message')]);
                $status = $this->actingAs($this->coach)
                    ->json(explode(' ', $door)[0], $endpoints->path($door), $body)
                    ->getStatusCode();
                self::assertContains($status, [200, 201, 204], $door);
            }
        }
    }

    public function testNothingNastyMakesAnEndpointStumbleAndEveryReaderStillAnswers(): void
    {
        $seed = (int) (getenv('AMBLE_FUZZ_SEED') ?: 20_261_126);
        $random = new SeededRandom($seed);
        $isWhole = getenv('AMBLE_FUZZ') === 'all';
        $endpoints = new Endpoints($this->coach, self::studentCard());
        $stumbles = [];
        $tried = 0;
        foreach ($endpoints->bodies() as $door => $body) {
            // Only here: a way back for who forgot the password is sent after the answer, and in one test after every
            // later one too.
            config(['amble.sends_mail' => str_contains($door, '/message')]);
            foreach (self::places($body) as $place) {
                $values = self::nasty();
                $chosen = $isWhole
                    ? array_keys($values)
                    : array_map(static fn(): int => (int) ($random->uniform() * count($values)), range(1, self::EACH));
                foreach ($chosen as $i) {
                    ++$tried;
                    $stumble = $this->stumbles($door, $endpoints->path($door), self::with($body, $place, $values[$i]));
                    if ($stumble !== null) {
                        $stumbles[] = sprintf('%s at %s, value %d: %s', $door, implode('.', $place), $i, $stumble);
                    }
                }
            }
        }
        self::assertGreaterThan(300, $tried);
        self::assertSame([], $stumbles, "Seed $seed.");
        $this->assertReadersAnswer($endpoints);
    }

    public function testWhatIsNoNumberOrNoTextIsRefusedAtItsFieldByEveryEndpoint(): void
    {
        $endpoints = new Endpoints($this->coach, self::studentCard());
        $refused = 0;
        foreach ($endpoints->bodies() as $door => $body) {
            foreach (array_keys($body) as $field) {
                foreach (
                    [self::BEYOND => 'This must be a finite number.', "a\0b" => 'This cannot be read as text.']
                    as $value => $why
                ) {
                    $content = str_replace(
                        '"' . self::BEYOND . '"',
                        '1e999',
                        (string) json_encode([$field => $value] + $body),
                    );
                    $this->actingAs($this->coach)
                        ->call(
                            explode(' ', $door)[0],
                            $endpoints->path($door),
                            [],
                            [],
                            [],
                            ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'],
                            $content,
                        )
                        ->assertStatus(422)
                        ->assertJsonPath("errors.$field.0", $why);
                    ++$refused;
                }
            }
        }
        self::assertGreaterThan(300, $refused);
        $this->getJson('/api/calendar?from=2026%00-11-30&days=7&zone=UTC')
            ->assertStatus(422)
            ->assertJsonPath('errors.from.0', 'This cannot be read as text.');
    }

    public function testBodiesThatAreNoObjectsAreRefused(): void
    {
        $endpoints = new Endpoints($this->coach, self::studentCard());
        foreach (array_keys($endpoints->bodies()) as $door) {
            foreach (
                ['', '[]', 'null', '"text"', '12', '{', '{"a":1e999}', "\xff\xfe", str_repeat('[', 600)]
                as $content
            ) {
                $answer = $this->actingAs($this->coach)->call(
                    explode(' ', $door)[0],
                    $endpoints->path($door),
                    [],
                    [],
                    [],
                    ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'],
                    $content,
                );
                self::assertLessThan(500, $answer->getStatusCode(), "$door with $content");
            }
        }
        $this->assertReadersAnswer($endpoints);
    }

    private function assertReadersAnswer(Endpoints $endpoints): void
    {
        // What was put away on the way is brought back first.
        foreach (['students/{student}', 'greens/{green}', 'sessions/{session}'] as $record) {
            $this->actingAs($this->coach->refresh())
                ->postJson($endpoints->path("POST api/$record/restore"))
                ->assertSuccessful();
        }
        // A file of drills holds at least one.
        $this->coach
            ->drills()
            ->create(['name' => 'Yes', 'definition' => json_encode(Endpoints::drill(), JSON_THROW_ON_ERROR)]);
        foreach (Endpoints::readers() as $door) {
            $status = $this->actingAs($this->coach)->getJson($endpoints->path($door))->getStatusCode();
            self::assertContains($status, [200, 404], $door);
            self::assertTrue(
                $status === 200 ||
                    preg_match('#\{(run|set|putter|round|benchmark|drill|read|map)\}|api/mail#', $door) === 1,
                "$door: $status",
            );
        }
    }

    /** @param array<string, mixed> $body */
    private function stumbles(string $door, string $path, array $body): ?string
    {
        $content = json_encode($body, JSON_INVALID_UTF8_SUBSTITUTE | JSON_PARTIAL_OUTPUT_ON_ERROR);
        $answer = $this->actingAs($this->coach)->call(
            explode(' ', $door)[0],
            $path,
            [],
            [],
            [],
            ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'],
            str_replace('"' . self::BEYOND . '"', '1e999', (string) $content),
        );

        return $answer->getStatusCode() < 500
            ? null
            : (string) ($answer->exception?->getMessage() ?? $answer->getStatusCode());
    }

    /**
     * @param array<array-key, mixed> $body
     *
     * @return list<non-empty-list<array-key>> the way to every field, and to one that nobody asked for
     */
    private static function places(array $body): array
    {
        $places = [['unasked']];
        foreach ($body as $name => $value) {
            $places[] = [$name];
            // The drill's own reader has its own tests; here its first fields are enough.
            foreach (
                is_array($value) && $value !== []
                    ? array_slice(self::places($value), 1, $name === 'drill' || $name === 'drills' ? 6 : 40)
                    : []
                as $inner
            ) {
                $places[] = [$name, ...$inner];
            }
        }

        return $places;
    }

    /**
     * @param array<array-key, mixed> $body
     * @param non-empty-list<array-key> $place
     *
     * @return array<array-key, mixed>
     */
    private static function with(array $body, array $place, mixed $value): array
    {
        $name = array_shift($place);
        $body[$name] = $place === [] ? $value : self::with((array) ($body[$name] ?? []), $place, $value);

        return $body;
    }
}
