<?php

declare(strict_types=1);

namespace App\Auth;

use App\Database\DatabaseFailure;
use App\Models\Coach;
use App\Models\SignedInDevice;
use Carbon\CarbonImmutable;
use Illuminate\Database\QueryException;
use Illuminate\Http\Request;
use Illuminate\Support\Collection;
use Illuminate\Support\Str;

/** Where a coach is signed in: each device by what its browser says of itself, and when it was last here. */
final class SignedInDevices
{
    /** What a device holds of its own entry here, in its session. */
    private const HELD = 'sign_in';

    /** Written down no oftener than this, minutes: nobody needs it to the second. */
    private const PAUSE_MINUTES = 5;

    /** Not here for so long, a device is told no more: its session is long over. */
    private const TOLD_DAYS = 60;

    private const BROWSERS = [
        'Edg' => 'Edge',
        'OPR' => 'Opera',
        'SamsungBrowser' => 'Samsung Internet',
        'Firefox' => 'Firefox',
        'FxiOS' => 'Firefox',
        'CriOS' => 'Chrome',
        'Chrome' => 'Chrome',
        'Safari' => 'Safari',
    ];
    private const SYSTEMS = [
        'iPhone' => 'an iPhone',
        'iPad' => 'an iPad',
        'Android' => 'Android',
        'CrOS' => 'a Chromebook',
        'Windows' => 'Windows',
        'Macintosh' => 'a Mac',
        'Linux' => 'Linux',
    ];

    /**
     * Note that a coach is here on this device; where nothing can be written they are told who they are all the same.
     */
    public static function seen(Request $request, Coach $coach): void
    {
        try {
            self::note($request, $coach);
        } catch (QueryException $failed) {
            report(DatabaseFailure::of($failed));
        }
    }

    private static function note(Request $request, Coach $coach): void
    {
        $id = $request->session()->get(self::HELD);
        $now = CarbonImmutable::now();
        $known = is_string($id)
            ? SignedInDevice::query()->where('id', $id)->where('coach_id', $coach->id)->value('seen_at')
            : null;
        if ($known instanceof CarbonImmutable) {
            if ($known->addMinutes(self::PAUSE_MINUTES)->lessThan($now)) {
                SignedInDevice::query()
                    ->where('id', $id)
                    ->update(['seen_at' => $now]);
            }

            return;
        }
        $id = (string) Str::ulid();
        SignedInDevice::query()->insert([
            'id' => $id,
            'coach_id' => $coach->id,
            'device' => self::device((string) $request->userAgent()),
            'began_at' => $now,
            'seen_at' => $now,
        ]);
        $request->session()->put(self::HELD, $id);
    }

    /** This device is left. */
    public static function left(Request $request): void
    {
        $id = $request->session()->get(self::HELD);
        if (is_string($id)) {
            SignedInDevice::query()->where('id', $id)->delete();
        }
    }

    /** Every other device was signed out. */
    public static function onlyHere(Request $request, Coach $coach): void
    {
        SignedInDevice::query()
            ->where('coach_id', $coach->id)
            ->where('id', '!=', (string) $request->session()->get(self::HELD))
            ->delete();
    }

    /** @return list<array{device: string, began_at: string, seen_at: string, is_here: bool}> the one here last first */
    public static function of(Request $request, Coach $coach): array
    {
        $here = $request->session()->get(self::HELD);

        /** @var Collection<int, SignedInDevice> $devices */
        $devices = SignedInDevice::query()
            ->where('coach_id', $coach->id)
            ->where('seen_at', '>', CarbonImmutable::now()->subDays(self::TOLD_DAYS))
            ->orderByDesc('seen_at')
            ->get();

        return array_values(
            $devices
                ->map(
                    static fn(SignedInDevice $row): array => [
                        'device' => $row->device,
                        'began_at' => $row->began_at->toIso8601ZuluString(),
                        'seen_at' => $row->seen_at->toIso8601ZuluString(),
                        'is_here' => $row->id === $here,
                    ],
                )
                ->all(),
        );
    }

    /** In words a coach knows their devices by: "Firefox on Android". */
    private static function device(string $agent): string
    {
        $first = static function (array $words) use ($agent): ?string {
            foreach ($words as $mark => $word) {
                if (str_contains($agent, $mark)) {
                    return $word;
                }
            }

            return null;
        };

        return implode(' on ', array_filter([$first(self::BROWSERS) ?? 'A browser', $first(self::SYSTEMS)]));
    }
}
