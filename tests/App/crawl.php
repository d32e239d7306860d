<?php

declare(strict_types=1);

// Takes many walks over the Piece page: php tests/App/crawl.php [walks from each construction] [first seed] [steps]

use Rinkel\App\Kernel;
use Rinkel\Core\Construction\Constructions;
use Rinkel\Tests\App\Crawler;
use Rinkel\Tests\Core\Chance;
use Symfony\Bundle\FrameworkBundle\KernelBrowser;

require dirname(__DIR__).'/bootstrap.php';

[$walks, $first, $steps] = [(int) ($argv[1] ?? 200), (int) ($argv[2] ?? 1), (int) ($argv[3] ?? 10)];
$kernel = new Kernel('test', false);
$kernel->boot();
$browser = $kernel->getContainer()->get('test.client');
assert($browser instanceof KernelBrowser);
$browser->setServerParameter('HTTP_SEC_FETCH_SITE', 'same-origin');
[$begun, $bad] = [hrtime(true), 0];
foreach (Constructions::all()->ids() as $construction) {
    for ($seed = $first; $seed < $first + $walks; ++$seed) {
        $wrong = (new Crawler($browser, new Chance($seed)))->walk($construction, $steps);
        if (null !== $wrong) {
            ++$bad;
            printf("%s by seed %d: %s\n", $construction, $seed, $wrong);
        }
    }
}
printf(
    "%d walks of %d steps from each construction, %d went wrong, %.0f s.\n",
    $walks,
    $steps,
    $bad,
    (hrtime(true) - $begun) / 1e9,
);
exit($bad > 0 ? 1 : 0);
