<?php

namespace DuskSwitch\Core\Log;

/** Reads recordings of one kind. */
interface LogReader
{
    /** What kind it reads: csv, nmea, gpx, kml, igc, geojson. */
    public function format(): string;

    /**
     * What its rows hold, column by column; known before the first row.
     *
     * @return list<LogColumn> with keys of their own
     */
    public function columns(): array;

    /** True where times of rows are seconds since 1970; else they are seconds since a start of its own. */
    public function isDated(): bool;

    /**
     * Its rows in the order in which they stand in it.
     *
     * @return iterable<int, array{float, list<float|null>}> by line: seconds, and the value of each column as it stands
     */
    public function rows(BadLines $bad): iterable;
}
