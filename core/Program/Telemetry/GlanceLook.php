<?php

namespace DuskSwitch\Core\Program\Telemetry;

/** How a value is shown on a glance page. */
enum GlanceLook: string
{
    case Number = 'number';
    case Bar = 'bar';

    /** The way home, as seen from the nose: of a bearing from home. */
    case Arrow = 'arrow';

    /** Its name. */
    public function says(): string
    {
        return match ($this) {
            self::Number => 'number',
            self::Bar => 'bar',
            self::Arrow => 'arrow towards home',
        };
    }
}
