<?php

namespace DuskSwitch\Core\Log\Write;

use DuskSwitch\Core\Log\LoggedFlight;

/** Writes flights in an open format, piece by piece. */
interface LogWriter
{
    /** The ending of its files, without the point. */
    public function ending(): string;

    /** Its kind of media (IANA). */
    public function media(): string;

    /** True where it can hold only what has a position. */
    public function needsPositions(): bool;

    /**
     * @param  list<LoggedFlight>  $flights
     * @param  string  $name  what flew
     * @return iterable<string>
     */
    public function write(array $flights, string $name): iterable;
}
