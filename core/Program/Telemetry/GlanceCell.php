<?php

namespace DuskSwitch\Core\Program\Telemetry;

/** A value on a glance page. */
final readonly class GlanceCell
{
    /**
     * @param  string  $value  the id of a telemetry value
     * @param  GlancePlace|null  $place  in the picture; null on a screen, where cells follow one another
     */
    public function __construct(
        public string $value,
        public GlanceLook $look = GlanceLook::Number,
        public ?GlancePlace $place = null,
    ) {}
}
