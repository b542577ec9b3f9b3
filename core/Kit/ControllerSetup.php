<?php

namespace DuskSwitch\Core\Kit;

use DuskSwitch\Core\Document\Copy;
use DuskSwitch\Core\Document\Part;
use DuskSwitch\Core\Document\WithFields;

/** How a controller is set up; null where nothing was said, so that the equipment's default counts. */
final readonly class ControllerSetup implements Part
{
    use WithFields;

    /**
     * µs: with the throttle above it a controller doesn't arm, and a motor isn't called idle, where nothing else is
     * known (common practice).
     */
    public const LOW_MARK = 1050;

    /**
     * @param  list<Slot>|null  $modes  the ranges in which it's in a mode, on any channels, several for a mode
     * @param  string|null  $none  the mode that it takes where no range of a flight mode is active
     * @param  list<string>|null  $priority  modes; of two that are active the first in this list wins
     * @param  int|null  $low  µs; with the throttle above it, it doesn't arm
     * @param  list<string>|null  $order  what it expects on channels 1, 2, …: roll, pitch, throttle, yaw, gain,
     *              collective, style
     */
    public function __construct(
        public ?array $modes = null,
        public ?string $none = null,
        public ?array $priority = null,
        public ?Arming $arming = null,
        public ?int $low = null,
        public ?array $order = null,
        public ?ExpectedInput $expects = null,
        public ?SignalLoss $onLoss = null,
    ) {}

    /** This set-up, and what another says where it says nothing. */
    public function over(self $defaults): self
    {
        return Copy::of($defaults, array_filter(get_object_vars($this), fn (mixed $says): bool => $says !== null));
    }

    /** True where nothing was said. */
    public function isEmpty(): bool
    {
        return $this == new self();
    }
}
