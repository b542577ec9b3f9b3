<?php

namespace DuskSwitch\Core\Rehearsal;

/** Where a leg is steered. */
enum SteeringTarget: string
{
    case Home = 'home';
    case Out = 'out';
}
