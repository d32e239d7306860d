<?php

declare(strict_types=1);

// Router for PHP's own server: real files with the headers of every answer, scripts never, all else to the application.
use Rinkel\App\Platform\Http\HostGuard;
use Rinkel\App\Platform\Http\SecurityHeaders;

require_once dirname(__DIR__).'/vendor/autoload.php';

$_ENV += getenv();
$address = $_SERVER['REQUEST_URI'];
assert(is_string($address));
$path = rawurldecode((string) parse_url($address, \PHP_URL_PATH));
$file = str_contains($path, "\0") ? false : realpath(__DIR__.$path);
$types = ['css' => 'text/css', 'js' => 'text/javascript', 'svg' => 'image/svg+xml', 'woff2' => 'font/woff2', 'txt' => 'text/plain', 'json' => 'application/json', 'png' => 'image/png', 'webmanifest' => 'application/manifest+json'];
$type = false === $file ? null : $types[pathinfo($file, \PATHINFO_EXTENSION)] ?? null;
if (false !== $file && null !== $type && is_file($file) && str_starts_with($file, __DIR__.'/')) {
    header_remove('X-Powered-By');
    foreach (SecurityHeaders::ALL as $name => $value) {
        header($name.': '.$value); // refused or not
    }
    $host = $_SERVER['HTTP_HOST'] ?? '';
    $allowed = $_ENV['HOST'] ?? '';
    if (!HostGuard::allows(is_string($host) ? $host : '', is_string($allowed) ? $allowed : '')) {
        http_response_code(421);

        return true;
    }
    header('Content-Type: '.$type.(str_starts_with($type, 'text/') ? '; charset=utf-8' : ''));
    header('Cache-Control: '.(str_contains($address, '?v=') ? 'public, max-age=31536000, immutable' : 'no-cache'));
    $packed = $file.'.gz';
    if (is_file($packed)) {
        header('Vary: Accept-Encoding');
        $takes = $_SERVER['HTTP_ACCEPT_ENCODING'] ?? '';
        if (is_string($takes) && 1 === preg_match('/\bgzip\b(?!\s*;\s*q=0(?:\.0*)?\s*(?:,|$))/', $takes)) {
            header('Content-Encoding: gzip');
            $file = $packed;
        }
    }
    readfile($file);

    return true;
}
$_SERVER['SCRIPT_NAME'] = '/index.php';
$_SERVER['SCRIPT_FILENAME'] = __DIR__.'/index.php';

require __DIR__.'/index.php';
