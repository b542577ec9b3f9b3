<?php

namespace DuskSwitch\Core\Sheet;

/** One thing to key in, or to do. */
final readonly class Line
{
    /**
     * @param  string  $what  "Travel low"
     * @param  string  $value  with its unit, as one keys it in
     * @param  string|null  $wanted  what the program means, where the transmitter can't hold just that
     * @param  string|null  $lost  what is lost by it
     */
    public function __construct(
        public string $what,
        public string $value,
        public ?string $wanted = null,
        public ?string $lost = null,
    ) {}
}
