<?php

namespace DuskSwitch\Core\Airframe;

/** The things in the table of styles. */
enum StyleColumn: string
{
    case Style = 'style';
    case Expo = 'expo';
    case Throttle = 'throttle';
    case Floor = 'floor';
    case Gain = 'gain';
    case Fade = 'fade';
}
