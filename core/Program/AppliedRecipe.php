<?php

namespace DuskSwitch\Core\Program;

/** The airframe recipe that wrote a program's mixing last, with what was chosen. */
final readonly class AppliedRecipe
{
    /**
     * @param  string  $id  the recipe's
     * @param  array<string, float|bool|string>  $settings  by the id of the setting
     */
    public function __construct(public string $id, public array $settings) {}
}
