<?php

namespace DuskSwitch\Core\Kit;

use DuskSwitch\Core\Units\Range;

/** A flight controller or a stabiliser as its definition tells it. */
final readonly class Controller
{
    /**
     * @param  non-empty-list<Wire>  $wires  what it can take from a receiver
     * @param  ControllerSetup  $setup  how it arrives
     * @param  array<string, Mode>  $modes  by id
     * @param  list<Port>  $ports
     * @param  Range  $supply  volts
     * @param  float  $draw  mA
     * @param  float  $gives  mA that it can give to a receiver and what hangs on it
     * @param  list<Motor>  $motors  as its drawing has them; none where it drives no motors by itself
     * @param  bool  $wantsSticks  it asks for a stick calibration of its own
     */
    public function __construct(
        public string $id,
        public string $name,
        public ControllerKind $kind,
        public array $wires,
        public ControllerSetup $setup,
        public array $modes,
        public array $ports,
        public Range $supply,
        public float $draw,
        public float $gives,
        public array $motors = [],
        public bool $wantsSticks = false,
    ) {}

    /**
     * How it's set up in an aircraft: as the aircraft says, else as it arrives. Ranges, arming, low mark and order
     * always say something.
     */
    public function setUp(ControllerSetup $aboard): ControllerSetup
    {
        $setup = $aboard->over($this->setup)->over(self::usual());

        return $setup->none !== null
            ? $setup
            : $setup->over(new ControllerSetup(none: $this->modeWithoutRange($setup->modes ?? [])));
    }

    /** What is usual where neither the aircraft nor the definition says (common practice: a low mark of 1050 µs). */
    private static function usual(): ControllerSetup
    {
        return new ControllerSetup(
            modes: [],
            none: null,
            priority: [],
            arming: new Arming(by: ArmedBy::Throttle),
            low: ControllerSetup::LOW_MARK,
            order: [],
            expects: ExpectedInput::Sticks,
        );
    }

    /**
     * The free flight mode, where it has no range of its own: it's what the controller flies in where no range is
     * active. A mode that saves the aircraft never is.
     *
     * @param  list<Slot>  $slots
     */
    private function modeWithoutRange(array $slots): ?string
    {
        $ranged = array_map(fn (Slot $one): string => $one->mode, $slots);
        $without = array_values(
            array_filter(
                $this->modes,
                fn (Mode $one): bool => $one->flight &&
                    ! $one->saves &&
                    ! $one->risky &&
                    ! in_array($one->id, $ranged, true),
            ),
        );

        return count($without) === 1 ? $without[0]->id : null;
    }
}
