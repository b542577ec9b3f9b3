<?php

namespace DuskSwitch\App\Hangar;

/** What becomes of an imported definition that is here already, and different. */
enum Decision: string
{
    /** Kept beside the one that is here, under a name of its own; the program uses it. */
    case New = 'new';
    /** The one that is here becomes this; what it was stays in its history. What ships can't be replaced. */
    case Replace = 'replace';
    /** The program uses the one that is here. */
    case Leave = 'leave';
}
