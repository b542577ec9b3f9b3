<?php

namespace DuskSwitch\Core\Speech;

use DuskSwitch\Core\Units\Unit;

/** How a language says numbers, units and times. */
interface Language
{
    /**
     * A number in words.
     *
     * @param  int  $places  decimals that are said
     */
    public function number(float $number, int $places): string;

    /** A unit after its number. */
    public function unit(Unit $unit, float $number, int $places): string;

    /** Seconds as minutes and seconds. */
    public function time(float $seconds): string;

    /** How many syllables a text has, roughly. */
    public function syllables(string $text): int;

    /** Seconds that the shipped voice takes for a text, as far as one can tell without speaking it; 0 for none. */
    public function seconds(string $text): float;
}
