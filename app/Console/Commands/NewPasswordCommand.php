<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Auth\TwoStepSignIn;
use App\Models\Coach;
use Illuminate\Console\Command;
use Illuminate\Support\Str;

/**
 * For who runs an Amble that sends no mail: gives a coach who forgot theirs a password to sign in with once and change.
 */
final class NewPasswordCommand extends Command
{
    protected $signature = 'amble:new-password {email}';

    protected $description = 'Give a coach who forgot their password a new one';

    public function handle(): int
    {
        $email = $this->argument('email');
        $coach = is_string($email) ? Coach::withAddress($email) : null;
        if ($coach === null) {
            $this->components->error('There is no account with this address.');

            return self::FAILURE;
        }
        $password = Str::password(16, symbols: false);
        $coach->renewPassword($password);
        $factor = new TwoStepSignIn($coach);
        $asked = $factor->isOn();
        $factor->turnOff();
        $this->components->info("The password of $coach->email is now: $password");
        $this->line('  Every device is signed out. They can change it under Settings, Account.');

        if ($asked) {
            $this->line('  No code is asked for at sign-in any more; they can turn it on again there.');
        }

        return self::SUCCESS;
    }
}
