<?php

declare(strict_types=1);

/**
 * Brings the drills' JSON Schema up to the kinds there are.
 *
 *   php scripts/drill-schema.php          writes core/drills/drill.schema.json
 *   php scripts/drill-schema.php --check  fails where that file is not what the kinds say
 */

use Amble\Core\Drill\DrillSchema;

require dirname(__DIR__) . '/vendor/autoload.php';

$file = dirname(__DIR__) . '/core/drills/drill.schema.json';
$before = (string) file_get_contents($file);
$schema = DrillSchema::completed(json_decode($before, true, 64, JSON_THROW_ON_ERROR));
$text =
    json_encode($schema, JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE) .
    "\n";
if (!in_array('--check', $argv, true)) {
    file_put_contents($file, $text);
} elseif ($text !== $before) {
    fwrite(
        STDERR,
        "core/drills/drill.schema.json is not what the kinds of rule say: run php scripts/drill-schema.php\n",
    );
    exit(1);
}
