<?php

namespace DuskSwitch\Core\Solve;

/** What an edit does to a channel with the controls somewhere; pulses in µs, null where the channel isn't there. */
final readonly class PulseChange
{
    /** @param  string  $where the hand in words: "at rest", "Left shoulder away" */
    public function __construct(
        public int $channel,
        public string $name,
        public string $where,
        public ?int $before,
        public ?int $after,
    ) {}
}
