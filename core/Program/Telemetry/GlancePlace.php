<?php

namespace DuskSwitch\Core\Program\Telemetry;

/** Where a value stands in the video picture: around its middle, which stays clear (common practice). */
enum GlancePlace: string
{
    case TopLeft = 'top-left';
    case Top = 'top';
    case TopRight = 'top-right';
    case Left = 'left';
    case Right = 'right';
    case BottomLeft = 'bottom-left';
    case Bottom = 'bottom';
    case BottomRight = 'bottom-right';

    /** Its name. */
    public function says(): string
    {
        return str_replace('-', ' ', $this->value);
    }
}
