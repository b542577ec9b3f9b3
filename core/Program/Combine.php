<?php

namespace DuskSwitch\Core\Program;

/** How a feed joins the sum of the feeds before it. */
enum Combine: string
{
    case Add = 'add';
    case Replace = 'replace';
    case Scale = 'scale';
}
