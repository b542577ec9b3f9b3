<?php

namespace DuskSwitch\Core\Units;

/** The pulse widths that matter on a bench, in µs (common practice). */
final class Ruler
{
    /** No receiver or controller works below this. */
    public const FROM = 800;

    /** Nor above this. */
    public const TO = 2200;

    /** What controllers want at the low end, */
    public const LOW = 1000;

    /** at the centre, */
    public const CENTRE = 1500;

    /** and at the high end. */
    public const HIGH = 2000;
}
