<?php

namespace DuskSwitch\App\Http\Middleware;

use Closure;
use DuskSwitch\App\Jobs\Line;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * One answer that takes long after the other. A browser names its request by the header Dusk-Ticket, and asks at
 * /api/line/… how many are before it. Whoever waits no longer leaves the line.
 */
final readonly class Turn
{
    public function __construct(private Line $line) {}

    public function handle(Request $request, Closure $next): Response
    {
        if (PHP_SAPI !== 'fpm-fcgi') {
            return $next($request);
        }
        $this->line->stand((string) $request->header('Dusk-Ticket'), Client::stillThere(...));
        try {
            return $next($request);
        } finally {
            $this->line->leave();
        }
    }
}
