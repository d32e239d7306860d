<?php

declare(strict_types=1);

/*
 * Prints the figures of the code; with a name also what is behind it: php tests/Code/figures.php longMethods
 */

use Rinkel\Tests\Code\Figures;

require __DIR__.'/../../vendor/autoload.php';

$figures = new Figures();
$detail = $argv[1] ?? null;
$details = [
    'cycles' => $figures->cycles(...), 'pairs' => $figures->pairs(...), 'dependencies' => $figures->dependencies(...),
    'wideConstructors' => $figures->wideConstructors(...), 'longMethods' => $figures->longMethods(...),
    'heavyMethods' => $figures->heavyMethods(...), 'longFiles' => $figures->longFiles(...),
    'ladders' => $figures->ladders(...), 'sharedNames' => $figures->sharedNames(...),
    'wideTemplateLines' => $figures->wideTemplateLines(...), 'untested' => $figures->untested(...),
];
if (isset($details[$detail])) {
    print_r($details[$detail]());
} else {
    foreach ($figures->all() as $what => $value) {
        printf("%-55s %10s\n", $what, $value);
    }
}
