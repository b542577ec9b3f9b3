<?php

namespace DuskSwitch\Core\Kit;

use DuskSwitch\Core\Document\Checked;
use DuskSwitch\Core\Document\Field;
use DuskSwitch\Core\Document\Form\Id;
use DuskSwitch\Core\Document\Form\Whole;
use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Document\Names;
use DuskSwitch\Core\Document\Says;
use DuskSwitch\Core\Document\WithFields;
use DuskSwitch\Core\Units\Ruler;

/** A range of pulses on a channel in which a controller does something. */
#[Says('a range of pulses, from inclusive, to exclusive, in which a controller is in a mode')]
final readonly class Slot implements Checked
{
    use WithFields;

    /**
     * @param  string  $mode  the id of a mode; `armed` for arming
     * @param  int  $from  µs, inclusive
     * @param  int  $to  µs, exclusive
     */
    public function __construct(
        #[Id(Names::Mode)]
        public string $mode,
        #[Whole(1, 32)]
        public int $channel,
        #[Whole(Ruler::FROM, Ruler::TO), Field(says: 'µs')]
        public int $from,
        #[Whole(Ruler::FROM, Ruler::TO), Field(says: 'µs')]
        public int $to,
    ) {}

    public function check(JsonCursor $node): static
    {
        if ($this->from >= $this->to) {
            $node->at('to')?->fault("must be above the lower edge, {$this->from} µs");
        }

        return $this;
    }

    /** How far inside a pulse is, in µs: the distance to the nearer edge, negative outside. */
    public function margin(int $pulse): int
    {
        return min($pulse - $this->from, $this->to - $pulse);
    }

    /** True where a pulse lies in it. */
    public function holds(int $pulse): bool
    {
        return $pulse >= $this->from && $pulse < $this->to;
    }

    /** True where both hold the same pulse of the same channel. */
    public function overlaps(self $other): bool
    {
        return $this->channel === $other->channel && $this->from < $other->to && $other->from < $this->to;
    }

    /** The pulse in its middle. */
    public function middle(): float
    {
        return ($this->from + $this->to) / 2;
    }
}
