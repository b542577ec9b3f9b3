<?php

namespace DuskSwitch\Core\Program\Telemetry;

/** Where a glance page is shown. */
enum GlanceKind: string
{
    case Screen = 'screen';
    case Picture = 'picture';

    /** Its name. */
    public function says(): string
    {
        return $this === self::Screen ? 'on the transmitter\'s screen' : 'in the video picture';
    }

    /** More cells than this can't be taken in at a glance (common practice: four or so on a screen). */
    public function atAGlance(): int
    {
        return $this === self::Screen ? 4 : 6;
    }
}
