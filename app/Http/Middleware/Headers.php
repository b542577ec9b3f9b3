<?php

namespace DuskSwitch\App\Http\Middleware;

use Closure;
use DuskSwitch\App\Database\WriteGate;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** What every answer says of itself: its length, and what a browser may do with it. */
final class Headers
{
    public const CHANGED = 'Dusk-Changed';

    public const ALL = [
        'X-Content-Type-Options' => 'nosniff',
        'X-Frame-Options' => 'DENY',
        'Referrer-Policy' => 'no-referrer',
        'Cross-Origin-Resource-Policy' => 'same-origin',
        'Cross-Origin-Opener-Policy' => 'same-origin',
        'Content-Security-Policy' => "default-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data:; ".
            "media-src 'self' blob:; ".
            "object-src 'none'; base-uri 'none'; form-action 'none'; frame-ancestors 'none'",
    ];

    public function handle(Request $request, Closure $next): Response
    {
        $gate = app(WriteGate::class);
        $gate->wasUsed();
        $response = $next($request);
        // Other tabs look again where something was written.
        $gate->wasUsed() && $response->headers->set(self::CHANGED, '1');

        return self::put($response);
    }

    /** The same answer with its headers. */
    public static function put(Response $response): Response
    {
        $response->headers->add(self::ALL);
        // By its length a browser notices an answer that was cut.
        if (
            ! ($response instanceof StreamedResponse) &&
            $response->getContent() !== false &&
            ! in_array($response->getStatusCode(), [204, 304], true)
        ) {
            $response->headers->set('Content-Length', (string) strlen($response->getContent()));
        }

        return $response;
    }
}
