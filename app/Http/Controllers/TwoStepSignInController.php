<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Auth\TimeCode;
use App\Auth\TwoStepSignIn;
use App\Http\Requests\AccountRequest;
use App\Http\Requests\TwoStepSignInRequest;
use App\Models\Coach;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;

/** What is asked for at the door besides the password. */
final class TwoStepSignInController
{
    /** Where a secret waits for its first code: in the session alone, so that one never used is nowhere kept. */
    private const OFFERED = 'second_factor_offered';

    public function show(#[CurrentUser] Coach $coach): JsonResponse
    {
        return new JsonResponse((new TwoStepSignIn($coach))->status());
    }

    /** Offer a secret for an authenticator; nothing is asked for before its first code has come. */
    public function offer(AccountRequest $request): JsonResponse
    {
        $secret = TimeCode::newSecret();
        $request->session()->put(self::OFFERED, $secret);

        return new JsonResponse(['secret' => $secret, 'uri' => TimeCode::uri($secret, $request->coach()->email)]);
    }

    public function turnOn(TwoStepSignInRequest $request): JsonResponse
    {
        $secret = $request->session()->get(self::OFFERED);
        if (!is_string($secret)) {
            throw ValidationException::withMessages(['code' => 'This set-up has ended. Start again.']);
        }
        $spare = (new TwoStepSignIn($request->coach()))->turnOn($secret, $request->validated('code'));
        $request->session()->forget(self::OFFERED);

        return new JsonResponse(['spare' => $spare]);
    }

    public function renewSpare(AccountRequest $request): JsonResponse
    {
        $factor = new TwoStepSignIn($request->coach());
        if (!$factor->isOn()) {
            throw ValidationException::withMessages([
                'password' => 'Two-step sign-in is off, so recovery codes are not used.',
            ]);
        }

        return new JsonResponse(['spare' => $factor->newSpareCodes()]);
    }

    public function turnOff(AccountRequest $request): Response
    {
        (new TwoStepSignIn($request->coach()))->turnOff();

        return response()->noContent();
    }
}
