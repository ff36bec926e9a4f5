<?php

declare(strict_types=1);

namespace App\Http\Csv;

use Carbon\CarbonImmutable;

/** Days and times in tables, as they are read and written. */
final readonly class CsvTimes
{
    /** @param string $zone where a time that names no zone was told */
    public function __construct(private string $zone) {}

    /**
     * Unix milliseconds; null where it is no moment there was. Only what is written one way: 3/4/26 is another day in
     * another country.
     */
    public function read(string $text): ?int
    {
        $text = preg_match('/^\d{4}-\d\d-\d\d$/', $text) === 1 ? "$text 12:00:00" : $text;

        return preg_match('/^\d{4}-\d\d-\d\d[T ]\d\d:\d\d(:\d\d(\.\d+)?)?(Z|[+-]\d\d:?\d\d)?$/', $text) === 1 &&
            date_parse($text)['warning_count'] === 0 &&
            date_parse($text)['error_count'] === 0
            ? (int) CarbonImmutable::parse($text, $this->zone)->getTimestampMs()
            : null;
    }

    public static function write(int $milliseconds): string
    {
        return CarbonImmutable::createFromTimestampMsUTC($milliseconds)->format('Y-m-d\TH:i:s.v\Z');
    }
}
