<?php

declare(strict_types=1);

/**
 * Holds what is installed against the exact versions that are committed: composer.versions for PHP, package-lock.json
 * for npm.
 * Prints what differs, and ends with 1 where anything does.
 *
 *   php scripts/exact-versions.php [composer|npm]
 */
$root = dirname(__DIR__);
$read = static fn(string $file): array => (array) json_decode(
    (string) file_get_contents("$root/$file"),
    true,
    512,
    JSON_THROW_ON_ERROR,
);

$composer = static function () use ($root, $read): array {
    $wanted = [];
    foreach (file("$root/composer.versions", FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES) ?: [] as $line) {
        [$name, $version] = explode(' ', $line);
        $wanted[$name] = ltrim($version, 'v');
    }
    $installed = array_map(
        static fn(string $version): string => ltrim($version, 'v'),
        array_column($read('vendor/composer/installed.json')['packages'], 'version', 'name'),
    );

    return [$wanted, $installed];
};
$npm = static function () use ($read): array {
    $versions = static fn(array $lock): array => array_filter(
        array_map(
            static fn(array $one): ?string => $one['version'] ?? null,
            array_diff_key($lock['packages'], ['' => true]),
        ),
    );
    $wanted = $versions($read('package-lock.json'));
    $installed = $versions($read('node_modules/.package-lock.json'));

    // Builds for other systems are in the lock and not on this machine.
    return [array_intersect_key($wanted, $installed), $installed];
};

$isExact = true;
foreach (['composer' => $composer, 'npm' => $npm] as $name => $compare) {
    if (isset($argv[1]) && $argv[1] !== $name) {
        continue;
    }
    [$wanted, $installed] = $compare();
    foreach (array_keys($wanted + $installed) as $package) {
        [$want, $has] = [$wanted[$package] ?? 'nothing', $installed[$package] ?? 'nothing'];
        if ($want !== $has) {
            fwrite(STDERR, "$name: $package is $has, and $want is committed.\n");
            $isExact = false;
        }
    }
}
exit($isExact ? 0 : 1);
