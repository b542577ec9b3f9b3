<?php

use Illuminate\Http\Request;

// PHP's own server: a file below this folder is served as it is; nothing else is looked for.
if (PHP_SAPI === 'cli-server') {
    $path = rawurldecode((string) parse_url($_SERVER['REQUEST_URI'] ?? '/', PHP_URL_PATH));
    $file = str_contains($path, "\0") ? false : realpath(__DIR__.$path);
    if ($file !== false && str_starts_with($file, __DIR__.'/') && is_file($file) && $file !== __FILE__) {
        return false;
    }
}

define('LARAVEL_START', microtime(true));

require __DIR__.'/../vendor/autoload.php';

$app = require_once __DIR__.'/../bootstrap/app.php';

$app->handleRequest(Request::capture());
