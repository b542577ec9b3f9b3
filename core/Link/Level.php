<?php

namespace DuskSwitch\Core\Link;

/** How a point of a verdict stands. */
enum Level: string
{
    case Fine = 'fine';
    case Look = 'look';
    case Wrong = 'wrong';
}
