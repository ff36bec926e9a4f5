<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Mail\BookingMail;
use App\Models\Booking;
use App\Models\Coach;
use App\Reports\CalendarFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;
use Sabre\VObject\Node;
use Sabre\VObject\Recur\RRuleIterator;
use Tests\TestCase;

/** Bookings that stay at their hour when clocks change, clashes said, and calendars out and in. */
final class CalendarTest extends TestCase
{
    private Coach $coach;

    protected function setUp(): void
    {
        parent::setUp();
        $this->coach = $this->coach();
        $this->actingAs($this->coach);
    }

    public function testAWeeklyHourStaysAtItsHourWhenTheClocksChangeAndOneOfItFallsOut(): void
    {
        $student = $this->student($this->coach);
        $booking = $this->book([
            'student_id' => $student->id,
            'starts' => '2026-10-22 10:00',
            'every' => 'week',
            'times' => 3,
        ]);
        $month = $this->week('2026-10-19', 31);
        self::assertSame(
            [['2026-10-22', '10:00'], ['2026-10-29', '10:00'], ['2026-11-05', '10:00']],
            self::times($month),
        );
        // Seen from elsewhere the same hour moves by the clock that changed.
        $utc = $this->getJson('/api/calendar?from=2026-10-19&days=31&zone=UTC')->json();
        self::assertSame(
            [['2026-10-22', '08:00'], ['2026-10-29', '09:00'], ['2026-11-05', '09:00']],
            self::times($utc),
        );
        $this->postJson("/api/bookings/$booking/skip", ['wall' => '2026-10-29 10:00'])->assertOk();
        self::assertSame(
            [['2026-10-22', '10:00'], ['2026-11-05', '10:00']],
            self::times($this->week('2026-10-19', 31)),
        );
    }

    public function testWhatCannotBothBeKeptIsSaidAndWhoHasNoTimeWaits(): void
    {
        [$lawn, $loft] = [$this->green($this->coach), $this->green($this->coach, 'mat')];
        $this->book(['title' => 'First', 'starts' => '2026-12-03 10:00', 'green_id' => $lawn->id]);
        $this->book([
            'title' => 'Second',
            'starts' => '2026-12-03 10:50',
            'green_id' => $loft->id,
            'travel_minutes' => 20,
        ]);
        $this->book(['title' => 'Third', 'starts' => '2026-12-03 11:00', 'green_id' => $loft->id]);
        $this->book(['title' => 'Fourth', 'starts' => null]);
        $week = $this->week('2026-11-30', 7);
        self::assertSame(
            [
                [],
                ['From First there are 5 minutes, and the way takes 20.', 'It overlaps with Third.'],
                ['It overlaps with Second.'],
            ],
            array_column($week['items'], 'clashes'),
        );
        self::assertSame(['Fourth'], array_column($week['waiting'], 'name'));
        $this->postJson('/api/bookings', ['minutes' => 45, 'zone' => 'Europe/Zurich'])
            ->assertStatus(422)
            ->assertJsonValidationErrors(['student_id' => 'Choose a student']);
        $this->postJson('/api/bookings', ['title' => 'x', 'minutes' => 45, 'zone' => 'Nowhere', 'starts' => 'soon'])
            ->assertStatus(422)
            ->assertJsonValidationErrors(['zone', 'starts']);
    }

    public function testACalendarGoesOutValidAndComesInUnchangedElsewhere(): void
    {
        $student = $this->student($this->coach);
        $this->book([
            'student_id' => $student->id,
            'starts' => '2026-10-22 10:00',
            'every' => 'fortnight',
            'times' => 6,
            'green_id' => $this->green($this->coach)->id,
            'note' => "Bring the string; 3, 6\nand 9 ft",
        ]);
        $this->book(['title' => 'Boathouse, all', 'starts' => '2026-12-24 16:30']);
        $this->book(['title' => 'Waits', 'starts' => null]);
        Booking::query()
            ->whereNotNull('rule')
            ->sole()
            ->update(['skipped' => ['2026-11-05 10:00']]);
        $out = (string) $this->get('/api/calendar.ics')->assertOk()->getContent();
        self::assertSame(
            [],
            array_filter(
                CalendarFile::of(Booking::query()->with('student', 'green')->get())->validate(),
                static fn(array $problem): bool => $problem['level'] >= Node::REPAIR,
            ),
        );
        // In again it is all there already.
        $this->import($out)->assertJson(['new' => 0, 'changed' => 0, 'same' => 2, 'refused_count' => 0]);

        $other = $this->coach('other@example.test');
        $this->actingAs($other);
        $other->students()->create(self::studentCard(['name' => $student->name]));
        $other->greens()->create(['name' => 'The grass', 'surface' => 'grass']);
        $this->import($out)->assertJson(['new' => 2]);
        self::assertSame($this->shapes($out), $this->shapes((string) $this->get('/api/calendar.ics')->getContent()));
        // One changed there changes here alone.
        $this->import(str_replace('20261224T163000', '20261224T170000', $out))->assertJson([
            'new' => 0,
            'changed' => 1,
            'same' => 1,
        ]);
    }

    public function testTheFeedOpensByItsAddressAloneAndIsDeadOnceWithdrawn(): void
    {
        $this->book(['title' => 'First', 'starts' => '2026-12-03 10:00']);
        $path = (string) $this->postJson('/api/calendar/feed')->assertOk()->json('path');
        app('auth')->forgetGuards();
        self::assertStringContainsString('SUMMARY:First', (string) $this->get($path)->assertOk()->getContent());
        $this->actingAs($this->coach)->deleteJson('/api/calendar/feed')->assertNoContent();
        $this->get($path)->assertNotFound();
    }

    /**
     * A jump to the days that are asked for must not change what a series means: the library's own walk, from its
     * start, is the measure.
     */
    #[DataProvider('rules')]
    public function testALongSeriesHasInAWeekTheTimesThatAWalkFromItsStartComesTo(
        string $rule,
        string $starts = '2019-01-14 10:00',
    ): void {
        $walk = new RRuleIterator($rule, new \DateTimeImmutable($starts, new \DateTimeZone('Europe/Zurich')));
        [$from, $to] = ['2026-03-16 00:00', '2026-04-16 00:00'];
        $walked = [];
        for (; $walk->valid() && $walk->current()?->format('Y-m-d H:i') < $to; $walk->next()) {
            $wall = (string) $walk->current()?->format('Y-m-d H:i');
            $wall >= $from ? ($walked[] = $wall) : null;
        }

        $this->book(['title' => 'Long ago', 'starts' => '2026-01-01 10:00']);
        Booking::query()
            ->sole()
            ->update(['starts' => $starts, 'rule' => $rule]);

        self::assertSame($walked, array_column($this->week('2026-03-16', 31)['items'], 'wall'));
    }

    /** @return iterable<array{0: string, 1?: string}> */
    public static function rules(): iterable
    {
        yield ['FREQ=DAILY'];
        yield ['FREQ=DAILY', '1990-12-03 10:00'];
        yield ['FREQ=DAILY;INTERVAL=3'];
        yield ['FREQ=DAILY;BYDAY=MO,TH;BYMONTH=3,5'];
        yield ['FREQ=DAILY;COUNT=2660'];
        yield ['FREQ=DAILY;UNTIL=20260401T080000Z'];
        yield ['FREQ=WEEKLY;INTERVAL=2;BYDAY=SU,TU,SA'];
        yield ['FREQ=WEEKLY;INTERVAL=3;BYDAY=SU,MO;WKST=SU'];
        yield ['FREQ=WEEKLY;INTERVAL=2;BYDAY=SU,TU;COUNT=371'];
        yield ['FREQ=MONTHLY;INTERVAL=2'];
        yield ['FREQ=MONTHLY', '2019-01-31 10:00'];
        yield ['FREQ=MONTHLY', '2019-01-15 10:00'];
        yield ['FREQ=MONTHLY;BYDAY=2TU,-1FR'];
        yield ['FREQ=MONTHLY;BYMONTHDAY=1,-1', '2019-01-31 10:00'];
        yield ['FREQ=MONTHLY;BYDAY=MO,TU,WE;BYSETPOS=-1'];
        yield ['FREQ=YEARLY', '2019-04-04 10:00'];
        yield ['FREQ=YEARLY;BYMONTH=1,4,5;BYDAY=1MO'];
        yield ['FREQ=YEARLY;BYMONTH=1,3,5;BYMONTHDAY=31,17', '2019-01-31 10:00'];
        yield ['FREQ=YEARLY;INTERVAL=2;BYMONTH=4;BYMONTHDAY=30', '2018-04-30 10:00'];
    }

    public function testAWeekShowsWhatItCanAndNamesWhatItCannotWithADelete(): void
    {
        $good = $this->book(['title' => 'Good', 'starts' => '2026-12-03 10:00', 'every' => 'week', 'times' => 3]);
        $bad = $this->book(['title' => 'Bad', 'starts' => '2026-12-01 10:00']);
        // As an earlier version took it.
        Booking::query()
            ->whereKey($bad)
            ->toBase()
            ->update(['rule' => 'FREQ=YEARLY;BYMONTH=2;BYMONTHDAY=30', 'last_at' => null]);

        $week = $this->week('2026-12-07', 7);
        self::assertSame([$good], array_column(array_column($week['items'], 'booking'), 'id'));
        self::assertSame(
            [[$bad, 'Its rule has no time after the first.']],
            array_map(static fn(array $one): array => [$one['booking']['id'], $one['reason']], $week['unreadable']),
        );
        $this->deleteJson("/api/bookings/$bad")->assertNoContent();
        self::assertSame([], $this->week('2026-12-07', 7)['unreadable']);
    }

    public function testAWeekReadsOnlyTheSeriesThatMayFallIntoIt(): void
    {
        $this->book(['title' => 'Over', 'starts' => '2026-09-03 10:00', 'every' => 'week', 'times' => 3]);
        $this->book(['title' => 'Later', 'starts' => '2026-12-20 10:00', 'every' => 'week', 'times' => 3]);
        $this->book(['title' => 'Last of it', 'starts' => '2026-11-19 10:00', 'every' => 'week', 'times' => 3]);
        $read = [];
        Booking::retrieved(static function (Booking $booking) use (&$read): void {
            $read[] = $booking->title;
        });
        $this->week('2026-11-30', 7);
        self::assertSame(['Last of it'], $read);
    }

    public function testALetterGoesToTheAddressOnTheCardWithTheTimeForTheirCalendar(): void
    {
        Mail::fake();
        config(['amble.sends_mail' => true]);
        $student = $this->student($this->coach);
        $booking = $this->book([
            'student_id' => $student->id,
            'starts' => '2026-12-03 10:00',
            'green_id' => $this->green($this->coach)->id,
        ]);
        $waits = $this->book(['student_id' => $student->id, 'starts' => null]);
        $this->postJson("/api/bookings/$booking/message")
            ->assertStatus(422)
            ->assertJsonPath('errors.email.0', 'This student’s profile has no email address.');
        $this->putJson("/api/students/$student->id/profile", ['email' => 'mara@example.org'])->assertOk();
        $this->postJson("/api/bookings/$booking/message")
            ->assertOk()
            ->assertJson(['to' => 'mara@example.org']);
        $this->postJson("/api/bookings/$waits/message", ['offered' => '2026-12-10 10:00'])->assertOk();
        $this->postJson("/api/bookings/$waits/message", ['offered' => 'soon'])
            ->assertStatus(422)
            ->assertJsonValidationErrors('offered');
        $letters = Mail::sent(BookingMail::class)->all();
        self::assertCount(2, $letters);
        $letters[0]->assertSeeInText('Thursday 3 December 2026, 10:00: 45 minutes, The grass.');
        $letters[0]->assertHasSubject('Your lesson');
        self::assertStringContainsString(
            'DTSTART;TZID=Europe/Zurich:20261203T100000',
            CalendarFile::of([Booking::query()->findOrFail($booking)])->serialize(),
        );
        self::assertCount(1, $letters[0]->attachments());
        $letters[1]->assertSeeInText('Thursday 10 December 2026, 10:00: 45 minutes. Reply if you can come.');
        self::assertSame([], $letters[1]->attachments());
        config(['amble.sends_mail' => false]);
        $this->postJson("/api/bookings/$booking/message")
            ->assertStatus(422)
            ->assertJsonPath('errors.email.0', 'No mail server is set up, so no email was sent.');
        $this->actingAs($this->coach('other@example.test'))
            ->postJson("/api/bookings/$booking/message")
            ->assertNotFound();
    }

    public function testALetterWaitsForTheWorkerAndWhatBecameOfItStandsWithTheBooking(): void
    {
        config([
            'amble.sends_mail' => true,
            'queue.default' => 'database',
            'mail.default' => 'array',
            'mail.mailers.array' => ['transport' => 'array'],
            'mail.mailers.smtp' => ['transport' => 'smtp', 'host' => '127.0.0.1', 'port' => 1, 'timeout' => 1],
        ]);
        $student = $this->student($this->coach);
        $this->putJson("/api/students/$student->id/profile", ['email' => 'mara@example.org'])->assertOk();
        $booking = $this->book(['student_id' => $student->id, 'starts' => '2026-12-03 10:00']);
        $state = fn(): ?string => $this->week('2026-11-30', 7)['items'][0]['booking']['letter']['state'] ?? null;
        self::assertNull($state());
        $this->postJson("/api/bookings/$booking/message")
            ->assertOk()
            ->assertJsonPath('state', 'waiting');
        self::assertSame('waiting', $state());
        $this->artisan('queue:work', ['--once' => true])->assertSuccessful();
        self::assertSame('sent', $state());

        // A mail server that does not answer is tried again, and then given up.
        config(['mail.default' => 'smtp']);
        $this->postJson("/api/bookings/$booking/message")->assertOk();
        for ($try = 1; $try <= 5; ++$try) {
            self::assertSame('waiting', $state(), "before try $try");
            $this->artisan('queue:work', ['--once' => true]);
            self::assertSame($try < 5 ? 1 : 0, DB::table('jobs')->count(), "after try $try");
            $this->travel(2)->hours();
        }
        self::assertSame(['failed', 1], [$state(), DB::table('failed_jobs')->count()]);
        // Without a worker it is told at once.
        config(['queue.default' => 'sync']);
        $this->postJson("/api/bookings/$booking/message")
            ->assertOk()
            ->assertJson(['state' => 'failed', 'to' => 'mara@example.org']);
        // One that was deleted before its turn is written to nobody.
        config(['queue.default' => 'database', 'mail.default' => 'array']);
        $this->postJson("/api/bookings/$booking/message")->assertOk();
        $this->deleteJson("/api/bookings/$booking")->assertNoContent();
        $this->artisan('queue:work', ['--once' => true])->assertSuccessful();
        self::assertSame([0, 0], [DB::table('jobs')->count(), DB::table('letters')->count()]);
    }

    public function testOneTimeOfASeriesThatWasMovedOrCalledOffElsewhereIsSoHere(): void
    {
        $event = static fn(
            string $lines,
        ): string => "BEGIN:VEVENT\r\nUID:series\r\nSUMMARY:Mara\r\nDURATION:PT45M\r\n$lines\r\nEND:VEVENT\r\n";
        $calendar = static fn(string ...$events): string => "BEGIN:VCALENDAR\r\nVERSION:2.0\r\n" .
            implode('', $events) .
            "END:VCALENDAR\r\n";
        $series = $event("DTSTART;TZID=Europe/Zurich:20261203T100000\r\nRRULE:FREQ=WEEKLY;COUNT=4");
        $moved = $event(
            "RECURRENCE-ID;TZID=Europe/Zurich:20261210T100000\r\nDTSTART;TZID=Europe/Zurich:20261211T150000",
        );
        $off = $event(
            "RECURRENCE-ID:20261217T090000Z\r\nDTSTART;TZID=Europe/Zurich:20261217T100000\r\nSTATUS:CANCELLED",
        );
        $this->import($calendar($series, $moved, $off))->assertJson(['new' => 2, 'refused_count' => 0]);
        $times = [['2026-12-03', '10:00'], ['2026-12-11', '15:00'], ['2026-12-24', '10:00']];
        self::assertSame($times, self::times($this->week('2026-11-30', 31)));
        // In whatever order they stand, the same again changes nothing.
        $this->import($calendar($off, $moved, $series))->assertJson(['new' => 0, 'changed' => 0, 'same' => 2]);
        // Moved on, that time alone changes.
        $this->import($calendar($series, str_replace('20261211T150000', '20261212T110000', $moved), $off))->assertJson([
            'changed' => 1,
            'same' => 1,
        ]);
        self::assertSame(['2026-12-12', '11:00'], self::times($this->week('2026-11-30', 31))[1]);
        $refused = $this->import(
            $calendar(
                $event('DTSTART:20261203T100000Z' . "\r\nSTATUS:CANCELLED"),
                str_replace('RECURRENCE-ID;', 'RECURRENCE-ID;RANGE=THISANDFUTURE;', $moved),
            ),
        )->json('refused');
        self::assertSame(
            [
                'It was cancelled.',
                'It changes a repeated event from one day on; end the one here, and book the rest again.',
            ],
            array_column($refused, 'reason'),
        );
    }

    #[DataProvider('hostile')]
    public function testAHostileCalendarIsRefusedInWords(string $text): void
    {
        $answer = $this->postJson('/api/calendar', ['text' => $text, 'zone' => 'UTC']);
        self::assertContains($answer->getStatusCode(), [200, 422]);
        self::assertSame(0, Booking::query()->count());
        $said = $answer->json('refused.0.reason') ?? ($answer->json('errors.text.0') ?? $answer->json('fields.text'));
        self::assertIsString($said, (string) $answer->getContent());
        self::assertStringEndsWith('.', $said);
    }

    /** @return iterable<string, array{string}> */
    public static function hostile(): iterable
    {
        $event = static fn(
            string $lines,
        ): string => "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nBEGIN:VEVENT\r\nSUMMARY:x\r\n$lines\r\nEND:VEVENT\r\nEND:VCALENDAR\r\n";
        yield 'no calendar' => ['just words'];
        yield 'nothing in it' => ["BEGIN:VCALENDAR\r\nVERSION:2.0\r\nEND:VCALENDAR\r\n"];
        yield 'a card' => ["BEGIN:VCARD\r\nVERSION:4.0\r\nFN:x\r\nEND:VCARD\r\n"];
        yield 'cut off' => ["BEGIN:VCALENDAR\r\nBEGIN:VEVENT\r\nUID:a"];
        yield 'markup' => ['<?xml version="1.0"?><!DOCTYPE x [<!ENTITY a SYSTEM "file:///etc/passwd">]><x>&a;</x>'];
        yield 'null bytes' => ["BEGIN:VCALENDAR\0\r\nEND:VCALENDAR"];
        yield 'a json object' => ['{"a":1}'];
        yield 'no start' => [$event('UID:a')];
        yield 'no uid' => [$event('DTSTART:20261203T100000Z')];
        yield 'no end' => [$event("UID:a\r\nDTSTART:20261203T100000Z")];
        yield 'a whole day' => [$event("UID:a\r\nDTSTART;VALUE=DATE:20261203")];
        yield 'ends before it begins' => [$event("UID:a\r\nDTSTART:20261203T100000Z\r\nDTEND:20261203T090000Z")];
        yield 'lasts a year' => [$event("UID:a\r\nDTSTART:20261203T100000Z\r\nDURATION:P365D")];
        yield 'a day that is none' => [$event("UID:a\r\nDTSTART:20261399T996100Z\r\nDURATION:PT30M")];
        yield 'a duration that is none' => [$event("UID:a\r\nDTSTART:20261203T100000Z\r\nDURATION:long")];
        yield 'a rule that is none' => [
            $event("UID:a\r\nDTSTART:20261203T100000Z\r\nDURATION:PT30M\r\nRRULE:FREQ=SOMETIMES"),
        ];
        yield 'a rule of nothing' => [$event("UID:a\r\nDTSTART:20261203T100000Z\r\nDURATION:PT30M\r\nRRULE:")];
        yield 'every second for ever' => [
            $event("UID:a\r\nDTSTART:20261203T100000Z\r\nDURATION:PT30M\r\nRRULE:FREQ=SECONDLY"),
        ];
        yield 'a rule that would be cut' => [
            $event(
                "UID:a\r\nDTSTART:20261203T100000Z\r\nDURATION:PT30M\r\nRRULE:FREQ=YEARLY;BYYEARDAY=" .
                    implode(',', range(100, 170)) .
                    ';COUNT=2',
            ),
        ];
        yield 'every hour' => [$event("UID:a\r\nDTSTART:20261203T100000Z\r\nDURATION:PT30M\r\nRRULE:FREQ=HOURLY")];
        yield 'many times a day' => [
            $event("UID:a\r\nDTSTART:20261203T100000Z\r\nDURATION:PT30M\r\nRRULE:FREQ=DAILY;BYHOUR=8,9,10,11"),
        ];
        $rule = static fn(string $rule): string => $event(
            "UID:a\r\nDTSTART:20260105T100000Z\r\nDURATION:PT30M\r\nRRULE:$rule",
        );
        yield 'a day that no year has' => [$rule('FREQ=YEARLY;BYMONTH=2;BYMONTHDAY=30')];
        yield 'a week that no year has' => [$rule('FREQ=YEARLY;BYWEEKNO=53')];
        yield 'the fiftieth Monday of a month' => [$rule('FREQ=MONTHLY;BYSETPOS=50;BYDAY=MO')];
        yield 'a day of the month that none has' => [$rule('FREQ=MONTHLY;BYMONTHDAY=32')];
        yield 'a weekday that the interval never meets' => [$rule('FREQ=DAILY;INTERVAL=7;BYDAY=WE')];
        yield 'the second Tuesday of a week' => [$rule('FREQ=WEEKLY;BYDAY=2TU')];
        yield 'steps of more than a life' => [$rule('FREQ=DAILY;INTERVAL=9223372036854775807')];
        yield 'more times than a life has' => [$rule('FREQ=DAILY;COUNT=99999999')];
        yield 'a count that is none' => [$rule('FREQ=DAILY;COUNT=-1')];
        yield 'a last day that is none' => [$rule('FREQ=DAILY;UNTIL=soon')];
        yield 'one day changed' => [
            $event("UID:a\r\nDTSTART:20261203T100000Z\r\nDURATION:PT30M\r\nRECURRENCE-ID:20261203T100000Z"),
        ];
        yield 'a name without end' => [
            $event('UID:' . str_repeat('a', 5000) . "\r\nDTSTART:20261203T100000Z\r\nDURATION:PT30M"),
        ];
        yield 'two thousand and one' => [
            "BEGIN:VCALENDAR\r\nVERSION:2.0\r\n" .
            str_repeat("BEGIN:VEVENT\r\nUID:a\r\nEND:VEVENT\r\n", 2001) .
            "END:VCALENDAR\r\n",
        ];
    }

    /** @param array<string, mixed> $fields */
    private function book(array $fields): string
    {
        return (string) $this->postJson(
            '/api/bookings',
            $fields + ['id' => (string) Str::ulid(), 'zone' => 'Europe/Zurich', 'minutes' => 45],
        )
            ->assertSuccessful()
            ->json('id');
    }

    /**
     * @return array{items: list<array<string, mixed>>, waiting: list<array<string, mixed>>, unreadable: list<array<string, mixed>>}
     */
    private function week(string $from, int $days): array
    {
        /**
         * @var array{items: list<array<string, mixed>>, waiting: list<array<string, mixed>>, unreadable: list<array<string, mixed>>}
         *     $week
         */
        $week = $this->getJson("/api/calendar?from=$from&days=$days&zone=Europe/Zurich")
            ->assertOk()
            ->json();

        return $week;
    }

    /**
     * @param array<string, mixed> $week
     *
     * @return list<array{string, string}>
     */
    private static function times(array $week): array
    {
        return array_map(static fn(array $item): array => [$item['day'], $item['time']], (array) $week['items']);
    }

    private function import(string $text): \Illuminate\Testing\TestResponse
    {
        $this->postJson('/api/calendar/preview', ['text' => $text, 'zone' => 'Europe/Zurich'])->assertOk();

        return $this->postJson('/api/calendar', ['text' => $text, 'zone' => 'Europe/Zurich'])->assertOk();
    }

    /** @return list<string> what a calendar says, but for when it was written */
    private function shapes(string $text): array
    {
        $lines = preg_split('/\r\n(?! )/', $text) ?: [];

        return array_values(array_filter($lines, static fn(string $line): bool => !str_starts_with($line, 'DTSTAMP')));
    }
}
