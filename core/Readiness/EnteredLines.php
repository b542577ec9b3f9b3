<?php

namespace DuskSwitch\Core\Readiness;

/** How much of the sheet stands in the transmitter. */
final readonly class EnteredLines
{
    /**
     * @param  int  $done  lines that stand there as the sheet has them
     * @param  int  $changed  lines that were entered, and the sheet says something else by now
     * @param  int  $all  lines of the sheet
     */
    public function __construct(public int $done, public int $changed, public int $all) {}
}
