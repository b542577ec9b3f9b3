<?php

namespace DuskSwitch\App\Http\Controllers;

use DuskSwitch\App\Jobs\Line;
use Illuminate\Http\JsonResponse;

/** The line before what takes long. */
final readonly class LineController
{
    public function __construct(private Line $line) {}

    /** How many are before a request; null where it isn't waiting any more, or not yet. */
    public function place(string $ticket): JsonResponse
    {
        return new JsonResponse(['before' => $this->line->place($ticket)]);
    }
}
