<?php

namespace DuskSwitch\Core\Analysis;

use DuskSwitch\Core\Kit\Axis;
use DuskSwitch\Core\Rehearsal\FlightSlots;
use DuskSwitch\Core\Rehearsal\Leg;
use DuskSwitch\Core\Rehearsal\ScriptPilot;
use DuskSwitch\Core\Signal\Circuit;
use DuskSwitch\Core\Signal\Frame;
use DuskSwitch\Core\Signal\State;
use DuskSwitch\Core\Signal\Tick;
use DuskSwitch\Core\Telemetry\Sample;

/**
 * The hand of a flight whose log says nothing of it: at rest on the ground; in the air armed, and with the throttle
 * where the log has it, else in its middle. What else the pilot switched is not known.
 */
final class AssumedHand
{
    /** Places of the throttle that are told apart. */
    private const PLACES = 20;

    /** Seconds in which a program settles after a switch, a press and its fades among them. */
    private const SETTLES = 3.0;

    private readonly FlightSlots $slots;

    /** @var list<float> */
    private array $ready;

    private ?State $state = null;

    /** @var array<int, Sample> by place of the throttle; −1 at rest */
    private array $known = [];

    public function __construct(private readonly Circuit $circuit)
    {
        $this->slots = new FlightSlots($circuit);
        $pilot = new ScriptPilot($circuit);
        $rest = $circuit->panel->atRest();
        $hand = $pilot->follow(
            new Leg('', 0.0, does: ['arm' => 'armed', 'cut' => 'ready', 'hold' => 'released']),
            $rest,
            null,
            [],
        );
        for ($tick = 0; $tick < self::SETTLES / Tick::SECONDS; $tick++) {
            $hand = array_values($pilot->goOn($hand));
            $this->state = $circuit->tick($hand, $this->state)->state;
        }
        $this->ready = $hand;
    }

    /**
     * What the transmitter knew of its own side.
     *
     * @param  float|null  $throttle  0 to 1; null where the log doesn't say
     */
    public function sample(bool $flies, ?float $throttle): Sample
    {
        $place = $flies ? (int) round(max(0.0, min(1.0, $throttle ?? 0.5)) * self::PLACES) : -1;

        return $this->known[$place] ??= $this->made($place);
    }

    private function made(int $place): Sample
    {
        $hand = $this->circuit->panel->atRest();
        if ($place >= 0) {
            $hand = $this->ready;
            $hand[$this->circuit->panel->axis(Axis::Throttle)] = (2 * $place) / self::PLACES - 1;
        }
        $frame = $place < 0 ? $this->circuit->frame($hand) : $this->settled($hand);

        return new Sample(
            0.0,
            [],
            $frame->phase(),
            $frame->steps(),
            $this->slots->functions($frame),
            $this->slots->controls($hand),
        );
    }

    /** @param  array<int, float>  $hand */
    private function settled(array $hand): Frame
    {
        $tick = $this->circuit->tick(array_values($hand), $this->state);
        for ($more = 1; $more < self::SETTLES / Tick::SECONDS; $more++) {
            $tick = $this->circuit->tick(array_values($hand), $tick->state);
        }

        return $tick->frame;
    }
}
