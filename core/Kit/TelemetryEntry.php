<?php

namespace DuskSwitch\Core\Kit;

/** What a transmitter can do with telemetry, as far as its definition tells; what it doesn't say is no limit. */
final readonly class TelemetryEntry
{
    /**
     * @param  int|null  $calls  how many alarms and callouts it has room for
     * @param  TimeGrid|null  $hold  how long a condition may have to last before it speaks
     * @param  TimeGrid|null  $repeat  how long until it speaks again
     * @param  bool  $hysteresis  a level may have one
     * @param  bool  $joins  a condition may be more than one level: with a switch, a phase, another level
     * @param  bool  $priorities  it speaks what is urgent first
     * @param  int|null  $values  how many calculated values it has room for
     * @param  list<string>|null  $derives  the ways to calculate that it knows, by id
     * @param  bool  $tone  it has a variometer's tone
     * @param  int|null  $pages  how many pages of values its screen has
     * @param  int|null  $cells  how many values a page of it shows
     */
    public function __construct(
        public ?int $calls = null,
        public ?TimeGrid $hold = null,
        public ?TimeGrid $repeat = null,
        public bool $hysteresis = true,
        public bool $joins = true,
        public bool $priorities = true,
        public ?int $values = null,
        public ?array $derives = null,
        public bool $tone = true,
        public ?int $pages = null,
        public ?int $cells = null,
    ) {}
}
