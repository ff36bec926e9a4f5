<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Coach;
use App\Models\Membership;
use App\Models\Role;
use App\Models\Student;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Password;
use Illuminate\Support\Facades\Schema;
use Tests\Attack\Endpoints;
use Tests\TestCase;

/** Deleting an account, tried over every table there is: a new one that forgets whose it is fails here. */
final class ClosingAccountTest extends TestCase
{
    /** Columns that say whose a row is. */
    private const OWNERS = ['coach_id', 'logged_by', 'workspace_id'];

    public function testEverythingOfAWorkspaceOfOnesOwnGoesAndWhatWouldGoIsSaidBefore(): void
    {
        $coach = $this->filledBench();
        $this->actingAs($coach)
            ->getJson('api/me/deletion-preview')
            ->assertSuccessful()
            ->assertExactJson([
                'students' => 4,
                'sessions' => 7,
                'balls' => 3,
                'workspaces_left' => [],
                'named_in' => ['places' => [], 'count' => 0],
            ]);
        $this->deleteJson('api/me', ['password' => 'not it'])->assertJsonValidationErrors('password');
        self::assertNotSame([], array_filter(self::rowsOf($coach)));
        $this->deleteJson('api/me', ['password' => 'a long password'])->assertNoContent();
        self::assertSame([], array_filter(self::rowsOf($coach)));
        self::assertNull(Coach::query()->find($coach->id));
        $this->getJson('api/me')->assertJsonPath('coach', null);
        $this->getJson('api/today')->assertUnauthorized();
    }

    public function testALinkToANewPasswordGoesWithTheAccountAndNobodyElses(): void
    {
        $coach = $this->filledBench();
        $other = $this->coach('other@example.test');
        $token = Password::createToken($coach);
        Password::createToken($other);
        $this->actingAs($coach)
            ->deleteJson('api/me', ['password' => 'a long password'])
            ->assertNoContent();
        self::assertSame(['other@example.test'], DB::table('password_reset_tokens')->pluck('email')->all());
        // Whoever takes the address anew is let in by no old link.
        $this->coach($coach->email);
        $this->postJson('api/password-reset/new', [
            'email' => $coach->email,
            'token' => $token,
            'password' => 'another long one',
        ])->assertUnprocessable();
    }

    public function testNobodyElsesRecordsGo(): void
    {
        $other = $this->filledBench('other@example.test');
        $before = self::rowsOf($other);
        $this->actingAs($this->filledBench())
            ->deleteJson('api/me', ['password' => 'a long password'])
            ->assertNoContent();
        self::assertSame($before, self::rowsOf($other));
        $this->actingAs($other)->getJson('api/today')->assertSuccessful();
    }

    public function testWhatWasMadeAtAWorkspaceOfSeveralStaysWithItsOwner(): void
    {
        $guest = $this->filledBench();
        $host = $this->coach('host@example.test');
        Membership::query()->create([
            'workspace_id' => $guest->workspace_id,
            'coach_id' => $host->id,
            'role' => Role::Owner,
        ]);
        $made = array_map(
            static fn(string $table): int => DB::table($table)->count(),
            array_combine(self::ownedTables(), self::ownedTables()),
        );
        $this->actingAs($guest)
            ->getJson('api/me/deletion-preview')
            ->assertJsonPath('students', 0)
            ->assertJsonPath('workspaces_left', ['Hedda']);
        $this->deleteJson('api/me', ['password' => 'a long password'])->assertNoContent();
        foreach (array_diff_key($made, ['memberships' => 0, 'coaches' => 0]) as $table => $rows) {
            self::assertSame($rows, DB::table($table)->count(), $table);
        }
        self::assertSame([], array_filter(self::rowsOf($guest, ['coach_id', 'logged_by'])));
    }

    public function testAWorkspaceIsNotLeftWithoutAnOwner(): void
    {
        $host = $this->coach('host@example.test');
        $owner = $this->filledBench();
        $guest = $this->coach('guest@example.test');
        Membership::query()->create([
            'workspace_id' => $owner->workspace_id,
            'coach_id' => $guest->id,
            'role' => Role::Coach,
        ]);
        // What was made in another workspace would have been handed over before: nothing is half done.
        Membership::query()->create([
            'workspace_id' => $host->workspace_id,
            'coach_id' => $owner->id,
            'role' => Role::Coach,
        ]);
        Student::query()->create(
            ['workspace_id' => $host->workspace_id, 'coach_id' => $owner->id] + self::studentCard(),
        );
        $before = self::rowsOf($owner);
        $this->actingAs($owner)
            ->deleteJson('api/me', ['password' => 'a long password'])
            ->assertJsonValidationErrors('password');
        self::assertSame($before, self::rowsOf($owner));
    }

    /** A coach with something behind every door. */
    private function filledBench(string $email = 'hedda@example.test'): Coach
    {
        $coach = $this->coach($email);
        $endpoints = new Endpoints($coach, self::studentCard());
        foreach ($endpoints->bodies() as $door => $body) {
            if (
                str_starts_with($door, 'POST ') &&
                !preg_match('#/restore|sign|demo|api/me|password-reset|message#', $door)
            ) {
                $this->actingAs($coach)->postJson($endpoints->path($door), $body)->assertSuccessful();
            }
        }

        return $coach->refresh();
    }

    /** @return list<string> tables whose rows are somebody's */
    private static function ownedTables(): array
    {
        return array_values(
            array_filter(
                array_column(Schema::getTables(), 'name'),
                static fn(string $table): bool => array_intersect(self::OWNERS, Schema::getColumnListing($table)) !==
                    [],
            ),
        );
    }

    /**
     * @param list<string> $columns
     *
     * @return array<string, int> how many rows of each table are this coach's or their workspace's
     */
    private static function rowsOf(Coach $coach, array $columns = self::OWNERS): array
    {
        $rows = [];
        foreach (self::ownedTables() as $table) {
            foreach (array_intersect($columns, Schema::getColumnListing($table)) as $column) {
                $rows["$table.$column"] = DB::table($table)
                    ->where($column, $column === 'workspace_id' ? $coach->workspace_id : $coach->id)
                    ->count();
            }
        }

        return $rows;
    }
}
