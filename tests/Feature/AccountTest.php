<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Demo\DemoSeeder;
use App\Models\Coach;
use App\Models\Student;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Tests\TestCase;

final class AccountTest extends TestCase
{
    public function testACoachMakesAnAccountSignsOutAndInAgain(): void
    {
        $this->postJson('api/sign-up', [
            'name' => 'Hedda',
            'email' => 'hedda@example.test',
            'password' => 'a long password',
        ])
            ->assertSuccessful()
            ->assertJsonPath('unit', 'feet')
            ->assertJsonMissingPath('password');
        $this->getJson('api/me')->assertJsonPath('coach.email', 'hedda@example.test');
        $this->postJson('api/sign-out')->assertNoContent();
        $this->getJson('api/me')->assertJsonPath('coach', null);
        $this->postJson('api/sign-in', [
            'email' => 'hedda@example.test',
            'password' => 'a wrong one',
        ])->assertJsonValidationErrors('email');
        $this->postJson('api/sign-in', [
            'email' => 'hedda@example.test',
            'password' => 'a long password',
        ])->assertSuccessful();
        $this->getJson('api/today')->assertSuccessful();
    }

    public function testSigningInTooOftenIsSlowedDown(): void
    {
        $this->coach();
        for ($try = 0; $try < 6; ++$try) {
            $this->postJson('api/sign-in', ['email' => 'hedda@example.test', 'password' => 'guess'])->assertStatus(422);
        }
        $this->postJson('api/sign-in', [
            'email' => 'hedda@example.test',
            'password' => 'a long password',
        ])->assertStatus(429);
        $this->postJson('api/sign-in', ['email' => 'someone@example.test', 'password' => 'guess'])->assertStatus(422);
    }

    public function testTheDemoSignInExistsInDemoModeOnly(): void
    {
        app(DemoSeeder::class)->seed(CarbonImmutable::parse('2026-11-23 10:00'));
        $this->postJson('api/demo')->assertNotFound();
        config(['amble.demo' => true]);
        $this->getJson('api/me')->assertJsonPath('demo', true);
        $this->postJson('api/demo')->assertSuccessful();
        $this->getJson('api/today')->assertJsonCount(6, 'students');
    }

    public function testAChangeNeedsTheTokenOfItsOwnPage(): void
    {
        $this->coach();
        // The framework waves requests through in tests; a real one is not.
        $this->app?->detectEnvironment(static fn(): string => 'production');
        $this->postJson('api/sign-in', [
            'email' => 'hedda@example.test',
            'password' => 'a long password',
        ])->assertStatus(419);
    }

    public function testEveryAnswerForbidsForeignScriptsAndFrames(): void
    {
        $policy = (string) $this->get('/')->assertSuccessful()->headers->get('Content-Security-Policy');
        self::assertStringContainsString("default-src 'self'", $policy);
        self::assertStringContainsString("frame-ancestors 'none'", $policy);
        self::assertStringNotContainsString("script-src 'unsafe", $policy);
    }

    public function testAPaceIsNeededForPaces(): void
    {
        $this->actingAs($this->coach())
            ->putJson('api/me', ['unit' => 'paces'])
            ->assertJsonValidationErrors('stride_m');
        $this->putJson('api/me', ['unit' => 'paces', 'stride_m' => 0.8])
            ->assertSuccessful()
            ->assertJsonPath('stride_m', 0.8);
    }

    public function testWhatOneCoachEnteredIsRefusedWholeUnderAnothersCookie(): void
    {
        [$ann, $bea] = [$this->coach('ann@example.test'), $this->coach('bea@example.test')];
        $session = $this->practiceSession($ann);
        $events = ['events' => [self::putt()]];
        // Not "not in your workspace": that would have it thrown away.
        $this->actingAs($bea)
            ->postJson("api/sessions/$session->id/events", $events, ['X-Amble-Coach' => $ann->id])
            ->assertConflict();
        $this->postJson('api/students', self::studentCard(), ['X-Amble-Coach' => $ann->id])->assertConflict();
        self::assertSame(0, Student::query()->count());
        $this->actingAs($ann)
            ->postJson("api/sessions/$session->id/events", $events, ['X-Amble-Coach' => $ann->id])
            ->assertSuccessful();
    }

    public function testAnAddressIsTheSameInAnyCaseAndSentTwiceMakesOneAccount(): void
    {
        $this->postJson('api/sign-up', [
            'name' => 'Ann',
            'email' => ' Ann@Example.test',
            'password' => 'a long password',
        ])->assertSuccessful();
        self::assertSame('ann@example.test', Coach::query()->firstOrFail()->email);
        $this->postJson('api/sign-out');
        $this->postJson('api/sign-up', [
            'name' => 'Ann',
            'email' => 'ANN@example.test',
            'password' => 'a long password',
        ])->assertJsonValidationErrors('email');
        $this->postJson('api/sign-in', [
            'email' => 'aNN@example.TEST',
            'password' => 'a long password',
        ])->assertSuccessful();
    }

    public function testAnAccountMadeWithCapitalsIsStillFoundAndTwoOfOneAddressAreLeftApart(): void
    {
        $this->coach('ann@example.test');
        foreach (['BEA@example.test', 'Ann@Example.test'] as $old) {
            $this->coach($old);
        }
        $migration = require base_path('database/migrations/2026_11_26_000007_tell_addresses_apart_without_case.php');
        $migration->up();
        self::assertEqualsCanonicalizing(
            ['ann@example.test', 'Ann@Example.test', 'bea@example.test'],
            Coach::query()->pluck('email')->all(),
        );
        $this->postJson('api/sign-in', [
            'email' => 'Bea@example.test',
            'password' => 'a long password',
        ])->assertSuccessful();
    }

    public function testAChangedPasswordSignsEveryOtherDeviceOutAndNotThisOne(): void
    {
        $this->coach();
        foreach (
            [
                ['PUT', 'api/me/password', ['current' => 'a long password', 'password' => 'another long one']],
                ['POST', 'api/me/elsewhere', ['password' => 'another long one']],
            ]
            as $i => [$method, $path, $body]
        ) {
            $password = $body['current'] ?? $body['password'];
            $phone = $this->deviceSignedIn($password);
            $this->deviceSignedIn($password);
            $this->json(
                $method,
                $path,
                ['password' => 'not it'] + ($i === 0 ? ['current' => 'not it'] : []),
            )->assertStatus(422);
            $this->json($method, $path, $body)->assertNoContent();
            $this->getJson('api/today')->assertSuccessful();
            $this->useDevice($phone);
            $this->getJson('api/today')->assertUnauthorized();
        }
        $this->postJson('api/sign-in', [
            'email' => 'hedda@example.test',
            'password' => 'a long password',
        ])->assertJsonValidationErrors('email');
    }

    public function testAPasswordIsNotCutWithoutAWord(): void
    {
        $sent = static fn(string $password): array => [
            'name' => 'Ann',
            'email' => 'ann@example.test',
            'password' => $password,
        ];
        $this->postJson('api/sign-up', $sent(str_repeat('ö', 37)))->assertJsonValidationErrors([
            'password' => 'at most 72',
        ]);
        $this->postJson('api/sign-up', $sent('too short'))->assertJsonValidationErrors(['password' => 'at least 10']);
        $this->postJson('api/sign-up', $sent(str_repeat('ö', 36)))->assertSuccessful();
    }

    public function testTheFrameOfTheAppBringsNoSession(): void
    {
        // One fetched before signing in and answered after it would bring the old session's cookie back.
        foreach (['/', '/frame', '/students/x'] as $path) {
            self::assertSame([], $this->get($path)->assertSuccessful()->headers->getCookies(), $path);
        }
        self::assertNotSame([], $this->getJson('api/me')->headers->getCookies());
    }

    public function testTheDemosAddressCannotBeTaken(): void
    {
        $this->postJson('api/sign-up', [
            'name' => 'Eve',
            'email' => 'DEMO@amble.invalid',
            'password' => 'a long password',
        ])->assertJsonValidationErrors('email');
    }

    public function testOneAddressMayNotTryManyAccountsNorSendWhatIsNoAddress(): void
    {
        for ($try = 0; $try < 40; ++$try) {
            $this->postJson('api/sign-in', [
                'email' => $try % 2 === 0 ? "somebody$try@example.test" : ['a list', $try],
                'password' => 'guess',
            ]);
        }
        $this->postJson('api/sign-up', [
            'name' => 'Ann',
            'email' => 'ann@example.test',
            'password' => 'a long password',
        ])->assertStatus(429);
        $this->withServerVariables(['REMOTE_ADDR' => '192.0.2.7'])
            ->postJson('api/sign-up', ['name' => 'Ann', 'email' => 'ann@example.test', 'password' => 'a long password'])
            ->assertSuccessful();
    }

    /**
     * @return array<string, mixed> what the session of a device knows that has just signed in and asked nothing since
     */
    private function deviceSignedIn(string $password): array
    {
        $this->useDevice([]);
        $this->postJson('api/sign-in', ['email' => 'hedda@example.test', 'password' => $password])->assertSuccessful();

        return session()->all();
    }

    /** @param array<string, mixed> $session */
    private function useDevice(array $session): void
    {
        session()->flush();
        Auth::forgetGuards();
        $this->withSession($session);
    }

    public function testWhereOneIsSignedInIsToldAndTheOthersAreSignedOut(): void
    {
        $card = ['name' => 'Mara', 'email' => 'mara@example.test', 'password' => 'a long password'];
        $this->withHeader('User-Agent', 'Mozilla/5.0 (X11; Linux x86_64; rv:128.0) Gecko/20100101 Firefox/128.0')
            ->postJson('/api/sign-up', $card)
            ->assertSuccessful();
        $told = $this->getJson('/api/me/devices')->assertOk();
        self::assertSame(
            [['Firefox on Linux', true]],
            array_map(static fn(array $one): array => [$one['device'], $one['is_here']], $told->json()),
        );
        // Another device, later.
        $this->travel(2)->hours();
        $this->flushSession();
        app('auth')->forgetGuards();
        $this->withHeader(
            'User-Agent',
            'Mozilla/5.0 (iPhone; CPU iPhone OS 18_0 like Mac OS X) AppleWebKit/605.1.15 (KHTML, like Gecko) Version/18.0 Mobile/15E148 Safari/604.1',
        )
            ->postJson('/api/sign-in', array_diff_key($card, ['name' => 0]))
            ->assertSuccessful();
        self::assertSame(
            [['Safari on an iPhone', true], ['Firefox on Linux', false]],
            array_map(
                static fn(array $one): array => [$one['device'], $one['is_here']],
                $this->getJson('/api/me/devices')->json(),
            ),
        );
        // Nobody else is told, and once the others are signed out only this one is left.
        $this->postJson('/api/me/elsewhere', ['password' => 'a long password'])->assertNoContent();
        self::assertSame(['Safari on an iPhone'], array_column($this->getJson('/api/me/devices')->json(), 'device'));
        $this->postJson('/api/sign-out')->assertNoContent();
        self::assertSame(0, DB::table('signed_in_devices')->count());
    }
}
