<?php

declare(strict_types=1);

namespace Tests\Attack;

use Tests\TestCase;

/** Somebody who may only look is refused at every door that writes. */
final class ObserverTest extends TestCase
{
    /** Endpoints that keep nothing of the workspace: who one is, one's own settings, and what is only worked out. */
    private const KEEP_NOTHING = '#api/(me|sign-|demo|password-reset|pocket/)|green-speed/doubts|drills/(check|lengths)$|\}/stations$#';

    public function testEveryEndpointThatWritesIsShutToAnObserver(): void
    {
        $owner = $this->coach('owner@example.test');
        $endpoints = new Endpoints($owner, self::studentCard());
        $observer = $this->coach('guest@example.test');
        $this->artisan('amble:member', [
            'workspace' => 'owner@example.test',
            'coach' => 'guest@example.test',
            'role' => 'observer',
        ])->assertSuccessful();
        $shut = 0;
        foreach ($endpoints->bodies() as $door => $body) {
            if (preg_match(self::KEEP_NOTHING, $door) !== 1) {
                self::assertSame(
                    403,
                    $this->actingAs($observer->fresh() ?? $observer)
                        ->json(explode(' ', $door)[0], $endpoints->path($door), $body)
                        ->getStatusCode(),
                    $door,
                );
                ++$shut;
            }
        }
        self::assertGreaterThan(60, $shut);
    }
}
