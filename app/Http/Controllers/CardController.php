<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Amble\Core\Card\Card;
use Amble\Core\Card\ShippedCards;
use App\Http\Requests\ToldRequest;
use App\Http\Resources\CardResource;
use App\Models\OwnCard;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;

/** A bench's cards of points. */
final class CardController
{
    /** Keep a card whole under its key: one that ships becomes the bench's own. */
    public function update(ToldRequest $request, string $key): JsonResponse
    {
        $coach = $request->coach();
        $card = Card::read($key, $request->told());
        OwnCard::query()->updateOrCreate(['bench_id' => $coach->bench_id, 'key' => $key], ['coach_id' => $coach->id, 'content' => $card->toArray()]);

        return new JsonResponse(new CardResource($card));
    }

    /** Drop a card of the bench; one that ships is again as it ships. What was seen of it stays in the log. */
    public function destroy(ToldRequest $request, string $key): Response
    {
        $gone = OwnCard::query()->where('bench_id', $request->coach()->bench_id)->where('key', $key)->delete();
        abort_if($gone === 0 && !isset(ShippedCards::all()[$key]), 404);

        return response()->noContent();
    }
}
