<?php

declare(strict_types=1);

use PhpCsFixer\Config;
use PhpCsFixer\Finder;

return (new Config())
    ->setRiskyAllowed(true)
    ->setRules([
        // The layout is Prettier's, which also holds lines to 120 characters; this holds what Prettier leaves alone.
        'declare_strict_types' => true,
        'no_unused_imports' => true,
        'ordered_imports' => true,
        'strict_comparison' => true,
    ])
    ->setFinder(
        Finder::create()->in(['app', 'bootstrap', 'compat', 'config', 'core', 'database', 'public', 'routes', 'scripts', 'tests'])
            ->exclude(['cache', 'build'])
            ->name('*.php')
            ->append(['artisan', __FILE__]),
    );
