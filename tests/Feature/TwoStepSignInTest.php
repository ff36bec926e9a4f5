<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Auth\TimeCode;
use App\Auth\TwoStepSignIn;
use App\Models\Coach;
use Carbon\CarbonImmutable;
use Illuminate\Encryption\Encrypter;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Crypt;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Illuminate\Validation\ValidationException;
use Tests\TestCase;

final class TwoStepSignInTest extends TestCase
{
    private const PASSWORD = 'a long password';

    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo(CarbonImmutable::parse('2026-11-26 10:00:10'));
    }

    /** RFC 6238, appendix B, the lines for SHA-1: eight digits there, of which six are the last. */
    public function testTheCodesAreThoseOfTheStandard(): void
    {
        $secret = 'GEZDGNBVGY3TQOJQGEZDGNBVGY3TQOJQ';
        foreach (
            [
                59 => '94287082',
                1_111_111_109 => '07081804',
                1_111_111_111 => '14050471',
                1_234_567_890 => '89005924',
                2_000_000_000 => '69279037',
                20_000_000_000 => '65353130',
            ]
            as $time => $code
        ) {
            self::assertSame(
                substr($code, 2),
                TimeCode::at($secret, intdiv($time, TimeCode::STEP_SECONDS)),
                "at $time",
            );
        }
        self::assertMatchesRegularExpression('/^[A-Z2-7]{32}$/', TimeCode::newSecret());
        self::assertNotSame(TimeCode::newSecret(), TimeCode::newSecret());
        self::assertSame(
            'otpauth://totp/Amble:ann%2Bclinic%40example.test?secret=ABC&issuer=Amble',
            TimeCode::uri('ABC', 'ann+clinic@example.test'),
        );
    }

    public function testACodeIsAskedForOnceItIsKnownToWorkAndUntilItIsTurnedOff(): void
    {
        $this->actingAs($this->coach());
        $this->postJson('api/me/two-step', ['password' => 'not it'])->assertJsonValidationErrors('password');
        $this->putJson('api/me/two-step', ['code' => '123456'])->assertJsonValidationErrors(['code' => 'Start again']);
        $secret = $this->postJson('api/me/two-step', ['password' => self::PASSWORD])
            ->assertOk()
            ->json('secret');
        $this->putJson('api/me/two-step', ['code' => self::code($secret, 2)])->assertJsonValidationErrors('code');
        self::assertNull($this->getJson('api/me/two-step')->json('since'), 'nothing was turned on by a wrong code');
        $this->signIn()->assertSuccessful();

        $this->actingAs($this->coach('other@example.test'));
        $secret = $this->turnOn();
        $this->getJson('api/me/two-step')->assertExactJson(['since' => '2026-11-26T10:00:10Z', 'spare_left' => 8]);
        $this->travel(TimeCode::STEP_SECONDS)->seconds();
        $this->signIn(code: self::code($secret), email: 'hedda@example.test')->assertSuccessful();
        $this->signIn(email: 'other@example.test')->assertJsonValidationErrors(['code' => 'six digits']);
        self::assertGuest();
        // Nobody without the password learns what the account asks for.
        $this->signIn(email: 'other@example.test', password: 'a guess', code: self::code($secret))
            ->assertJsonValidationErrors('email')
            ->assertJsonMissingValidationErrors('code');
        $this->signIn(
            email: 'other@example.test',
            code: substr_replace(self::code($secret), ' ', 3, 0),
        )->assertSuccessful();

        $this->deleteJson('api/me/two-step', ['password' => 'not it'])->assertJsonValidationErrors('password');
        $this->deleteJson('api/me/two-step', ['password' => self::PASSWORD])->assertNoContent();
        $this->getJson('api/me/two-step')->assertExactJson(['since' => null, 'spare_left' => 0]);
        $this->postJson('api/me/two-step/recovery-codes', ['password' => self::PASSWORD])->assertJsonValidationErrors(
            'password',
        );
        $this->signIn(email: 'other@example.test')->assertSuccessful();
    }

    public function testACodeOpensOnceAndHalfAMinuteEitherSide(): void
    {
        $this->actingAs($this->coach());
        $secret = $this->turnOn();
        $this->signIn(self::code($secret))->assertJsonValidationErrors('code');
        $this->travel(5)->minutes();
        foreach ([-2 => false, 2 => false, -1 => true, 0 => true, 1 => true] as $steps => $opens) {
            $answer = $this->signIn(self::code($secret, $steps));
            $opens ? $answer->assertSuccessful() : $answer->assertJsonValidationErrors('code');
        }
        // What comes before the last that was used is used up with it.
        $this->signIn(self::code($secret))->assertJsonValidationErrors('code');
    }

    public function testTheSameCodeSentTwiceAtOnceOpensOnce(): void
    {
        $this->actingAs($this->coach());
        $secret = $this->turnOn();
        $this->travel(1)->minutes();
        [$one, $other] = [Coach::query()->firstOrFail(), Coach::query()->firstOrFail()];
        (new TwoStepSignIn($one))->pass(self::code($secret));
        $this->expectException(ValidationException::class);
        (new TwoStepSignIn($other))->pass(self::code($secret));
    }

    public function testEachSpareCodeOpensOnceAndForItsCoachAlone(): void
    {
        $this->actingAs($this->coach());
        $this->turnOn();
        $this->actingAs($this->coach('other@example.test'));
        $spare = $this->turnOn('spare');
        self::assertCount(8, array_unique($spare));
        $this->signIn($spare[0])->assertJsonValidationErrors('code');
        $this->signIn(strtolower(str_replace('-', ' ', $spare[0])), 'other@example.test')->assertSuccessful();
        $this->signIn($spare[0], 'other@example.test')->assertJsonValidationErrors('code');
        $this->signIn($spare[1], 'other@example.test')->assertSuccessful();
        self::assertSame(6, $this->getJson('api/me/two-step')->json('spare_left'));
        $fresh = $this->postJson('api/me/two-step/recovery-codes', ['password' => self::PASSWORD])
            ->assertOk()
            ->json('spare');
        $this->signIn($spare[2], 'other@example.test')->assertJsonValidationErrors('code');
        $this->signIn($fresh[0], 'other@example.test')->assertSuccessful();
    }

    public function testWrongCodesAreSlowedDownFromWhereverTheyComeAndASpareOneStillOpens(): void
    {
        $this->actingAs($this->coach());
        $secret = $this->turnOn();
        $spare = $this->postJson('api/me/two-step/recovery-codes', ['password' => self::PASSWORD])->json('spare');
        for ($try = 0; $try < 10; ++$try) {
            $this->withServerVariables(['REMOTE_ADDR' => "192.0.2.$try"])
                ->signIn('000000')
                ->assertJsonValidationErrors(['code' => 'ype the next code']);
        }
        $this->withServerVariables(['REMOTE_ADDR' => '192.0.2.99']);
        $this->travel(1)->minutes();
        $this->signIn(self::code($secret))->assertJsonValidationErrors(['code' => 'wait 59 minutes']);
        $this->signIn($spare[0])->assertSuccessful();
        $this->travel(59)->minutes();
        $this->signIn(self::code($secret))->assertSuccessful();
    }

    public function testARightCodeForgetsTheWrongOnesBeforeIt(): void
    {
        $this->actingAs($this->coach());
        $secret = $this->turnOn();
        for ($round = 0; $round < 2; ++$round) {
            for ($try = 0; $try < 9; ++$try) {
                $this->withServerVariables(['REMOTE_ADDR' => "192.0.2.$round$try"])
                    ->signIn('000000')
                    ->assertJsonValidationErrors(['code' => 'ype the next code']);
            }
            $this->travel(1)->minutes();
            $this->withServerVariables(['REMOTE_ADDR' => "198.51.100.$round"])
                ->signIn(self::code($secret))
                ->assertSuccessful();
        }
    }

    public function testTheSecretIsNoWhereInTheClearAndAForeignKeyLocksNobodyOutForEver(): void
    {
        $this->actingAs($this->coach());
        $secret = $this->turnOn();
        $spare = $this->postJson('api/me/two-step/recovery-codes', ['password' => self::PASSWORD])->json('spare');
        $kept = json_encode([DB::table('coaches')->get(), DB::table('recovery_codes')->get()], JSON_THROW_ON_ERROR);
        foreach ([$secret, $spare[0], str_replace('-', '', $spare[0])] as $plain) {
            self::assertStringNotContainsString($plain, $kept . $this->getJson('api/me')->content());
        }
        $this->travel(1)->minutes();
        $own = Crypt::getFacadeRoot();
        Crypt::swap(new Encrypter(random_bytes(32), 'aes-256-cbc'));
        $this->signIn(self::code($secret))->assertJsonValidationErrors('code');
        Crypt::swap($own);

        $this->artisan('amble:new-password', ['email' => 'hedda@example.test'])
            ->expectsOutputToContain('No code is asked for')
            ->assertSuccessful();
        Coach::query()->firstOrFail()->renewPassword(self::PASSWORD);
        $this->signIn()->assertSuccessful();
    }

    /**
     * Turn it on for whoever is signed in.
     *
     * @param 'secret'|'spare' $told which of the two to give
     *
     * @return ($told is 'secret' ? string : list<string>)
     */
    private function turnOn(string $told = 'secret'): string|array
    {
        $secret = $this->postJson('api/me/two-step', ['password' => self::PASSWORD])
            ->assertOk()
            ->json('secret');
        $spare = $this->putJson('api/me/two-step', ['code' => self::code($secret)])
            ->assertOk()
            ->json('spare');

        return $told === 'secret' ? $secret : $spare;
    }

    /** What the authenticator shows so many half minutes from now. */
    private static function code(string $secret, int $steps = 0): string
    {
        return TimeCode::at($secret, intdiv(CarbonImmutable::now()->getTimestamp(), TimeCode::STEP_SECONDS) + $steps);
    }

    /** @return TestResponse<\Symfony\Component\HttpFoundation\Response> of a device nobody was signed in on */
    private function signIn(
        ?string $code = null,
        string $email = 'hedda@example.test',
        string $password = self::PASSWORD,
    ): TestResponse {
        session()->flush();
        Auth::forgetGuards();
        $this->flushSession();

        return $this->postJson(
            'api/sign-in',
            ['email' => $email, 'password' => $password] + ($code === null ? [] : ['code' => $code]),
        );
    }
}
