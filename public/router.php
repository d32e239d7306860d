<?php

declare(strict_types=1);

// Router for PHP's own server: real files as they are, scripts never, all else to the application.
$address = $_SERVER['REQUEST_URI'];
assert(is_string($address));
$path = rawurldecode((string) parse_url($address, \PHP_URL_PATH));
$file = realpath(__DIR__.$path);
if (false !== $file && is_file($file) && str_starts_with($file, __DIR__.'/') && !str_ends_with($file, '.php')) {
    return false;
}
$_ENV += getenv();
$_SERVER['SCRIPT_NAME'] = '/index.php';
$_SERVER['SCRIPT_FILENAME'] = __DIR__.'/index.php';

require __DIR__.'/index.php';
