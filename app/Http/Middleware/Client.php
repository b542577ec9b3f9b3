<?php

namespace DuskSwitch\App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * Passes over requests that nobody waits for any more: who pressed reload ten times left ten of them in the queue. PHP
 * learns of it only by writing, so an empty line goes to the server's log, which drops it.
 */
final class Client
{
    public function handle(Request $request, Closure $next): Response
    {
        self::stillThere();

        return $next($request);
    }

    /** Ends the request where nobody waits for it. */
    public static function stillThere(): void
    {
        if (PHP_SAPI === 'fpm-fcgi') {
            error_log('', 4);
            flush();
        }
    }
}
