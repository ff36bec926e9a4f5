<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Coach;
use Illuminate\Database\QueryException;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Tests\TestCase;

/** What stands between the app and the world: https, names it answers to, and what it writes down of a stumble. */
final class EdgeTest extends TestCase
{
    protected function tearDown(): void
    {
        // The framework keeps these for the process.
        Request::setTrustedHosts([]);
        Request::setTrustedProxies([], Request::HEADER_X_FORWARDED_PROTO);
        parent::tearDown();
    }

    public function testABrowserThatCameByHttpsIsToldToStayThere(): void
    {
        $this->get('/')->assertHeaderMissing('Strict-Transport-Security');
        $this->get('https://localhost/')->assertHeader('Strict-Transport-Security');
    }

    public function testOnlyTheServerInFrontIsBelievedAboutHttps(): void
    {
        $said = ['X-Forwarded-Proto' => 'https'];
        $this->get('http://localhost/', $said)->assertHeaderMissing('Strict-Transport-Security');
        config(['trustedproxy.proxies' => '127.0.0.1']);
        $this->get('http://localhost/', $said)->assertHeader('Strict-Transport-Security');
        $this->withServerVariables(['REMOTE_ADDR' => '192.0.2.7'])
            ->get('http://localhost/', $said)
            ->assertHeaderMissing('Strict-Transport-Security');
    }

    public function testAStumbleWritesNoHashAndNoNoteDown(): void
    {
        $log = (string) tempnam(sys_get_temp_dir(), 'amble-log');
        config(['logging.default' => 'single', 'logging.channels.single.path' => $log]);
        try {
            DB::table('coaches')->insert(['name' => 'A note about Nell', 'email' => null, 'password' => '$2y$10$hash']);
            self::fail('The address is needed.');
        } catch (QueryException $stumble) {
            report($stumble);
        }
        $written = (string) file_get_contents($log);
        unlink($log);
        self::assertStringContainsString('insert into "coaches"', $written);
        // In the words of whichever database it is.
        self::assertMatchesRegularExpression('/not[ -]null/i', $written);
        self::assertStringNotContainsString('A note', $written);
        self::assertStringNotContainsString('$2y$10', $written);
    }

    public function testTheDemoIsLaidOutInNoDatabaseWithAccountsOfItsOwn(): void
    {
        $coach = $this->coach();
        $this->student($coach);
        self::assertSame(2, $this->withoutMockingConsoleOutput()->artisan('amble:demo-data'));
        self::assertSame([$coach->id], Coach::query()->pluck('id')->all());
        self::assertSame(1, $coach->students()->count());
    }
}
