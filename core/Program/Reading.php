<?php

namespace DuskSwitch\Core\Program;

use DuskSwitch\Core\Document\Checked;
use DuskSwitch\Core\Document\Field;
use DuskSwitch\Core\Document\Form\Three;
use DuskSwitch\Core\Document\Form\Whole;
use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Document\WithFields;

/** What a controller showed for a channel while the transmitter sent three known pulses; µs. */
final readonly class Reading implements Checked
{
    use WithFields;

    /**
     * @param  array{float, float, float}  $sent  low end, centre, high end as sent, strictly rising
     * @param  array{float, float, float}  $read  what was read for each
     */
    public function __construct(
        #[Whole(1, 32)]
        public int $channel,
        #[Three(500, 2500), Field(says: 'low end, centre, high end as sent, in µs, rising')]
        public array $sent,
        #[Three(500, 2500), Field(says: 'what was read for each, in µs')]
        public array $read,
    ) {}

    public function check(JsonCursor $node): static
    {
        if (! ($this->sent[0] < $this->sent[1] && $this->sent[1] < $this->sent[2])) {
            $node->at('sent')?->fault('must rise: low end, centre, high end');
        }

        return $this;
    }

    /** What the controller reads for any pulse: straight lines through the three readings, and on beyond them. */
    public function reads(float $pulse): float
    {
        $at = $pulse < $this->sent[1] ? 0 : 1;
        $slope = ($this->read[$at + 1] - $this->read[$at]) / ($this->sent[$at + 1] - $this->sent[$at]);

        return $this->read[1] + ($pulse - $this->sent[1]) * $slope;
    }
}
