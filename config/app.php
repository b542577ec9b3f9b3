<?php

return [
    'name' => 'Dusk Switch',
    'env' => env('APP_ENV', 'local'),
    // No stack trace ever leaves the app; set APP_DEBUG=true by hand while developing.
    'debug' => (bool) env('APP_DEBUG', false),
    // True in the tests of the server's limits: there is a route that computes, waits or fills memory.
    'slow' => (bool) env('DUSK_SLOW_ROUTE', false),
    // Where imported recordings lie; beside the database where nothing else is said.
    'recordings' => env('DUSK_RECORDINGS'),
    // Whether the demo comes with flights; a test that counts its own goes without.
    'demo_logbook' => (bool) env('DUSK_DEMO_LOGBOOK', true),
    'url' => env('APP_URL', 'http://127.0.0.1'),
    'timezone' => 'UTC',
    'locale' => 'en',
    'fallback_locale' => 'en',
    'cipher' => 'AES-256-CBC',
    'key' => env('APP_KEY'),
    'maintenance' => ['driver' => 'file'],
];
