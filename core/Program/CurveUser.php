<?php

namespace DuskSwitch\Core\Program;

/** A place where a curve is used. */
final readonly class CurveUser
{
    /**
     * @param  string  $says  "Throttle, Calm", "a feed of Left flap"
     * @param  string|null  $function  its id; null for a feed
     * @param  string|null  $phase  in whose shape it stands; null for a dual rate, and a feed
     * @param  int|null  $rate  the place of the dual rate, from 0
     */
    public function __construct(
        public string $says,
        public ?string $function,
        public ?string $phase,
        public ?int $rate,
    ) {}
}
