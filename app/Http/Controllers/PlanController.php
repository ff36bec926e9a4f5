<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Amble\Core\Drill\Drill;
use Amble\Core\Insight\Debrief;
use Amble\Core\Plan\Block;
use Amble\Core\Plan\Candidate;
use Amble\Core\Plan\Clash;
use Amble\Core\Plan\GroupEquipment;
use Amble\Core\Plan\Plan;
use Amble\Core\Plan\Planner;
use Amble\Core\Plan\Rota;
use App\Http\Requests\PlanRequest;
use App\Http\Requests\RotaRequest;
use App\Models\Coach;
use App\Models\PracticeSession;
use App\Reports\PlanReport;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;

/** Plans for a session: proposed, kept with the session's card, and held against what happens. */
final class PlanController
{
    public function __construct(private readonly PlanReport $planning) {}

    /** Propose a plan round what the coach has set; nothing is kept. */
    public function propose(PlanRequest $request, PracticeSession $session): JsonResponse
    {
        $day = $this->planning->day($session, $request->said());
        $planner = $this->planning->planner($session, $request->coach(), $day);
        $plan = $planner->plan($request->blocks(), $request->without());

        return new JsonResponse([
            'minutes' => $plan->minutes,
            'planned' => $plan->planned(),
            'blocks' => array_map(
                static fn(Block $block): array => $block->toArray() + [
                    'label' => $block->kind->label(),
                    'dose' => $block->kind->dose(),
                    'others' => self::others($planner, $block, $plan),
                ],
                $plan->blocks,
            ),
            'clashes' => array_map(
                static fn(Clash $clash): array => ['block' => $clash->block, 'says' => $clash->says],
                $plan->clashes,
            ),
        ]);
    }

    /** Tell how far the plan of a session has come; null where it has none. */
    public function show(PracticeSession $session): JsonResponse
    {
        $plan = PlanReport::plan($session);
        if ($plan === null) {
            return new JsonResponse(['progress' => null]);
        }
        $progress = $this->planning->progress($session, $plan);

        return new JsonResponse([
            'progress' => [
                'blocks' => array_map(
                    static fn(Block $block): array => $block->toArray() + [
                        'label' => $block->kind->label(),
                        'state' => $progress->states[$block->id],
                        'took_minutes' => $progress->took[$block->id],
                    ],
                    $plan->blocks,
                ),
                'minutes' => $plan->minutes,
                'left_minutes' => $progress->left,
                'over_minutes' => $progress->over,
                'let_go' => $progress->letGo,
                'next' => $progress->next,
                'says' => $progress->says,
            ],
        ]);
    }

    /** Draft what is said at the end, from what happened; nothing is kept. */
    public function debrief(#[CurrentUser] Coach $coach, PracticeSession $session): JsonResponse
    {
        $debrief = $this->planning->debrief($session, $coach);

        return new JsonResponse([
            'debrief' =>
                $debrief === null
                    ? null
                    : [
                        'for_student' => $debrief->forStudent(),
                        'for_next' => $debrief->next,
                        'work_on' => $debrief->workOn,
                        'home_task' => $debrief->home,
                        'home_balls' => $debrief->homeBalls,
                        'home_drill' => $debrief->homeDrill,
                        'home_days' => $debrief->home === null ? null : Debrief::DAYS_AT_HOME,
                    ],
        ]);
    }

    /** Tell who is where when, for those who are here. */
    public function rota(RotaRequest $request, PracticeSession $session): JsonResponse
    {
        $here = array_filter($session->companions(), static fn(array $one): bool => $one['standing'] === 'here');

        $turns = Rota::of(array_column($here, 'name'), $request->integer('stations'))->turns;
        $drills = $this->planning->atStations($session, $request->coach(), $request->integer('stations'));

        return new JsonResponse([
            'turns' => $turns,
            'drills' => array_map(static fn(Drill $drill): string => $drill->name, $drills),
            'kit' => GroupEquipment::of($drills, $turns)->items,
        ]);
    }

    /** @return list<array<string, mixed>> */
    private static function others(Planner $planner, Block $block, Plan $plan): array
    {
        return array_map(
            static fn(Candidate $other): array => [
                'drill' => $other->key(),
                'name' => $other->card->name,
                'minutes' => $other->wholeMinutes(),
                'balls' => $other->balls($other->wholeMinutes(), $block->kind),
                'spread_minutes' => $other->minutes->spread,
                'learned_from' => $other->minutes->n,
            ],
            $block->kind->isDrill() ? $planner->others($block, $plan->blocks) : [],
        );
    }
}
