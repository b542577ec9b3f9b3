<?php

namespace DuskSwitch\Core\Signal;

use Generator;

/** Goes through every position of the switches that have a say. */
final class SwitchPositions
{
    /**
     * Every position as inputs, everything else as it is.
     *
     * @param  list<float>  $inputs  in the order of the panel
     * @param  array<int, list<float>>  $positions  by input
     * @return Generator<int, list<float>>
     */
    public static function each(array $inputs, array $positions): Generator
    {
        $slots = array_keys($positions);
        $values = array_values($positions);
        $counts = array_map(count(...), $values);
        $all = (int) array_product($counts);
        for ($state = 0; $state < $all; $state++) {
            $left = $state;
            foreach ($slots as $place => $slot) {
                $inputs[$slot] = $values[$place][$left % $counts[$place]];
                $left = intdiv($left, $counts[$place]);
            }
            yield array_values($inputs);
        }
    }
}
