<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Amble\Core\Drill\Level\LengthSet;
use App\Practice\DrillLibrary;

/** A drill, and the lengths to lay into it. */
final class LaidLengthsRequest extends OwnRequest
{
    use SaysLengths;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return self::rulesOfLengths();
    }

    /** Give the drill at those lengths, checked again. */
    public function laid(DrillLibrary $library): \stdClass
    {
        $drill = DrillLibrary::plain($library->readOne($this->getContent()));
        $lengths = $this->lengths();
        assert($lengths !== []);

        return $library->readOne(json_encode(['drill' => LengthSet::laidInto($drill, $lengths)], JSON_THROW_ON_ERROR));
    }
}
