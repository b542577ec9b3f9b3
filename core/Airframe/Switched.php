<?php

namespace DuskSwitch\Core\Airframe;

use DuskSwitch\Core\Program\Step;

/** A switched function that a family usually has; the first step is the safe one, taken at rest. */
final readonly class Switched
{
    /** @param  non-empty-list<Step>  $steps */
    private function __construct(public string $id, public string $name, public array $steps) {}

    /**
     * @param  non-empty-array<string, float>  $steps  value by name
     */
    public static function with(string $id, string $name, array $steps): self
    {
        $list = [];
        foreach ($steps as $title => $value) {
            $list[] = new Step(strtolower(str_replace(' ', '-', $title)), $title, $value);
        }

        return new self($id, $name, $list);
    }
}
