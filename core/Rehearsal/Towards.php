<?php

namespace DuskSwitch\Core\Rehearsal;

/** Where a leg is steered. */
enum Towards: string
{
    case Home = 'home';
    case Out = 'out';
}
