<?php

namespace DuskSwitch\Core\Program;

use DuskSwitch\Core\Document\Part;
use DuskSwitch\Core\Document\WithFields;

/** What a controller showed for a channel while the transmitter sent three known pulses; µs. */
final readonly class Reading implements Part
{
    use WithFields;

    /**
     * @param  array{float, float, float}  $sent  low end, centre, high end as sent, strictly rising
     * @param  array{float, float, float}  $read  what was read for each
     */
    public function __construct(public int $channel, public array $sent, public array $read) {}

    /** What the controller reads for any pulse: straight lines through the three readings, and on beyond them. */
    public function reads(float $pulse): float
    {
        $at = $pulse < $this->sent[1] ? 0 : 1;
        $slope = ($this->read[$at + 1] - $this->read[$at]) / ($this->sent[$at + 1] - $this->sent[$at]);

        return $this->read[1] + ($pulse - $this->sent[1]) * $slope;
    }
}
