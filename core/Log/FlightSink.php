<?php

namespace DuskSwitch\Core\Log;

/** Takes the flights of a recording as they are read, row by row. */
interface FlightSink
{
    /**
     * A flight begins.
     *
     * @param  float  $at  seconds since the first row of the recording
     */
    public function begin(float $at): void;

    /**
     * Rows of the flight that has begun, in the order of time.
     *
     * @param  list<array{float, list<float|null>}>  $rows  seconds since the first row of the recording, and values as
     *         they stand in the recording, column by column
     */
    public function rows(array $rows): void;

    /** The flight ends. */
    public function end(): void;
}
