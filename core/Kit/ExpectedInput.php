<?php

namespace DuskSwitch\Core\Kit;

/**
 * What a controller takes on its channels: what the sticks ask for, or surfaces that the transmitter has mixed already.
 */
enum ExpectedInput: string
{
    case Sticks = 'sticks';
    case Surfaces = 'surfaces';
}
