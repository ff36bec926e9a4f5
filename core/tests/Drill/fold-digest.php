<?php

/**
 * Folds every shipped drill many times over with drawn balls and prints a digest of all states: the same
 * under every setting of PHP's compiler, or the compiler miscomputes.
 *
 * Usage: php fold-digest.php ROUNDS
 */

declare(strict_types=1);

use Amble\Core\Contract\ReplayComputation;
use Amble\Core\Drill\DrillRulesReader;
use Amble\Core\Json\JsonInput;
use Amble\Core\Numeric\SeededRandom;

require dirname(__DIR__, 3) . '/vendor/autoload.php';

$library = json_decode(
    (string) file_get_contents(dirname(__DIR__, 2) . '/drills/library.json'),
    true,
    64,
    JSON_THROW_ON_ERROR,
);
$random = new SeededRandom(7);
$digest = hash_init('xxh3');
for ($round = 0; $round < (int) $argv[1]; ++$round) {
    foreach ($library['drills'] as $definition) {
        $events = [];
        for ($i = 0; $i < 12; ++$i) {
            $events[] = [
                'id' => sprintf('%02d', $i),
                'type' => 'putt_logged',
                'at_ms' => $i + 1,
                'roll_m' => 0.5 + 9.0 * $random->uniform(),
                'side_m' => $random->normal(),
                'stop' => $random->uniform() < 0.2 ? 'holed' : 'free',
                'gate' => ['left', 'through', 'right'][(int) (2.999 * $random->uniform())],
                'hit' => $random->uniform() < 0.5,
                'contact' => ['full', 'graze', 'miss'][(int) (2.999 * $random->uniform())],
                'strike' => ['middle', 'toe', 'heel'][(int) (2.999 * $random->uniform())],
                'held' => $random->uniform() < 0.5,
                'level' => (int) (3.0 * $random->uniform()),
                'gap_m' => $random->uniform(),
                'call' => ['short', 'on', 'long'][(int) (2.999 * $random->uniform())],
            ];
        }
        $input = JsonInput::parse(
            json_encode(['drill' => $definition, 'seed' => $round, 'events' => $events], JSON_THROW_ON_ERROR),
        );
        hash_update($digest, json_encode((new ReplayComputation())->answer($input), JSON_THROW_ON_ERROR));
        DrillRulesReader::read(JsonInput::parse(json_encode($definition, JSON_THROW_ON_ERROR)));
    }
}
echo hash_final($digest), "\n";
