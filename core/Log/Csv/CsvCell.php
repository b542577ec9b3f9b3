<?php

namespace DuskSwitch\Core\Log\Csv;

/** How the cells of a column are read. */
enum CsvCell
{
    case Number;
    case Latitude;
    case Longitude;
    case Position;

    /** It holds text, or says when: its cells go into no column. */
    case Skipped;
}
