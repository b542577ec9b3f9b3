<?php

namespace DuskSwitch\Core\Program;

use DuskSwitch\Core\Document\Field;
use DuskSwitch\Core\Document\Form\Entries;
use DuskSwitch\Core\Document\Form\Id;
use DuskSwitch\Core\Document\Form\ListOf;
use DuskSwitch\Core\Document\Form\Whole;
use DuskSwitch\Core\Document\Names;
use DuskSwitch\Core\Document\Part;
use DuskSwitch\Core\Document\Says;
use DuskSwitch\Core\Document\WithFields;
use DuskSwitch\Core\Kit\ControllerSetup;

/**
 * What flies with the program: the kit's settings, how the controller is set up, the failsafe, what is checked,
 * accepted, was read and was measured.
 */
#[Says("what flies with the program: the kit's settings, how the controller is set up, the failsafe, what is checked at power-up, what was accepted, what was read at the controller", name: 'aboard')]
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
        #[Entries('channel', new Whole(1, 32), 'does', Failsafe::class, most: 32, each: 'a failsafe for channel')]
        public array $failsafe = [],
        #[ListOf(new Id(Names::Control), most: 40), Field(says: 'controls whose rest the transmitter checks at power-up')]
        public array $startCheck = [],
        #[ListOf(AcceptedFinding::class, most: 64), Field(says: 'findings of the proof that the pilot lives with')]
        public array $accepted = [],
        #[ListOf(Reading::class, most: 32, each: 'a reading of channel', by: 'channel', keyed: true)]
        #[Field(says: 'what the controller showed for known pulses; the proof judges ends and centre by them')]
        public array $readings = [],
        #[ListOf(SurfaceThrow::class, most: 32, each: 'a throw of channel', by: 'channel', keyed: true)]
        #[Field(says: 'how far each surface moved on the model for three known pulses')]
        public array $throws = [],
    ) {}

    /** True where nothing was said. */
    public function isEmpty(): bool
    {
        return $this == new self();
    }
}
