<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Analysis\FlightSeries;
use DuskSwitch\Core\Log\LoggedFlight;

/** Flights that are made by hand, so that every number can be worked out beside them. */
trait FlownByHand
{
    /**
     * A flight a row each half second, from what it does at a time.
     *
     * @param  array<string, \Closure(float): (float|null)>  $columns
     */
    private static function flight(float $seconds, array $columns): FlightSeries
    {
        $times = array_map(fn (int $row): float => $row / 2, range(0, (int) (2 * $seconds)));

        return new FlightSeries(
            LoggedFlight::of($times, array_map(fn (\Closure $of): array => array_map($of, $times), $columns)),
        );
    }
}
