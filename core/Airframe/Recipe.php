<?php

namespace DuskSwitch\Core\Airframe;

use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Program\Family;

/**
 * Writes the mixing of an airframe: functions, feeds, outputs, phases.
 *
 * Signs: right and forward sticks are positive. A wing or tail surface is positive with its trailing edge
 * down, a rudder with its trailing edge to the right, a swash servo upwards. Which way a servo turns for
 * that is the output's reversal, which no recipe touches.
 */
interface Recipe
{
    /** The id that a document names. */
    public function id(): string;

    /** What a pilot calls it. */
    public function title(): string;

    /** What it does, in a sentence. */
    public function says(): string;

    /** @return list<Family> the families that it is for; the first recipe of a family is its default */
    public function families(): array;

    /** @return list<RecipeSetting> */
    public function settings(): array;

    /**
     * What it wants with these settings.
     *
     * @param  string  $base  the id of the program's first phase
     *
     * @throws Refused where the settings contradict each other, with the path `settings.…`
     */
    public function plan(RecipeSettings $settings, string $base): Plan;
}
