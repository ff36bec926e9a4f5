<?php

declare(strict_types=1);

namespace App\Auth;

use App\Models\Coach;
use App\Models\RecoveryCode;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\Encryption\DecryptException;
use Illuminate\Support\Facades\Crypt;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Validation\ValidationException;
use ParagonIE\ConstantTime\Base32;

/** What a coach is asked for at the door besides the password: a code of the moment, or one of a few spare ones. */
final readonly class TwoStepSignIn
{
    private const SPARE_CODES = 8;

    /** Twelve letters: nobody tries through them, however long. */
    private const SPARE_BYTES = 8;
    private const SPARE_LETTERS = 12;

    /**
     * Wrong codes with the right password: at this pace it takes years to hit one of the three of a million that open.
     */
    private const TRIES = 10;
    private const TRIES_SECONDS = 3_600;

    public function __construct(private Coach $coach) {}

    public function isOn(): bool
    {
        return $this->coach->second_factor_since !== null;
    }

    /** @return array{since: string|null, spare_left: int} */
    public function status(): array
    {
        return [
            'since' => $this->coach->second_factor_since?->toIso8601ZuluString(),
            'spare_left' => RecoveryCode::query()->where('coach_id', $this->coach->id)->count(),
        ];
    }

    /**
     * Ask for codes from now on.
     *
     * @param string $secret in base 32, as the authenticator has it
     * @param string $code what it shows, so that it is known to work
     *
     * @return list<string> spare codes, told once
     *
     * @throws ValidationException If the code is not the one of the moment.
     */
    public function turnOn(string $secret, string $code): array
    {
        $step =
            TimeCode::step($secret, self::plain($code), CarbonImmutable::now()->getTimestamp()) ??
            throw ValidationException::withMessages([
                'code' =>
                    'This code is not valid. Check that the clock of the device is right, then type the next code.',
            ]);

        return DB::transaction(function () use ($secret, $step): array {
            $this->coach
                ->forceFill([
                    'second_factor' => Crypt::encryptString($secret),
                    'second_factor_since' => CarbonImmutable::now(),
                    'second_factor_step' => $step,
                ])
                ->save();

            return $this->newSpareCodes();
        });
    }

    /** Ask for the password alone again. */
    public function turnOff(): void
    {
        DB::transaction(function (): void {
            $this->coach
                ->forceFill(['second_factor' => null, 'second_factor_since' => null, 'second_factor_step' => 0])
                ->save();
            RecoveryCode::query()->where('coach_id', $this->coach->id)->delete();
        });
    }

    /** @return list<string> fresh ones, told once; those before are worth nothing */
    public function newSpareCodes(): array
    {
        $codes = array_map(
            static fn(): string => implode(
                '-',
                str_split(
                    substr(Base32::encodeUpperUnpadded(random_bytes(self::SPARE_BYTES)), 0, self::SPARE_LETTERS),
                    4,
                ),
            ),
            range(1, self::SPARE_CODES),
        );
        DB::transaction(function () use ($codes): void {
            RecoveryCode::query()->where('coach_id', $this->coach->id)->delete();
            RecoveryCode::query()->insert(
                array_map(
                    fn(string $code): array => ['coach_id' => $this->coach->id, 'hash' => self::hash($code)],
                    $codes,
                ),
            );
        });

        return $codes;
    }

    /**
     * Let somebody pass who knows the password, and uses a code up by it.
     *
     * @throws ValidationException If one is due and was not given, or is wrong.
     */
    public function pass(?string $code): void
    {
        if (!$this->isOn()) {
            return;
        }
        if ($code === null) {
            throw ValidationException::withMessages([
                'code' => 'Type the six digits from your authenticator, or a recovery code.',
            ]);
        }
        if ($this->takesSpare($code)) {
            return;
        }
        $tries = 'second-factor|' . $this->coach->id;
        if (RateLimiter::tooManyAttempts($tries, self::TRIES)) {
            throw ValidationException::withMessages([
                'code' => sprintf(
                    'Too many wrong codes. Use a recovery code, or wait %d minutes.',
                    (int) ceil(RateLimiter::availableIn($tries) / 60),
                ),
            ]);
        }
        if (!$this->takesCode($code)) {
            RateLimiter::hit($tries, self::TRIES_SECONDS);

            throw ValidationException::withMessages([
                'code' => 'This code is not valid, or it was used already. Type the next code.',
            ]);
        }
        RateLimiter::clear($tries);
    }

    private function takesCode(string $code): bool
    {
        try {
            $secret = Crypt::decryptString((string) $this->coach->second_factor);
        } catch (DecryptException $error) {
            // A database brought to a machine with another key: the spare codes are lost as well, and only its keeper
            // can help.
            report($error);

            return false;
        }
        $step = TimeCode::step($secret, self::plain($code), CarbonImmutable::now()->getTimestamp());

        // It and those before it are used up by whoever writes first: the same code sent twice at once opens once.
        return $step !== null &&
            DB::table('coaches')
                ->where('id', $this->coach->id)
                ->where('second_factor_step', '<', $step)
                ->update(['second_factor_step' => $step]) === 1;
    }

    private function takesSpare(string $code): bool
    {
        return RecoveryCode::query()
            ->where('coach_id', $this->coach->id)
            ->where('hash', self::hash($code))
            ->delete() === 1;
    }

    /** Long and drawn at random, a code needs no slow hash; the key keeps a stolen database from being worth a try. */
    private static function hash(string $code): string
    {
        return hash_hmac('sha256', self::plain($code), (string) config('app.key'));
    }

    private static function plain(string $code): string
    {
        return strtolower((string) preg_replace('/[\s-]+/', '', $code));
    }
}
