<?php

declare(strict_types=1);

// Loads the core with one number moved, as RINKEL_MUTANT says; see mutants.php.

use Rinkel\Tests\Core\Mutant;

require dirname(__DIR__, 2).'/vendor/autoload.php';

$said = getenv('RINKEL_MUTANT');
if (is_string($said)) {
    $mutant = Mutant::parse($said);
    $changed = tempnam(sys_get_temp_dir(), 'rinkel-mutant-');
    assert(is_string($changed));
    file_put_contents($changed, $mutant->source());
    require $changed;
    unlink($changed);
}
