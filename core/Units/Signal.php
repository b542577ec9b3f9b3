<?php

namespace DuskSwitch\Core\Units;

/** What is common to every signal inside the core: a float, 1.0 = 100 %. */
final class Signal
{
    /** No function and no sum of feeds passes this, either way. */
    public const LIMIT = 1.5;
}
