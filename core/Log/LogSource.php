<?php

namespace DuskSwitch\Core\Log;

/** A recording as it came: text that may be longer than the memory holds. */
interface LogSource
{
    /** What it is called, with its ending. */
    public function name(): string;

    /** Its length in bytes. */
    public function bytes(): int;

    /** Its first bytes, as they are. */
    public function head(int $bytes): string;

    /**
     * Its lines without their ends, counted from 1; a line that is too long is cut to {@see self::LONGEST}. It can be
     * asked for again.
     *
     * @return iterable<int, string>
     */
    public function lines(): iterable;

    /** Where a reader of XML finds it. */
    public function uri(): string;

    /** Bytes of the longest line that is looked at. */
    public const LONGEST = 65_536;
}
