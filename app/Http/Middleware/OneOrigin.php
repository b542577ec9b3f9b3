<?php

namespace DuskSwitch\App\Http\Middleware;

use Closure;
use DuskSwitch\App\Http\Problems;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * Lets in only requests that are for this machine by name and come from our own page: another site open in
 * the same browser must not read or change a pilot's programs, nor reach us under a name of its own.
 */
final class OneOrigin
{
    private const HOSTS = ['127.0.0.1', 'localhost', '[::1]'];

    public function handle(Request $request, Closure $next): Response
    {
        $host = (string) $request->headers->get('host');
        if (! in_array(preg_replace('/:\d+$/', '', $host), self::HOSTS, true)) {
            return Problems::say(
                403,
                'Dusk Switch answers only to 127.0.0.1 and localhost. Open it under one of these.',
            );
        }
        $origin = $request->headers->get('origin');
        if ($origin !== null && $origin !== "http://{$host}") {
            return Problems::say(403, 'This request comes from another site, so it was refused.');
        }
        if ($request->headers->get('sec-fetch-site') === 'cross-site' && $request->is('api/*')) {
            return Problems::say(403, 'This request comes from another site, so it was refused.');
        }

        return $next($request);
    }
}
