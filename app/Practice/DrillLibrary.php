<?php

declare(strict_types=1);

namespace App\Practice;

use Amble\Core\Drill\AtHand;
use Amble\Core\Drill\DrillReader;
use Amble\Core\Drill\RoundNumbers;
use Amble\Core\Exception\InvalidInput;
use Amble\Core\Json\JsonInput;
use Amble\Core\Units\Unit;
use App\Models\Coach;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Errors\ValidationError;
use Opis\JsonSchema\Validator;

/** The shipped drills, and the door through which drills come in and go out. */
final class DrillLibrary
{
    public const FORMAT = 'amble-drills';
    public const VERSION = 1;

    /** A whole library of long drills is far smaller than this, bytes. */
    private const LARGEST = 1_000_000;

    /** @return list<\stdClass> the shipped drills, in round numbers of the coach's own unit */
    public function shipped(Coach $coach): array
    {
        /** @var array{drills: list<array<string, mixed>>} $library */
        $library = json_decode((string) file_get_contents(base_path('core/drills/library.json')), true, 64, JSON_THROW_ON_ERROR);
        $round = match ($coach->unit) {
            Unit::Feet => RoundNumbers::feet(),
            Unit::Paces => RoundNumbers::paces($coach->pace()),
            // Written in metres, they are round in metres.
            Unit::Metres => null,
        };

        $drills = $round === null ? $library['drills'] : array_map($round->of(...), $library['drills']);

        return json_decode(json_encode($drills, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION), false, 64, JSON_THROW_ON_ERROR);
    }

    /**
     * @param array<mixed> $drills as they are kept
     *
     * @return list<string> keys of those that fit what is at hand
     */
    public function fitting(AtHand $atHand, array $drills): array
    {
        $keys = [];
        foreach ($drills as $definition) {
            $card = JsonInput::parse(json_encode($definition, JSON_THROW_ON_ERROR));
            if ($atHand->fits($card, DrillReader::read($card))) {
                $keys[] = $card->text('key', 60);
            }
        }

        return $keys;
    }

    /**
     * Read a library file and refuse it whole if one drill of it cannot be run.
     *
     * @return list<\stdClass>
     *
     * @throws InvalidInput If it is too large, not JSON, not of the schema, or a drill makes no sense.
     */
    public function read(string $text): array
    {
        if (strlen($text) > self::LARGEST) {
            throw InvalidInput::at('drills', 'This is larger than a library of drills can be (1 MB).');
        }
        // The reader is asked first: its sentences say more than a schema can.
        $input = JsonInput::parse($text)->only(['format', 'version', 'drills']);
        foreach ($input->objects('drills') as $drill) {
            DrillReader::read($drill);
        }
        $library = json_decode($text, false, 64, JSON_THROW_ON_ERROR);
        $this->checkSchema($library);

        return $library->drills;
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
        DrillReader::read(JsonInput::parse($text)->object('drill'));
        $drill = json_decode($text, false, 64, JSON_THROW_ON_ERROR)->drill;
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
