<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Amble\Core\Exception\InvalidInput;
use App\Actions\SendBookingMail;
use App\Http\Requests\BookingMessageRequest;
use App\Http\Requests\BookingRequest;
use App\Http\Requests\CalendarRequest;
use App\Http\Requests\CalendarWeekRequest;
use App\Http\Resources\BookingMessageResource;
use App\Http\Resources\BookingResource;
use App\Models\Booking;
use App\Models\BookingMessage;
use App\Models\Coach;
use App\Models\MessageState;
use App\Reports\CalendarFile;
use App\Reports\CalendarWeek;
use Carbon\CarbonImmutable;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Bus;
use Illuminate\Support\Str;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Mailer\Exception\TransportExceptionInterface;

/** Who comes when: bookings, and calendars out and in. */
final class CalendarController
{
    /** As many letters cannot be guessed. */
    private const LETTERS = 40;

    public function show(CalendarWeekRequest $request): JsonResponse
    {
        $coach = $request->coach();
        $zone = new \DateTimeZone($request->string('zone')->toString());
        [$items, $unreadable] = CalendarWeek::items($coach, $request->from(), $request->until());

        // A series is told once, however often it comes.
        $told = [];
        foreach ($items as $item) {
            $told[$item['booking']->id] ??= (new BookingResource($item['booking']))->resolve($request);
        }

        return new JsonResponse([
            'items' => array_map(static function (array $item) use ($told, $zone): array {
                [$day, $time] = explode(' ', $item['at']->setTimezone($zone)->format('Y-m-d H:i'));

                return [
                    'booking' => $told[$item['booking']->id],
                    'day' => $day,
                    'time' => $time,
                    'wall' => $item['at']->format('Y-m-d H:i'),
                    'clashes' => $item['clashes'],
                ];
            }, $items),
            'unreadable' => array_map(
                static fn(array $one): array => [
                    'booking' => new BookingResource($one['booking']),
                    'reason' => $one['reason'],
                ],
                $unreadable,
            ),
            'waiting' => BookingResource::collection(
                Booking::query()
                    ->with('student', 'green', 'lastLetter')
                    ->where('workspace_id', $coach->workspace_id)
                    ->where('starts', null)
                    ->get()
                    ->sortBy('id')
                    ->values(),
            ),
            'has_feed' => $coach->calendar_hash !== null,
        ]);
    }

    /** Keep a booking under the client's id; the same id again answers with what is there. */
    public function store(BookingRequest $request): BookingResource
    {
        $coach = $request->coach();

        return new BookingResource(
            Booking::once(
                $request->clientId(),
                $coach->workspace_id,
                static fn(): Booking => Booking::query()->create(
                    $request->columns() +
                        array_filter(['id' => $request->clientId()]) + [
                            'workspace_id' => $coach->workspace_id,
                            'coach_id' => $coach->id,
                        ],
                ),
            ),
        );
    }

    public function update(BookingRequest $request, Booking $booking): BookingResource
    {
        $booking->update($request->columns());

        return new BookingResource($booking->refresh());
    }

    public function destroy(Booking $booking): Response
    {
        $booking->delete();

        return response()->noContent();
    }

    /** One time of a repeated booking falls out. */
    public function skip(Request $request, Booking $booking): BookingResource
    {
        $fields = $request->validate(
            ['wall' => ['bail', 'required', 'string', 'date_format:Y-m-d H:i']],
            ['wall.*' => 'Give the lesson to cancel, like 2026-12-03 10:00.'],
        );
        $booking->update(['skipped' => array_values(array_unique([...$booking->skipped, $fields['wall']]))]);

        return new BookingResource($booking);
    }

    /** Write to whoever comes, at the address on their card; through the mailer that is set, or into the outbox. */
    public function write(BookingMessageRequest $request, Booking $booking): BookingMessageResource
    {
        if (!config('amble.sends_mail')) {
            throw InvalidInput::at('email', 'No mail server is set up, so no email was sent.');
        }
        $booking->student?->facts()->demandConsent('email');
        $email =
            $booking->student?->facts()->email ??
            throw InvalidInput::at('email', 'This student’s profile has no email address.');
        $letter = BookingMessage::query()->create([
            'workspace_id' => $booking->workspace_id,
            'coach_id' => $request->coach()->id,
            'booking_id' => $booking->id,
            'to' => $email,
            'offered' => $request->offered($booking->zone)?->format('Y-m-d H:i'),
            'state' => MessageState::Waiting,
        ]);
        try {
            // Not by the job's own dispatch(), which works in a destructor: compiled functions do not catch what that
            // throws.
            Bus::dispatch(new SendBookingMail($letter->id));
        } catch (TransportExceptionInterface $failed) {
            // Sent at once, where no worker is set up: what became of it is told as with one.
            report($failed);
        }

        return new BookingMessageResource(BookingMessage::query()->findOrFail($letter->id));
    }

    public function file(#[CurrentUser] Coach $coach): Response
    {
        return self::calendar($coach);
    }

    /** Make a private address for calendars to look at; the one before opens nothing any more. */
    public function openFeed(#[CurrentUser] Coach $coach): JsonResponse
    {
        $token = Str::random(self::LETTERS);
        $coach->forceFill(['calendar_hash' => hash('sha256', $token)])->save();

        return new JsonResponse(['path' => "/api/calendar/$token.ics"]);
    }

    public function closeFeed(#[CurrentUser] Coach $coach): Response
    {
        $coach->forceFill(['calendar_hash' => null])->save();

        return response()->noContent();
    }

    /** The calendar for whoever holds its address. */
    public function feed(string $token): Response
    {
        return self::calendar(
            Coach::query()->where('calendar_hash', hash('sha256', $token))->first() ??
                abort(404, 'There is no calendar at this address: the link was removed.'),
        );
    }

    /** Tell what a calendar would bring; nothing is kept. */
    public function preview(CalendarRequest $request): JsonResponse
    {
        return $this->take($request, true);
    }

    public function import(CalendarRequest $request): JsonResponse
    {
        return $this->take($request, false);
    }

    private function take(CalendarRequest $request, bool $isTrial): JsonResponse
    {
        [$events, $refused] = CalendarFile::read(
            $request->string('text')->toString(),
            $request->string('zone')->toString(),
        );
        if ($events === [] && $refused === []) {
            throw InvalidInput::at('text', 'There is no event in this calendar.');
        }

        return new JsonResponse(
            CalendarWeek::take($request->coach(), $events, $isTrial) + [
                'refused' => array_slice($refused, 0, 20),
                'refused_count' => count($refused),
            ],
        );
    }

    private static function calendar(Coach $coach): Response
    {
        return response(CalendarFile::of(CalendarWeek::bookings($coach))->serialize(), 200, [
            'Content-Type' => 'text/calendar; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="amble.ics"',
            'Cache-Control' => 'private, no-store',
            'Last-Modified' => CarbonImmutable::now()->toRfc7231String(),
            'X-Robots-Tag' => 'noindex',
        ]);
    }
}
