<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ForgottenRequest;
use App\Http\Requests\NewForForgottenRequest;
use App\Mail\LocalOutbox;
use App\Models\Coach;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Mail\Mailer;
use Illuminate\Mail\Message;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Facades\Password;
use Illuminate\Validation\ValidationException;

/** A way back in for who forgot the password: a link by mail, good once and for an hour. */
final class ForgottenPasswordController
{
    /** Whoever asks, the answer is the same and comes as soon: it tells nobody who has an account. */
    public function ask(ForgottenRequest $request): Response
    {
        abort_unless((bool) config('amble.sends_mail'), 404);
        $email = $request->validated('email');
        dispatch(static function () use ($email): void {
            Password::sendResetLink(['email' => $email], static function (Coach $coach, string $token): void {
                Mail::raw(self::text($coach, $token), static fn(Message $mail) => $mail->to($coach->email)->subject('A new password for Amble'));
            });
        })->afterResponse();

        return response()->noContent();
    }

    /** Set the new password; every device that was signed in is signed out by it. */
    public function renew(NewForForgottenRequest $request): Response
    {
        $answer = Password::reset($request->validated(), static function (Coach $coach, string $password): void {
            $coach->renewPassword($password);
        });
        if ($answer !== Password::PASSWORD_RESET) {
            throw ValidationException::withMessages(['token' => 'This link is used up, or older than an hour. Ask for a new one.']);
        }

        return response()->noContent();
    }

    /** What the demo would have sent. */
    public function outbox(): JsonResponse
    {
        $mailer = Mail::mailer();
        $outbox = $mailer instanceof Mailer ? $mailer->getSymfonyTransport() : null;
        if (!config('amble.demo') || !$outbox instanceof LocalOutbox) {
            abort(404);
        }

        return new JsonResponse($outbox->messages());
    }

    private static function text(Coach $coach, string $token): string
    {
        $link = url('/new-password/' . $token . '?' . http_build_query(['email' => $coach->email]));

        return "Somebody asked for a new password for $coach->email at Amble.\n\nIf that was you, choose one here within an hour:\n$link\n\nIf it was not, do nothing: the password stays as it is.\n";
    }
}
