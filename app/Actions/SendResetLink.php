<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Coach;
use Illuminate\Contracts\Queue\ShouldBeEncrypted;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Mail\Message;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Facades\Password;

/**
 * Sends the link to a new password, where there is an account of that address. The link is made here: no queue holds
 * it.
 */
final class SendResetLink implements ShouldBeEncrypted, ShouldQueue
{
    use Queueable;

    public int $tries = 3;

    /** @var list<int> seconds until each next try: longer than the broker waits between two links */
    public array $backoff = [90, 300];

    public function __construct(private readonly string $email) {}

    public function handle(): void
    {
        Password::sendResetLink(['email' => $this->email], static function (Coach $coach, string $token): void {
            Mail::raw(
                self::text($coach, $token),
                static fn(Message $mail) => $mail->to($coach->email)->subject('Your new password for Amble'),
            );
        });
    }

    /** At the address the app is set up for: whoever asks says nothing of where the link leads. */
    private static function text(Coach $coach, string $token): string
    {
        $link =
            rtrim(config()->string('app.url'), '/') .
            "/new-password/$token?" .
            http_build_query(['email' => $coach->email]);

        return "A new password was requested for $coach->email at Amble.\n\nIf you asked for it, choose one here within an hour:\n$link\n\nIf you did not, do nothing: your password does not change.\n";
    }
}
