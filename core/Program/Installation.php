<?php

namespace DuskSwitch\Core\Program;

use DuskSwitch\Core\Document\Part;
use DuskSwitch\Core\Document\WithFields;
use DuskSwitch\Core\Kit\ControllerSetup;

/**
 * What flies with the program: the kit's settings, how the controller is set up, the failsafe, what is checked,
 * accepted, was read and was measured.
 */
final readonly class Installation implements Part
{
    use WithFields;

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

    /** True where nothing was said. */
    public function isEmpty(): bool
    {
        return $this == new self();
    }
}
