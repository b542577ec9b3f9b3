<?php

namespace DuskSwitch\Core\Kit;

use DuskSwitch\Core\Units\Range;

/** A flight controller or a stabiliser as its definition tells it. */
final readonly class Controller
{
    /**
     * @param  non-empty-list<Wire>  $wires  what it can take from a receiver
     * @param  list<string>  $order  the functions that it expects on channels 1, 2, …
     * @param  Slot|null  $arming  where it arms; null where it doesn't
     * @param  int  $lowThrottle  µs; with more it doesn't arm
     * @param  array<string, Mode>  $modes  by id
     * @param  list<Slot>  $slots  where its modes are, as it arrives
     * @param  list<Port>  $ports
     * @param  Range  $supply  volts
     * @param  float  $draw  mA
     * @param  float  $gives  mA that it can give to a receiver and what hangs on it
     * @param  list<Motor>  $motors  as its drawing has them; none where it drives no motors by itself
     */
    public function __construct(
        public string $id,
        public string $name,
        public ControllerKind $kind,
        public array $wires,
        public array $order,
        public ?Slot $arming,
        public int $lowThrottle,
        public array $modes,
        public array $slots,
        public array $ports,
        public Range $supply,
        public float $draw,
        public float $gives,
        public array $motors = [],
    ) {}

    /** The function that it expects on a channel in words, or null. */
    public function expects(int $channel): ?string
    {
        return $this->order[$channel - 1] ?? null;
    }
}
