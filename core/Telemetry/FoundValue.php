<?php

namespace DuskSwitch\Core\Telemetry;

/** A value that discovery found. */
final readonly class FoundValue
{
    /**
     * @param  string  $id  as the program names it
     * @param  float|null  $reads  in the base unit; null while nothing comes
     * @param  float|null  $refresh  seconds from one to the next
     * @param  string|null  $trouble  lost, doubled or silent; null where it's fine
     */
    public function __construct(
        public string $id,
        public ?float $reads,
        public ?float $refresh,
        public ?string $trouble,
    ) {}
}
