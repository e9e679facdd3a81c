<?php

declare(strict_types=1);

// Router of PHP's own web server: what is a file in public/ is served as it is, all else is the application's.
$asked = urldecode((string) parse_url((string) $_SERVER['REQUEST_URI'], PHP_URL_PATH));
$file = str_contains($asked, "\0") ? false : realpath(__DIR__.'/../../public'.$asked);

if ($file !== false && is_file($file) && str_starts_with($file, (string) realpath(__DIR__.'/../../public').DIRECTORY_SEPARATOR)) {
    return false;
}

$_SERVER['SCRIPT_NAME'] = '/index.php';

require __DIR__.'/../../public/index.php';
