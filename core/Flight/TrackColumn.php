<?php

namespace DuskSwitch\Core\Flight;

/** What can be known of the aircraft, moment by moment. */
enum TrackColumn: string
{
    /** Metres east of home. */
    case East = 'east';

    /** Metres north of home. */
    case North = 'north';

    /** Metres over the field. */
    case Height = 'height';

    /** m/s over the ground. */
    case Speed = 'speed';

    /** m/s through the air. */
    case Airspeed = 'airspeed';

    /** m/s upwards. */
    case Climb = 'climb';

    /** Degrees from true north. */
    case Heading = 'heading';

    /** mAh out of the pack since power-up. */
    case Used = 'used';

    /** Volts of a cell. */
    case Cell = 'cell';

    /** Amperes. */
    case Current = 'amperes';

    /** 1 while it is in the air, or rolls where it drives; 0 while it isn't. */
    case Flies = 'flies';

    /** 1 while the link holds, 0 while it doesn't. */
    case Linked = 'linked';
}
