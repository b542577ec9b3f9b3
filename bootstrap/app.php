<?php

use DuskSwitch\App\Http\Middleware\Client;
use DuskSwitch\App\Http\Middleware\Headers;
use DuskSwitch\App\Http\Middleware\OneOrigin;
use DuskSwitch\App\Http\Problems;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Foundation\Http\Middleware\ConvertEmptyStringsToNull;
use Illuminate\Foundation\Http\Middleware\TrimStrings;
use Illuminate\Foundation\Http\Middleware\ValidatePostSize;
use Illuminate\Http\Middleware\HandleCors;

$app = Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        commands: __DIR__.'/../routes/console.php',
        then: fn () => require __DIR__.'/../routes/web.php',
    )
    ->withMiddleware(function (Middleware $middleware): void {
        $middleware->prepend([Client::class, Headers::class, OneOrigin::class]);
        // One origin, and documents are read by the core: nothing may be trimmed or nulled on the way.
        $middleware->remove([HandleCors::class, TrimStrings::class, ConvertEmptyStringsToNull::class, ValidatePostSize::class]);
    })
    ->withCommands([__DIR__.'/../app/Console/Commands'])
    ->withExceptions(function (Exceptions $exceptions): void {
        Problems::register($exceptions);
    })
    ->create();

$app->useAppPath($app->basePath('app'));

return $app;
