<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\CloseAccount;
use App\Auth\SignedInDevices;
use App\Http\Requests\AccountRequest;
use App\Http\Requests\NewPasswordRequest;
use App\Http\Requests\SettingsRequest;
use App\Http\Requests\SignInRequest;
use App\Http\Requests\SignUpRequest;
use App\Http\Resources\CoachResource;
use App\Models\Coach;
use App\Models\ErasedRecord;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

final class AccountController
{
    /** Say who is signed in, and whether the demo workspace is offered. */
    public function show(Request $request): JsonResponse
    {
        $coach = $request->user();
        if ($coach instanceof Coach) {
            SignedInDevices::seen($request, $coach);
        }

        return new JsonResponse([
            'coach' => $coach instanceof Coach ? CoachResource::make($coach) : null,
            'demo' => (bool) config('amble.demo'),
            'sends_mail' => (bool) config('amble.sends_mail'),
            'erased' => $coach instanceof Coach ? ErasedRecord::of($coach->workspace_id) : [],
        ]);
    }

    public function signIn(SignInRequest $request): CoachResource
    {
        if (!Auth::attemptWhen($request->credentials(), $request->passes(...), true)) {
            throw ValidationException::withMessages(['email' => 'The email address and password do not match.']);
        }

        return $this->begin($request);
    }

    public function signUp(SignUpRequest $request): CoachResource
    {
        try {
            $coach = DB::transaction(static fn(): Coach => Coach::query()->create($request->validated()));
        } catch (UniqueConstraintViolationException) {
            // Sent twice at the same moment: the other one was quicker.
            throw ValidationException::withMessages(['email' => $request->messages()['unique']]);
        }
        Auth::login($coach, true);

        return $this->begin($request);
    }

    /** Tell where this coach is signed in. */
    public function signIns(Request $request, #[CurrentUser] Coach $coach): JsonResponse
    {
        return new JsonResponse(SignedInDevices::of($request, $coach));
    }

    /** Open the demo workspace; outside demo mode there is no such door. */
    public function demo(Request $request): CoachResource
    {
        abort_unless((bool) config('amble.demo'), 404);
        Auth::login(Coach::query()->where('email', config('amble.demo_email'))->firstOrFail());

        return $this->begin($request);
    }

    public function signOut(Request $request): Response
    {
        SignedInDevices::left($request);
        Auth::logout();

        return $this->end($request);
    }

    /**
     * Keep a password, the same one or another, by a hash no other device knows: each of them is signed out by it, and
     * this one is signed in again.
     */
    public function hashAnew(AccountRequest $request): Response
    {
        $request->coach()->update(['password' => $request->validated('password')]);
        Auth::login($request->coach(), true);
        SignedInDevices::onlyHere($request, $request->coach());

        return response()->noContent();
    }

    public function changePassword(NewPasswordRequest $request): Response
    {
        return $this->hashAnew($request);
    }

    /** What would go with the account. */
    public function deletionPreview(#[CurrentUser] Coach $coach): JsonResponse
    {
        return new JsonResponse((new CloseAccount($coach))->deletionPreview());
    }

    /** Delete the account and what is its alone. */
    public function close(AccountRequest $request): Response
    {
        (new CloseAccount($request->coach()))->close();
        Auth::forgetUser();

        return $this->end($request);
    }

    public function update(SettingsRequest $request): CoachResource
    {
        $request->coach()->update($request->validated());

        return CoachResource::make($request->coach());
    }

    private function end(Request $request): Response
    {
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return response()->noContent();
    }

    /** Start a fresh session id, so that one planted before signing in is worth nothing. */
    private function begin(Request $request): CoachResource
    {
        $request->session()->regenerate();
        $coach = Auth::user();
        assert($coach instanceof Coach);
        SignedInDevices::seen($request, $coach);

        return CoachResource::make($coach);
    }
}
