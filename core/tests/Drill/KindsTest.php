<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Drill;

use Amble\Core\Contract\DrillShape;
use Amble\Core\Drill\Axis;
use Amble\Core\Drill\DrillProgress;
use Amble\Core\Drill\DrillReader;
use Amble\Core\Drill\DrillRun;
use Amble\Core\Drill\DrillSchema;
use Amble\Core\Drill\End\End;
use Amble\Core\Drill\Kind\Figure;
use Amble\Core\Drill\Kind\FigureKind;
use Amble\Core\Drill\Kind\KindDescription;
use Amble\Core\Drill\Kind\Kinds;
use Amble\Core\Drill\Kind\ReadsFigures;
use Amble\Core\Drill\Kind\RuleKind;
use Amble\Core\Drill\Order\Order;
use Amble\Core\Drill\Pass\Acceptance;
use Amble\Core\Drill\Pass\PassContext;
use Amble\Core\Drill\Pass\PassRule;
use Amble\Core\Drill\Pass\PassRules;
use Amble\Core\Exception\InvalidInput;
use Amble\Core\Json\JsonInput;
use Opis\JsonSchema\Validator;

/** A kind describes itself: one entry, and reader, words, schema and fold have it. */
final class KindsTest extends DrillTestCase
{
    private static function kinds(): Kinds
    {
        $shipped = Kinds::shipped();

        return new Kinds(
            ['beyond' => PassRules::ofClass(BeyondBy::class)] + $shipped->passes,
            [
                'longest_first' => RuleKind::of(
                    new KindDescription('Longest first', 'longest first'),
                    static fn(): Order => new Order('longest first', true, self::longestFirst(...)),
                ),
            ] + $shipped->orders,
            [
                'rounds' => RuleKind::of(
                    new KindDescription('After so many rounds', 'ends after {balls} rounds', [
                        new Figure('balls', 'Rounds', FigureKind::Balls),
                    ]),
                    static fn(array $figures): End => new End(
                        static fn(DrillProgress $progress): bool => $progress->rounds >= $figures['balls'],
                        static fn(DrillProgress $progress, int $leftInRound): int => $leftInRound,
                        static fn(?float $ballsOfRound): ?float => $ballsOfRound === null
                            ? null
                            : $figures['balls'] * $ballsOfRound,
                    ),
                ),
            ] + $shipped->ends,
        );
    }

    /**
     * @param non-empty-list<float> $lengths
     * @param positive-int $ballsEach
     *
     * @return non-empty-list<non-negative-int>
     */
    private static function longestFirst(array $lengths, int $ballsEach): array
    {
        arsort($lengths);

        return array_merge(
            ...array_map(static fn(int $station): array => array_fill(0, $ballsEach, $station), array_keys($lengths)),
        );
    }

    /**
     * @param array<string, mixed> $changes
     *
     * @return array<string, mixed>
     */
    private static function withNewKinds(array $changes = []): array
    {
        return $changes +
            self::rules([
                'pass' => ['kind' => 'beyond', 'least_m' => 0.5],
                'order' => 'longest_first',
                'end' => ['kind' => 'rounds', 'balls' => 2],
                'balls_per_station' => 1,
            ]);
    }

    public function testANewKindIsOneEntry(): void
    {
        $json = JsonInput::parse(json_encode(self::withNewKinds(), JSON_THROW_ON_ERROR));
        $card = DrillReader::read($json, self::kinds());
        self::assertSame(
            'One ball a station at the hole; each passes if it runs at least {0.5000 m} past.',
            $card->words->rule,
        );
        self::assertSame('Longest first; ends after 2 rounds.', $card->words->course);
        $state = DrillRun::fold($card->rules, [self::ball(0, 6.6), self::ball(1, 4.2)], 1);
        self::assertSame([1, 1], [$state->passes, $state->rounds]);
        self::assertFalse($state->phase->isOver());
        $schema = DrillSchema::completed(
            json_decode(
                (string) file_get_contents(dirname(__DIR__, 2) . '/drills/drill.schema.json'),
                true,
                64,
                JSON_THROW_ON_ERROR,
            ),
            self::kinds(),
        );
        $isValid = static fn(array $drill): bool => (new Validator())
            ->validate(
                json_decode(
                    json_encode(
                        ['format' => 'amble-drills', 'version' => 2, 'drills' => [$drill]],
                        JSON_THROW_ON_ERROR,
                    ),
                    false,
                    64,
                    JSON_THROW_ON_ERROR,
                ),
                json_encode($schema, JSON_THROW_ON_ERROR),
            )
            ->isValid();
        self::assertTrue($isValid(self::withNewKinds()));
        self::assertFalse(
            $isValid(self::withNewKinds(['pass' => ['kind' => 'beyond']])),
            'a figure without a usual value is needed',
        );
        self::assertFalse(
            $isValid(self::withNewKinds(['pass' => ['kind' => 'beyond', 'least_m' => 0.5, 'share' => 0.1]])),
        );
        try {
            DrillReader::read(
                JsonInput::parse(
                    json_encode(
                        self::withNewKinds(['pass' => ['kind' => 'beyond', 'least_m' => -1]]),
                        JSON_THROW_ON_ERROR,
                    ),
                ),
                self::kinds(),
            );
            self::fail('A length below nothing was taken.');
        } catch (InvalidInput $refused) {
            self::assertSame('pass.least_m', $refused->field());
        }
        $this->expectException(InvalidInput::class);
        DrillReader::read($json);
    }

    public function testTheSchemaThatShipsIsWhatTheKindsSay(): void
    {
        $schema = json_decode(
            (string) file_get_contents(dirname(__DIR__, 2) . '/drills/drill.schema.json'),
            true,
            64,
            JSON_THROW_ON_ERROR,
        );
        self::assertEquals(DrillSchema::completed($schema), $schema);
        $file = dirname(__DIR__, 3) . '/contract/cases/drill-kinds.json';
        // The editor's tests make every drill from this.
        self::assertEquals(
            json_decode(json_encode(DrillShape::kinds(), JSON_THROW_ON_ERROR), true),
            json_decode((string) file_get_contents($file), true),
        );
    }

    public function testWhatIsSaidOfAKindNamesEachOfItsFigures(): void
    {
        foreach (Kinds::shipped()->cards() as $cards) {
            foreach ($cards as $kind => $card) {
                self::assertNotSame('', $card->label, $kind);
                preg_match_all('/\{(\w+)\}/', $card->words, $named);
                self::assertSame(
                    [],
                    array_diff($named[1], ['aid', 'width', ...array_column($card->figures, 'field')]),
                    $kind,
                );
            }
        }
    }

    public function testTheRuleInWordsIsOfTheDrillsOwnFigures(): void
    {
        $words = static fn(array $changes): string => self::card($changes)->words->rule .
            ' ' .
            self::card($changes)->words->course;
        self::assertSame(
            '3 balls a station at the hole; each passes if it stops within 10 % of its length. Station by station; ends when all are done.',
            $words([]),
        );
        $gate = [
            'pass' => ['kind' => 'through_gate'],
            'aid' => ['kind' => 'gate', 'width_m' => 0.085, 'distance_m' => 0.5],
        ];
        self::assertStringContainsString('starts through the gate, {0.0850 w} wide.', $words($gate));
        self::assertStringContainsString(
            'starts on the spot',
            $words([
                'pass' => ['kind' => 'on_line'],
                'aid' => ['kind' => 'spot', 'width_m' => 0.03, 'distance_m' => 0.5],
            ]),
        );
        self::assertStringContainsString(
            'to open ground; each is measured',
            $words(['target' => 'none', 'pass' => ['kind' => 'open']]),
        );
        self::assertStringContainsString(
            'a miss is repeated; ends after 7 minutes.',
            $words(['on_miss' => 'again', 'end' => ['kind' => 'minutes', 'minutes' => 7]]),
        );
    }
}

/** A kind nobody ships: past by at least so much. */
final readonly class BeyondBy extends PassRule implements ReadsFigures
{
    private function __construct(private float $least) {}

    public static function card(): KindDescription
    {
        return new KindDescription('Runs past by enough', 'runs at least {least_m} past', [
            new Figure('least_m', 'Past by at least', FigureKind::Roll),
        ]);
    }

    public static function of(array $figures, JsonInput $rule): self
    {
        return new self($figures['least_m']);
    }

    public function acceptance(PassContext $context): Acceptance
    {
        return Acceptance::roll($context->length->metres() + $this->least, 100.0);
    }

    public function axis(): Axis
    {
        return Axis::Length;
    }

    public function needs(): array
    {
        return ['roll_m'];
    }
}
