<?php

namespace DuskSwitch\Core\Logbook;

use DuskSwitch\Core\Units\Dimension;

/** What the logbook tells of each flight, beside what its pilot wrote. */
final class LoggedFacts
{
    /** By id: its name, what kind of number it is, and whether it is a speed up or down. */
    public const ALL = [
        'highest' => ['Highest', Dimension::Length, false],
        'farthest' => ['Farthest', Dimension::Length, false],
        'fastest' => ['Fastest', Dimension::Speed, false],
        'climb' => ['Best climb', Dimension::Speed, true],
        'sink' => ['Worst sink', Dimension::Speed, true],
        'current' => ['Mean current', Dimension::Current, false],
        'currentHighest' => ['Highest current', Dimension::Current, false],
        'used' => ['Used', Dimension::Charge, false],
        'cellLowest' => ['Lowest cell', Dimension::Voltage, false],
        'cellAfter' => ['Cell afterwards', Dimension::Voltage, false],
        'linkLowest' => ['Lowest link', Dimension::Percent, false],
        'linkLowestAt' => ['Lowest link at', Dimension::Length, false],
        'sag' => ['Sag of a cell', Dimension::Voltage, false],
        'wind' => ['Wind', Dimension::Speed, false],
    ];
}
