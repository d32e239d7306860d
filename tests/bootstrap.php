<?php

declare(strict_types=1);

use Rinkel\App\Kernel;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Component\Console\Input\ArrayInput;
use Symfony\Component\Console\Output\BufferedOutput;
use Symfony\Component\Dotenv\Dotenv;

require dirname(__DIR__).'/vendor/autoload.php';

// Every run has a database of its own, gone with it.
$database = getenv('RINKEL_TEST_DATABASE') ?: sys_get_temp_dir().'/rinkel-test-'.getmypid().'.sqlite';
$_SERVER['RINKEL_DATABASE'] = $_ENV['RINKEL_DATABASE'] = $database;
putenv('RINKEL_DATABASE='.$database);
(new Dotenv())->bootEnv(dirname(__DIR__).'/.env');

register_shutdown_function(static function () use ($database): void {
    array_map(unlink(...), str_contains($database, '://') ? [] : (glob($database.'*') ?: []));
});

$application = new Application(new Kernel('test', false));
$application->setAutoExit(false);
$output = new BufferedOutput();
if (0 !== $application->run(
    new ArrayInput(['command' => 'doctrine:migrations:migrate', '--no-interaction' => true]),
    $output,
)) {
    exit($output->fetch());
}
