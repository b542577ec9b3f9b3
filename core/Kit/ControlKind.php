<?php

namespace DuskSwitch\Core\Kit;

/** The kinds of control beside the two gimbals and their trims. */
enum ControlKind: string
{
    case Switch = 'switch';
    case Button = 'button';
    case Dial = 'dial';
    case Slider = 'slider';
}
