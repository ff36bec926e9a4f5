<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Mail\LocalMailFolder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\RateLimiter;
use Tests\TestCase;

final class PasswordResetTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        config(['amble.sends_mail' => true, 'amble.demo' => true, 'mail.mailers.outbox.folder' => self::folder()]);
    }

    protected function tearDown(): void
    {
        File::deleteDirectory(self::folder());
        parent::tearDown();
    }

    /** The suites run side by side, and the demo's own letters are nobody's to throw away. */
    private static function folder(): string
    {
        return sys_get_temp_dir() . '/amble-outbox-' . getmypid();
    }

    /** @return list<array{to: string, subject: string, text: string, at: string}> */
    private static function letters(): array
    {
        return (new LocalMailFolder(self::folder()))->messages();
    }

    private static function token(): string
    {
        self::assertSame(1, preg_match('#/new-password/([0-9a-f]{64})\?email=#', self::letters()[0]['text'], $found));

        return $found[1];
    }

    public function testALinkSetsANewPasswordOnceAndSignsEverybodyElseOut(): void
    {
        $coach = $this->coach();
        $before = DB::table('coaches')->value('remember_token');
        $this->postJson('/api/password-reset', ['email' => ' Hedda@Example.test '])->assertNoContent();
        self::assertSame(
            ['hedda@example.test', 'Your new password for Amble'],
            [self::letters()[0]['to'], self::letters()[0]['subject']],
        );
        self::assertStringNotContainsString(
            self::token(),
            (string) json_encode(DB::table('password_reset_tokens')->get()),
        );

        $new = ['email' => 'hedda@example.test', 'token' => self::token(), 'password' => 'another long one'];
        $this->postJson('/api/password-reset/new', ['password' => 'short'] + $new)
            ->assertUnprocessable()
            ->assertJsonPath('errors.password.0', 'The password must be at least 10 letters long.');
        $this->postJson('/api/password-reset/new', ['email' => 'other@example.test'] + $new)
            ->assertUnprocessable()
            ->assertJsonValidationErrors('token');
        $this->postJson('/api/password-reset/new', $new)->assertNoContent();
        self::assertNotSame($before, DB::table('coaches')->value('remember_token'));
        $this->postJson('/api/sign-in', [
            'email' => $coach->email,
            'password' => 'a long password',
        ])->assertUnprocessable();
        $this->postJson('/api/sign-in', ['email' => $coach->email, 'password' => 'another long one'])->assertOk();
        // Good once.
        $this->postJson('/api/password-reset/new', ['password' => 'a third long one'] + $new)
            ->assertUnprocessable()
            ->assertJsonValidationErrors('token');
    }

    public function testTheLinkLeadsToTheAddressTheAppIsSetUpForAndNoQueueHoldsIt(): void
    {
        config(['app.url' => 'https://putting.example.test/', 'queue.default' => 'database']);
        $this->coach();
        $this->withHeaders(['Host' => '127.0.0.1', 'X-Forwarded-Host' => 'elsewhere.example'])
            ->postJson('/api/password-reset', ['email' => 'hedda@example.test'])
            ->assertNoContent();
        self::assertSame([], self::letters());
        self::assertStringNotContainsString('hedda', (string) json_encode(DB::table('jobs')->get()));
        self::assertSame(0, DB::table('password_reset_tokens')->count());
        $this->artisan('queue:work', ['--once' => true])->assertSuccessful();
        self::assertStringContainsString(
            "\nhttps://putting.example.test/new-password/" . self::token() . '?email=hedda%40example.test',
            self::letters()[0]['text'],
        );
    }

    public function testAnHourLaterItIsTooLate(): void
    {
        $this->coach();
        $this->postJson('/api/password-reset', ['email' => 'hedda@example.test'])->assertNoContent();
        Carbon::setTestNow(now()->addMinutes(61));
        $this->postJson('/api/password-reset/new', [
            'email' => 'hedda@example.test',
            'token' => self::token(),
            'password' => 'another long one',
        ])
            ->assertUnprocessable()
            ->assertJsonValidationErrors('token');
    }

    public function testNobodyLearnsWhoHasAnAccount(): void
    {
        $this->coach();
        $known = $this->postJson('/api/password-reset', ['email' => 'hedda@example.test']);
        $unknown = $this->postJson('/api/password-reset', ['email' => 'nobody@example.test']);
        self::assertSame([204, 204], [$known->getStatusCode(), $unknown->getStatusCode()]);
        self::assertSame($known->getContent(), $unknown->getContent());
        self::assertCount(1, self::letters());
        $wrong = ['token' => str_repeat('0', 64), 'password' => 'another long one'];
        self::assertSame(
            $this->postJson('/api/password-reset/new', ['email' => 'hedda@example.test'] + $wrong)->json(),
            $this->postJson('/api/password-reset/new', ['email' => 'nobody@example.test'] + $wrong)->json(),
        );
    }

    public function testOnlyTheDemoShowsItsLetters(): void
    {
        $this->coach();
        $this->postJson('/api/password-reset', ['email' => 'hedda@example.test'])->assertNoContent();
        self::assertSame('hedda@example.test', $this->getJson('/api/mail')->assertOk()->json('0.to'));
        config(['amble.demo' => false]);
        $this->getJson('/api/mail')->assertNotFound();
        config(['amble.sends_mail' => false]);
        $this->postJson('/api/password-reset', ['email' => 'hedda@example.test'])->assertNotFound();
    }

    public function testWhoRunsAnAmbleWithoutMailGivesANewPassword(): void
    {
        $coach = $this->coach();
        $this->artisan('amble:new-password', ['email' => 'nobody@example.test'])->assertFailed();
        $this->artisan('amble:new-password', ['email' => 'Hedda@example.test'])->assertSuccessful();
        $this->postJson('/api/sign-in', [
            'email' => $coach->email,
            'password' => 'a long password',
        ])->assertUnprocessable();
    }

    public function testWhatIsNoAddressIsRefusedAtItsField(): void
    {
        // Not among the fuzzed doors: without mail this one is shut, and with it each try waits for its letter.
        RateLimiter::for('sign-in', static fn(): array => []);
        foreach (
            [
                null,
                true,
                7,
                1e308,
                '',
                "a\0b",
                str_repeat('ä', 5000),
                [],
                ['a@b.test'],
                ['email' => 'a@b.test'],
                new \stdClass(),
            ]
            as $nasty
        ) {
            $this->postJson('/api/password-reset', ['email' => $nasty])
                ->assertUnprocessable()
                ->assertJsonValidationErrors('email');
            $this->postJson('/api/password-reset/new', [
                'email' => 'a@b.test',
                'token' => $nasty,
                'password' => 'a long password',
            ])->assertUnprocessable();
        }
    }
}
