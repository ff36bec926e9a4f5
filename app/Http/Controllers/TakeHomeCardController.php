<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\HomeDrillAnswers;
use App\Http\Middleware\AuthenticateLink;
use App\Http\Requests\TakeHomeCardRequest;
use App\Http\Requests\TakeHomeLinkRequest;
use App\Http\Resources\TakeHomeCardResource;
use App\Models\Student;
use App\Models\TakeHomeCard;
use App\Reports\HomeworkLog;
use App\Reports\TakeHomeCards;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** A student's take-home card: one printed side, and a private link to it. */
final class TakeHomeCardController
{
    public function __construct(
        private readonly TakeHomeCards $pocket,
        private readonly HomeworkLog $home,
        private readonly HomeDrillAnswers $drill,
    ) {}

    public function show(Student $student): JsonResponse
    {
        return $this->answer($student, $this->pocket->cardOf($student));
    }

    public function update(TakeHomeCardRequest $request, Student $student): JsonResponse
    {
        return $this->answer($student, $this->pocket->keep($student, $request->validated(), $request->coach()->id));
    }

    /** Make a link; it is told this once, and one made before opens nothing any more. */
    public function open(TakeHomeLinkRequest $request, Student $student): JsonResponse
    {
        $student->facts()->demandConsent('days');
        $card = $this->pocket->keep($student, [], $request->coach()->id);

        return $this->answer($student, $card, $card->open($request->until()));
    }

    public function withdraw(Student $student): JsonResponse
    {
        $card = $this->pocket->cardOf($student);
        if ($card->exists) {
            $card->withdraw();
        }

        return $this->answer($student, $card);
    }

    /** Show the card to whoever holds its link. */
    public function behind(Request $request): JsonResponse
    {
        $card = AuthenticateLink::card($request);

        return (new JsonResponse(
            new TakeHomeCardResource(
                $card,
                $card->student,
                $this->pocket->tables($card->student, $card),
                $this->home->of($card->student),
                $this->drill->offered($card),
            ),
        ))->withHeaders([
            'Cache-Control' => 'private, no-store',
            'Referrer-Policy' => 'no-referrer',
            'X-Robots-Tag' => 'noindex',
        ]);
    }

    /** @param string|null $link told where it has just been made */
    private function answer(Student $student, TakeHomeCard $card, ?string $link = null): JsonResponse
    {
        return new JsonResponse([
            'card' => new TakeHomeCardResource(
                $card,
                $student,
                $this->pocket->tables($student, $card),
                $this->home->of($student),
            ),
            'speed_1_m' => $card->speed_1_m,
            'speed_2_m' => $card->speed_2_m,
            'link' => $link,
            'link_until' => $card->link_hash === null ? null : $card->link_until?->toIso8601ZuluString(),
        ]);
    }
}
