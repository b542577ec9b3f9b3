<?php

namespace DuskSwitch\Core\Rehearsal;

use DuskSwitch\Core\Flight\EventKind;
use DuskSwitch\Core\Flight\FlightEvent;
use DuskSwitch\Core\Kinds\Kinds;

/** What can go wrong in a rehearsed flight. */
final class Mishaps
{
    /** @return array<string, Mishap> by id */
    public static function all(): array
    {
        $all = [];
        foreach (Kinds::in(__DIR__.'/Mishap', __NAMESPACE__.'\Mishap', Mishap::class) as $one) {
            $all[$one->id()] = $one;
        }

        return $all;
    }

    /**
     * What happens in a flight with them.
     *
     * @param  array<string, float>  $mishaps  seconds by mishap; those that there aren't are passed over
     * @return list<FlightEvent>
     */
    public static function events(array $mishaps): array
    {
        $events = [];
        $all = self::all();
        foreach (array_intersect_key($mishaps, $all) as $mishap => $time) {
            $events[] = new FlightEvent($time, EventKind::Mishap, $all[$mishap]->says());
        }

        return $events;
    }
}
