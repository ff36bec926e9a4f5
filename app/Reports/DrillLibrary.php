<?php

declare(strict_types=1);

namespace App\Reports;

use Amble\Core\Drill\AvailableEquipment;
use Amble\Core\Drill\Drill;
use Amble\Core\Drill\DrillReader;
use Amble\Core\Drill\OldDrillFormat;
use Amble\Core\Drill\RoundNumbers;
use Amble\Core\Exception\InvalidInput;
use Amble\Core\Json\JsonInput;
use Amble\Core\Units\Unit;
use App\Models\Coach;
use App\Models\DrillDefinition;
use App\Models\SavedDrill;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Errors\ValidationError;
use Opis\JsonSchema\Validator;

/** The shipped drills, and the door through which drills come in and go out. */
final class DrillLibrary
{
    public const FORMAT = 'amble-drills';
    public const VERSION = 2;

    /** Files of these versions are still read. */
    private const VERSIONS = [1, self::VERSION];

    /** A whole library of long drills is far smaller than this, bytes. */
    private const LARGEST = 1_000_000;
    private const MOST = 200;

    /** @return list<\stdClass> the shipped drills, in round numbers of the coach's own unit */
    public function shipped(Coach $coach): array
    {
        /** @var array{drills: list<array<string, mixed>>} $library */
        $library = json_decode(
            (string) file_get_contents(base_path('core/drills/library.json')),
            true,
            64,
            JSON_THROW_ON_ERROR,
        );
        $round = match ($coach->unit) {
            Unit::Feet => RoundNumbers::feet(self::roundFeet()),
            Unit::Paces => RoundNumbers::paces($coach->pace()),
            // Written in metres, they are round in metres.
            Unit::Metres => null,
        };

        $drills = $round === null ? $library['drills'] : array_map($round->of(...), $library['drills']);

        return array_map(DrillDefinition::fromArray(...), $drills);
    }

    /** @return array<string, list<int>> by the key of a drill */
    private static function roundFeet(): array
    {
        /** @var array<string, list<int>> $sets */
        $sets = json_decode(
            (string) file_get_contents(base_path('core/drills/round-feet.json')),
            true,
            4,
            JSON_THROW_ON_ERROR,
        );

        return $sets;
    }

    /**
     * @return array<string, \stdClass> by key: the library's, where one of the coach's own does not stand for it, and the
     *     coach's own
     */
    public function ofWorkspace(Coach $coach): array
    {
        $own = array_map(
            static fn(SavedDrill $drill): \stdClass => $drill->definition(),
            SavedDrill::query()->where('workspace_id', $coach->workspace_id)->get()->all(),
        );
        $drills = [];
        foreach ([...$this->shipped($coach), ...$own] as $drill) {
            $drills[(string) $drill->key] = $drill;
        }

        return $drills;
    }

    /**
     * @param array<\stdClass> $drills as they are kept
     *
     * @return list<string> keys of those that fit what is at hand
     */
    public function fitting(AvailableEquipment $atHand, array $drills): array
    {
        $fitting = array_filter(array_map(DrillDefinition::card(...), $drills), $atHand->fits(...));

        return array_values(array_map(static fn(Drill $card): string => $card->key, $fitting));
    }

    /**
     * Read a library file and refuse it whole if one drill of it cannot be run.
     *
     * @return list<\stdClass> in today's form
     *
     * @throws InvalidInput If it is too large, not JSON, not of the schema, or a drill makes no sense.
     */
    public function read(string $text): array
    {
        $drills = [];
        foreach ($this->inFile($text) as $drill) {
            // The reader is asked first: its sentences say more than a schema can.
            DrillReader::read(JsonInput::fromArray(get_object_vars($drill), 'drills.' . count($drills)));
            $drills[] = $drill;
        }
        $this->checkSchema((object) ['format' => self::FORMAT, 'version' => self::VERSION, 'drills' => $drills]);

        return $drills;
    }

    /**
     * Say of each drill of a file what taking it in would do; nothing is taken.
     *
     * @param array<string, string> $own definitions of the coach's own drills, by key
     *
     * @return list<array{key: string|null, name: string, what: string, field: string|null, why: string|null}>
     *
     * @throws InvalidInput If it is too large or no library file at all.
     */
    public function preview(string $text, array $own): array
    {
        $seen = [];
        $previews = [];
        foreach ($this->inFile($text) as $i => $drill) {
            $key = is_string($drill->key ?? null) ? $drill->key : null;
            $refused = $this->refusal($drill);
            $why =
                $refused?->getMessage() ??
                ($key !== null && isset($seen[$key]) ? 'A drill before it in the file has the same key.' : null);
            $previews[] = [
                'key' => $key,
                'name' => is_string($drill->name ?? null) ? $drill->name : 'Drill ' . ($i + 1) . ' of the file',
                'what' => match (true) {
                    $why !== null => 'refused',
                    !isset($own[$key]) => 'new',
                    DrillDefinition::columns(DrillDefinition::fromStored($own[$key]))['definition'] ===
                        DrillDefinition::columns($drill)['definition']
                        => 'same',
                    default => 'changed',
                },
                'field' => $refused?->field(),
                'why' => $why,
            ];
            $seen[(string) $key] = true;
        }

        return $previews;
    }

    /** Why a drill cannot be taken; null where it can. */
    private function refusal(\stdClass $drill): ?InvalidInput
    {
        try {
            DrillReader::read(JsonInput::fromArray(get_object_vars($drill)));
            $this->checkSchema((object) ['format' => self::FORMAT, 'version' => self::VERSION, 'drills' => [$drill]]);
        } catch (InvalidInput $refused) {
            return $refused;
        }

        return null;
    }

    /**
     * @return list<\stdClass> the drills of a file, unread, in today's form
     *
     * @throws InvalidInput If it is too large, not JSON, or no library.
     */
    private function inFile(string $text): array
    {
        if (strlen($text) > self::LARGEST) {
            throw InvalidInput::at('drills', 'This is larger than a library of drills can be (1 MB).');
        }
        $input = JsonInput::parse($text)->only(['format', 'version', 'drills']);
        $input->word('format', [self::FORMAT]);
        $version = $input->wholeNumberOr('version', 1, 1_000_000, 1);
        if (!in_array($version, self::VERSIONS, true)) {
            throw InvalidInput::at('version', 'This file was written by a newer version than can be read here.');
        }
        if ($input->objects('drills') === []) {
            throw InvalidInput::emptyList('drills', 'drill');
        }
        /** @var array{drills: list<array<string, mixed>>} $library */
        $library = json_decode($text, true, 64, JSON_THROW_ON_ERROR);
        if (count($library['drills']) > self::MOST) {
            throw InvalidInput::at('drills', 'A library has at most ' . self::MOST . ' drills.');
        }

        return array_map(
            static fn(array $drill): \stdClass => DrillDefinition::fromArray(OldDrillFormat::broughtUp($drill)),
            $library['drills'],
        );
    }

    /**
     * Read one drill, wrapped as a library of one so that there is one door.
     *
     * @throws InvalidInput If it cannot be run; the field is told from the drill on.
     */
    public function readOne(string $text): \stdClass
    {
        if (strlen($text) > self::LARGEST) {
            throw InvalidInput::at('drill', 'This is larger than a drill can be (1 MB).');
        }
        JsonInput::parse($text)->object('drill');
        /** @var array{drill: array<string, mixed>} $body */
        $body = json_decode($text, true, 64, JSON_THROW_ON_ERROR);
        $drill = DrillDefinition::fromArray(OldDrillFormat::broughtUp($body['drill']));
        DrillReader::read(JsonInput::fromArray(get_object_vars($drill), 'drill'));
        $this->checkSchema((object) ['format' => self::FORMAT, 'version' => self::VERSION, 'drills' => [$drill]]);

        return $drill;
    }

    private function checkSchema(mixed $library): void
    {
        $validator = new Validator();
        $schema = (string) file_get_contents(base_path('core/drills/drill.schema.json'));
        $error = $validator->validate($library, $schema)->error();
        if ($error !== null) {
            $leaf = self::leaf($error);
            throw InvalidInput::at(
                implode('.', $leaf->data()->fullPath()) ?: 'drills',
                ucfirst((new ErrorFormatter())->formatErrorMessage($leaf)) . '.',
            );
        }
    }

    /** Give the innermost cause, which names the field at fault. */
    private static function leaf(ValidationError $error): ValidationError
    {
        return $error->subErrors() === [] ? $error : self::leaf($error->subErrors()[0]);
    }
}
