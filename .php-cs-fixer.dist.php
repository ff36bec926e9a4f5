<?php

declare(strict_types=1);

use PhpCsFixer\Config;
use PhpCsFixer\Finder;

return (new Config())
    ->setRiskyAllowed(true)
    ->setRules([
        '@PER-CS2.0' => true,
        'declare_strict_types' => true,
        'no_unused_imports' => true,
        'ordered_imports' => true,
        'single_quote' => true,
        'strict_comparison' => true,
        'trailing_comma_in_multiline' => ['elements' => ['arguments', 'arrays', 'match', 'parameters']],
        'concat_space' => ['spacing' => 'one'],
        'single_line_empty_body' => false,
        'yoda_style' => false,
    ])
    ->setFinder(
        Finder::create()->in(['app', 'bootstrap', 'compat', 'config', 'core', 'database', 'public', 'routes', 'scripts', 'tests'])
            ->exclude(['cache', 'build'])
            ->name('*.php')
            ->append(['artisan', __FILE__]),
    );
