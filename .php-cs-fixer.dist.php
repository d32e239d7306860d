<?php

declare(strict_types=1);

$files = (new PhpCsFixer\Finder())->in([__DIR__.'/core', __DIR__.'/src', __DIR__.'/tests', __DIR__.'/migrations', __DIR__.'/public'])
    ->append([__FILE__, __DIR__.'/bin/build-assets', __DIR__.'/bin/build-fonts', __DIR__.'/bin/console']);

return (new PhpCsFixer\Config())
    ->setParallelConfig(PhpCsFixer\Runner\Parallel\ParallelConfigFactory::detect())
    ->setRiskyAllowed(true)
    ->setRules([
        '@Symfony' => true,
        '@Symfony:risky' => true,
        '@PHP82Migration' => true,
        'declare_strict_types' => true,
        'native_function_invocation' => ['include' => ['@compiler_optimized'], 'scope' => 'namespaced', 'strict' => true],
        'braces_position' => ['allow_single_line_empty_anonymous_classes' => true, 'allow_single_line_anonymous_functions' => true],
        'single_line_empty_body' => true,
        'phpdoc_to_comment' => false,
        'phpdoc_align' => ['align' => 'vertical'],
        'trailing_comma_in_multiline' => ['elements' => ['arguments', 'arrays', 'match', 'parameters']],
        'multiline_whitespace_before_semicolons' => false,
        'phpdoc_separation' => true,
        'yoda_style' => true,
    ])
    ->setFinder($files);
