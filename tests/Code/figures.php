<?php

declare(strict_types=1);

/*
 * Prints the figures of the code; with a name also what is behind it: php tests/Code/figures.php longMethods
 */

use Rinkel\Tests\Code\Figures;

require __DIR__.'/../../vendor/autoload.php';

$figures = new Figures();
$detail = $argv[1] ?? null;
if (null !== $detail && method_exists($figures, $detail)) {
    print_r($figures->{$detail}());
} else {
    foreach ($figures->all() as $what => $value) {
        printf("%-55s %10s\n", $what, $value);
    }
}
