<?php

namespace DuskSwitch\Core\Program;

use DuskSwitch\Core\Kit\Slot;

/** What flies with the program: the kit's settings, the controller's slots, the failsafe, what is checked, what was accepted. */
final readonly class Aboard
{
    /**
     * @param  KitChoice  $kit  how the kit is set up
     * @param  list<Slot>  $slots  the controller's ranges as they are set; empty = as its definition has them
     * @param  array<int, Failsafe>  $failsafe  by channel; a channel without one is not set
     * @param  list<string>  $startCheck  ids of the controls whose rest the transmitter checks at power-up
     * @param  list<Accepted>  $accepted  findings that the pilot lives with
     */
    public function __construct(
        public KitChoice $kit = new KitChoice,
        public array $slots = [],
        public array $failsafe = [],
        public array $startCheck = [],
        public array $accepted = [],
    ) {}

    /**
     * The same with other parts.
     *
     * @param  list<Slot>|null  $slots
     * @param  array<int, Failsafe>|null  $failsafe
     * @param  list<string>|null  $startCheck
     * @param  list<Accepted>|null  $accepted
     */
    public function with(?KitChoice $kit = null, ?array $slots = null, ?array $failsafe = null, ?array $startCheck = null, ?array $accepted = null): self
    {
        return new self($kit ?? $this->kit, $slots ?? $this->slots, $failsafe ?? $this->failsafe, $startCheck ?? $this->startCheck, $accepted ?? $this->accepted);
    }

    /** True where nothing was said. */
    public function isEmpty(): bool
    {
        return $this->kit->isEmpty() && $this->slots === [] && $this->failsafe === [] && $this->startCheck === [] && $this->accepted === [];
    }
}
