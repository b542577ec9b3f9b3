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

    /** A number with its unit, where it has one, in the forms that go together: "ein Volt", "eine Sekunde". */
    public function value(float $number, int $places, ?Unit $unit): string;

    /** After the name of a value that isn't there. */
    public function missing(): string;

    /** @return array<string, string> what numbers are put together from, for a voice pack: texts by the clip's name */
    public function pieces(): array;

    /** Seconds as minutes and seconds. */
    public function time(float $seconds): string;

    /** How many syllables a text has, roughly. */
    public function syllables(string $text): int;

    /** Seconds that the shipped voice takes for a text, as far as one can tell without speaking it; 0 for none. */
    public function seconds(string $text): float;
}
