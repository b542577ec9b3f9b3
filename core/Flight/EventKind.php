<?php

namespace DuskSwitch\Core\Flight;

/** What can happen in a flight. */
enum EventKind: string
{
    /** Another stretch of the script begins. */
    case Leg = 'leg';

    case Mishap = 'mishap';

    /** It came down where that wasn't meant. */
    case Ground = 'ground';

    /** The script asks for a step that there isn't. */
    case Unknown = 'unknown';

    /** Telemetry was reset: what is calculated since a reset starts again. */
    case Reset = 'reset';
}
