<?php

declare(strict_types=1);

use Rinkel\App\Kernel;
use Symfony\Component\Dotenv\Dotenv;
use Symfony\Component\HttpFoundation\Request;

require_once dirname(__DIR__).'/vendor/autoload.php';

// No page takes a half of it; whatever would is ended here, not by the machine.
ini_set('memory_limit', '128M');

(new Dotenv())->bootEnv(dirname(__DIR__).'/.env');

$environment = $_SERVER['APP_ENV'];
assert(is_string($environment));
$kernel = new Kernel($environment, (bool) $_SERVER['APP_DEBUG']);
$request = Request::createFromGlobals();
$response = $kernel->handle($request);
$response->send();
$kernel->terminate($request, $response);
