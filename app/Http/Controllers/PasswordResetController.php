<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\SendResetLink;
use App\Http\Requests\ForgotPasswordRequest;
use App\Http\Requests\ResetPasswordRequest;
use App\Mail\LocalMailFolder;
use App\Models\Coach;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Mail\Mailer;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Facades\Password;
use Illuminate\Validation\ValidationException;

/** A way back in for who forgot the password: a link by mail, good once and for an hour. */
final class PasswordResetController
{
    /** Whoever asks, the answer is the same and comes as soon: it tells nobody who has an account. */
    public function ask(ForgotPasswordRequest $request): Response
    {
        abort_unless((bool) config('amble.sends_mail'), 404);
        $send = new SendResetLink($request->string('email')->toString());
        // Without a worker it is sent once the answer is out.
        config('queue.default') === 'sync' ? dispatch($send)->afterResponse() : dispatch($send);

        return response()->noContent();
    }

    /** Set the new password; every device that was signed in is signed out by it. */
    public function renew(ResetPasswordRequest $request): Response
    {
        $answer = DB::transaction(static function () use ($request): mixed {
            // Where the same link is sent twice at once the second waits here, and finds it used up.
            DB::table('password_reset_tokens')->where('email', $request->validated('email'))->lockForUpdate()->first();

            return Password::reset($request->validated(), static function (Coach $coach, string $password): void {
                $coach->renewPassword($password);
            });
        });
        if ($answer !== Password::PASSWORD_RESET) {
            throw ValidationException::withMessages([
                'token' => 'This link was used already, or is older than an hour. Ask for a new one.',
            ]);
        }

        return response()->noContent();
    }

    /** What the demo would have sent. */
    public function outbox(): JsonResponse
    {
        $mailer = Mail::mailer();
        $outbox = $mailer instanceof Mailer ? $mailer->getSymfonyTransport() : null;
        if (!config('amble.demo') || !($outbox instanceof LocalMailFolder)) {
            abort(404);
        }

        return new JsonResponse($outbox->messages());
    }
}
