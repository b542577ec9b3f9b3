<?php

namespace DuskSwitch\Core\Program;

use DuskSwitch\Core\Kit\ControllerSetup;

/**
 * What flies with the program: the kit's settings, how the controller is set up, the failsafe, what is checked,
 * accepted, was read and was measured.
 */
final readonly class Installation
{
    /**
     * @param  KitChoice  $kit  how the kit is set up
     * @param  ControllerSetup  $controller  how the controller is set up, as far as it differs from how it arrives
     * @param  array<int, Failsafe>  $failsafe  by channel; a channel without one is not set
     * @param  list<string>  $startCheck  ids of the controls whose rest the transmitter checks at power-up
     * @param  list<AcceptedFinding>  $accepted  findings that the pilot lives with
     * @param  array<int, Reading>  $readings  at the controller, by channel
     * @param  array<int, SurfaceThrow>  $throws  as measured on the model, by channel
     */
    public function __construct(
        public KitChoice $kit = new KitChoice(),
        public ControllerSetup $controller = new ControllerSetup(),
        public array $failsafe = [],
        public array $startCheck = [],
        public array $accepted = [],
        public array $readings = [],
        public array $throws = [],
    ) {}

    /**
     * The same with other parts.
     *
     * @param  array<int, Failsafe>|null  $failsafe
     * @param  list<string>|null  $startCheck
     * @param  list<AcceptedFinding>|null  $accepted
     * @param  array<int, Reading>|null  $readings
     * @param  array<int, SurfaceThrow>|null  $throws
     */
    public function with(
        ?KitChoice $kit = null,
        ?ControllerSetup $controller = null,
        ?array $failsafe = null,
        ?array $startCheck = null,
        ?array $accepted = null,
        ?array $readings = null,
        ?array $throws = null,
    ): self {
        return new self(
            $kit ?? $this->kit,
            $controller ?? $this->controller,
            $failsafe ?? $this->failsafe,
            $startCheck ?? $this->startCheck,
            $accepted ?? $this->accepted,
            $readings ?? $this->readings,
            $throws ?? $this->throws,
        );
    }

    /** True where nothing was said. */
    public function isEmpty(): bool
    {
        return $this == new self();
    }
}
