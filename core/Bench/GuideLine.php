<?php

namespace DuskSwitch\Core\Bench;

/** One thing to do and to see in a guided step. */
final readonly class GuideLine
{
    /**
     * @param  string  $says  what to do and what is to be seen
     * @param  string|null  $otherwise  what mends it where it is not so
     * @param  string|null  $asks  what has to be noted with it: "Power"; null where a tick is enough
     */
    public function __construct(public string $says, public ?string $otherwise = null, public ?string $asks = null) {}
}
