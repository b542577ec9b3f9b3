<?php

namespace DuskSwitch\Core\Rehearsal;

use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Flight\EventKind;
use DuskSwitch\Core\Flight\FlightEvent;
use DuskSwitch\Core\Flight\HandheldRecord;
use DuskSwitch\Core\Flight\PackCharge;
use DuskSwitch\Core\Flight\Recording;
use DuskSwitch\Core\Flight\Track;
use DuskSwitch\Core\Kit\Axis;
use DuskSwitch\Core\Kit\Catalogue;
use DuskSwitch\Core\Link\InstalledKit;
use DuskSwitch\Core\Link\LinkBudget;
use DuskSwitch\Core\Program\Family;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Signal\Circuit;
use DuskSwitch\Core\Signal\Frame;
use DuskSwitch\Core\Signal\State;
use DuskSwitch\Core\Telemetry\Sample;
use DuskSwitch\Core\Telemetry\SensorChain;

/**
 * Flies a scenario: 50 times a second the hand moves, the real circuit answers, and the aircraft follows. A motor that
 * the program doesn't let run doesn't lift anything.
 */
final class Flight
{
    /** Seconds from one row of the recording to the next: quicker than any telemetry reports. */
    public const EVERY = 0.2;

    /** Ticks of the circuit in a row of the recording. */
    private const TICKS = 10;

    private readonly FlightModel $model;

    private readonly Motion $motion;

    private readonly RandomSource $chance;

    private readonly Instruments $instruments;

    private readonly Battery $battery;

    private readonly RadioLink $radio;

    private readonly FlightSlots $slots;

    private readonly Reception $reception;

    private readonly ScriptPilot $pilot;

    private readonly CircuitValues $values;

    /** @var list<array<string, float>> */
    private array $truth = [];

    /** @var list<array<string, float>> */
    private array $came = [];

    private float $gust = 0.0;

    /** @var array<int, float> */
    private array $hand = [];

    private ?State $state = null;

    private int $leg = -1;

    private float $legEnds = 0.0;

    /** @var list<FlightEvent> */
    private array $events = [];

    /** @param  bool  $withTruth  what there was to measure is written down, too */
    public function __construct(
        private readonly Circuit $circuit,
        Catalogue $catalogue,
        private readonly Scenario $scenario,
        private readonly RehearsalSettings $setting,
        private readonly bool $withTruth = false,
    ) {
        $program = $circuit->program;
        $this->model = FlightModel::of($program->family);
        $this->motion = new Motion($this->model, $setting);
        $this->chance = new RandomSource($setting->seed);
        $kit = InstalledKit::of($program, $circuit->panel->transmitter, $catalogue);
        $this->instruments = new Instruments(new SensorChain($kit), $this->chance);
        $this->values = CircuitValues::of($circuit, $catalogue);
        $this->radio = new RadioLink($setting);
        $pack = $setting->pack ?? ($catalogue->pack($program->aboard->kit->pack ?? '') ?? UsualPack::of($program));
        $this->battery = new Battery(
            $pack->cells,
            $pack->capacity,
            $setting->effects(0.0)->resistance,
            $setting->charge,
        );
        $this->slots = new FlightSlots($circuit);
        $this->pilot = new ScriptPilot($circuit);
        $this->reception = new Reception($program, $this->radio, $this->slots, $this->model);
    }

    /**
     * The whole flight.
     *
     * @throws Refused where program and script together are too much for one answer
     */
    public function fly(): Recording
    {
        FlightSize::refuseTooMuch($this->scenario->seconds(), $this->circuit, self::TICKS, $this->instruments->count());
        $panel = $this->circuit->panel;
        $this->hand = $panel->atRest();
        $axes = array_map($panel->axis(...), [Axis::Roll, Axis::Pitch, Axis::Throttle, Axis::Yaw]);
        $body = new Body();
        $body->heading = $this->setting->from;
        $samples = $truth = $pulses = $sticks = $telemetry = [];
        $rows = (int) round($this->scenario->seconds() / self::EVERY);
        for ($row = 0; $row <= $rows; $row++) {
            $time = round($row * self::EVERY, 2);
            $asks = $this->leg($time, $telemetry);
            if (abs($time - ($this->setting->reset ?? -1.0)) < self::EVERY / 2) {
                $this->reset($time);
            }
            $power = $this->motion->power($body, $asks);
            $goal = $this->motion->sticks($body, $asks, $this->leg > 0 || $asks->climb > 0, $power);
            $frame = $this->glide($axes, $goal, $telemetry);
            $lost = $this->reception->isLost($time, $body, $frame);
            $motor = ! $this->battery->isEmpty() && $this->reception->motorRuns($frame, $time);
            $this->battery->draw($motor && $asks->motor ? $this->model->draws($power) : 0.25, self::EVERY);
            $moment = $this->moment($time, $body, $lost, $motor);
            $samples[] = new Sample(
                $time,
                $this->instruments->read($moment),
                $frame->phase(),
                $frame->steps(),
                $this->slots->functions($frame),
                $this->slots->controls($this->hand),
            );
            $telemetry = $this->values->known($samples[$row]);
            if ($this->withTruth) {
                $this->truth[] = $this->instruments->truth();
                $this->came[] = $this->instruments->came();
            }
            $truth[] = $moment->row();
            $pulses[] = $this->reception->pulses($frame, $time);
            $sticks[] = array_map(fn (int $slot): float => round($this->hand[$slot], 3), $axes);
            $this->move($time, $body, $asks, $motor, $lost);
        }

        return new Recording(
            $samples,
            Track::ofRows($truth),
            new HandheldRecord($sticks, $pulses),
            $this->events(),
            new PackCharge($this->battery->capacity, $this->battery->held()),
            $this->model->stall,
        );
    }

    /** What there was to measure, and when what was received came; empty before the flight, or where nobody asked. */
    public function truth(): SensorTruth
    {
        return new SensorTruth($this->truth, $this->came);
    }

    /**
     * The leg that is flown at a time; where another begins, the pilot does what it says.
     *
     * @param  array<string, float>  $telemetry
     */
    private function leg(float $time, array $telemetry): Leg
    {
        $next = $this->scenario->legs[$this->leg + 1] ?? null;
        if ($next === null || $time < $this->legEnds - 1e-9) {
            return $this->scenario->legs[$this->leg];
        }
        $this->leg++;
        $this->legEnds += $next->seconds;
        $this->radio->send($next->milliwatts);
        $this->events[] = new FlightEvent($time, EventKind::Leg, $next->says);
        $this->hand = $this->pilot->follow($next, array_values($this->hand), $this->state, $telemetry);
        if ($next->resetsTelemetry()) {
            $this->reset($time);
        }
        foreach ($this->pilot->misses($next) as $unknown) {
            $this->events[] = new FlightEvent($time, EventKind::Unknown, $unknown);
        }

        return $next;
    }

    private function reset(float $time): void
    {
        $this->values->reset();
        $this->events[] = new FlightEvent($time, EventKind::Reset, 'Telemetry reset');
    }

    /**
     * Air and hand are new five times a second; the circuit runs at its own pace, the sticks gliding between.
     *
     * @param  array<int, int>  $axes  the slots of roll, pitch, throttle, yaw
     * @param  array<int, float>  $goal  where they go
     * @param  array<string, float>  $telemetry
     */
    private function glide(array $axes, array $goal, array $telemetry): Frame
    {
        [$roll, $pitch, $throttle, $yaw] = $axes;
        $step = array_map(fn (int $slot, float $to): float => ($to - $this->hand[$slot]) / self::TICKS, $axes, $goal);
        $hand = $this->hand;
        for ($tick = null, $i = 0; $tick === null || $i < self::TICKS; $i++) {
            $hand[$roll] += $step[0];
            $hand[$pitch] += $step[1];
            $hand[$throttle] += $step[2];
            $hand[$yaw] += $step[3];
            $hand = $this->pilot->goOn($hand);
            $tick = $this->circuit->tick(array_values($hand), $this->state, $telemetry);
            $this->state = $tick->state;
        }
        $this->hand = $hand;
        $this->pilot->sees($tick->frame);

        return $tick->frame;
    }

    /** The body moves on, with a gust and what rises; a landing that nobody meant is noted. */
    private function move(float $time, Body $body, Leg $asks, bool $motor, bool $lost): void
    {
        $this->gust +=
            (-$this->gust * self::EVERY) / 4 +
            0.15 * $this->setting->wind * sqrt((2 * self::EVERY) / 4) * $this->chance->normal();
        $flew = $body->flies;
        $lift = $asks->lift === 0.0 ? 0.0 : $asks->lift + 0.25 * sin($time);
        $this->motion->step($body, $asks, $motor, $this->gust, $lift, self::EVERY, $lost);
        if ($flew && ! $body->flies && ! $asks->lands() && ! $this->model->drives) {
            $says = "in “{$asks->says}”".($motor ? '' : ', with the motor off');
            $this->events[] = new FlightEvent($time, EventKind::Ground, $says);
        }
    }

    /** @return list<FlightEvent> with the mishaps, in the order of time */
    private function events(): array
    {
        $events = [...$this->events, ...Mishaps::events($this->setting->mishaps)];
        usort($events, fn (FlightEvent $a, FlightEvent $b): int => $a->at <=> $b->at);

        return $events;
    }

    private function moment(float $time, Body $body, bool $lost, bool $motor): FlightMoment
    {
        $effects = $this->setting->effects($time);
        $margin = $this->radio->margin($time, $body) + 1.5 * $this->chance->normal();
        $isRotor = $motor && $this->circuit->program->family === Family::Helicopter;

        return new FlightMoment(
            $time,
            self::EVERY,
            $body,
            $this->battery,
            $effects,
            LinkBudget::SENSITIVITY + $margin,
            $lost ? 0.0 : max(5.0, min(100.0, 40 + $margin * 5)),
            $effects->supply ?? 5.0 + 0.02 * $this->chance->normal(),
            ! $lost,
            $isRotor ? 1850 + 15 * $this->chance->normal() : 0.0,
        );
    }
}
