<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Coach;
use App\Models\Membership;
use App\Models\Role;
use Illuminate\Console\Command;

final class MemberCommand extends Command
{
    protected $signature = 'amble:member {workspace : email address of a coach who works in the workspace} {coach : email address of the coach who joins it} {role=coach : owner, coach or observer}';

    protected $description = 'Let a coach work in another workspace, an academy\'s for one';

    public function handle(): int
    {
        [$host, $guest] = array_map(
            static fn(mixed $email): ?Coach => is_string($email) ? Coach::withAddress($email) : null,
            [$this->argument('workspace'), $this->argument('coach')],
        );
        $role = is_string($this->argument('role')) ? Role::tryFrom($this->argument('role')) : null;
        if ($host === null || $guest === null || $role === null) {
            $this->components->error(
                'There must be an account for each address, and the role be owner, coach or observer.',
            );

            return self::INVALID;
        }
        Membership::query()->updateOrCreate(
            ['workspace_id' => $host->workspace_id, 'coach_id' => $guest->id],
            ['role' => $role],
        );
        $guest->forceFill(['workspace_id' => $host->workspace_id])->save();
        $this->components->info("$guest->name now works in the workspace of $host->name, as $role->value.");

        return self::SUCCESS;
    }
}
