<?php

namespace DuskSwitch\App\Http\Controllers;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Does what a request must not do, so that the tests see how the server ends it. There is no way to it otherwise. */
final class SlowController
{
    private const SECONDS = 20;

    public function __invoke(Request $request): JsonResponse
    {
        $end = microtime(true) + self::SECONDS;
        $held = [];
        while (microtime(true) < $end) {
            match ($request->query('what')) {
                'wait' => sleep(1),
                'memory' => ($held[] = str_repeat('x', 1_000_000)),
                default => null,
            };
        }

        return new JsonResponse(['held' => count($held)]);
    }
}
