<?php

namespace DuskSwitch\Core\Rehearsal;

use DuskSwitch\Core\Airframe\Picture;
use DuskSwitch\Core\Kit\Axis;
use DuskSwitch\Core\Kit\Pack;
use DuskSwitch\Core\Kit\Shelf;
use DuskSwitch\Core\Link\LinkBudget;
use DuskSwitch\Core\Link\LinkLoss;
use DuskSwitch\Core\Program\Family;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\SteppedFunction;
use DuskSwitch\Core\Signal\Circuit;
use DuskSwitch\Core\Signal\Frame;
use DuskSwitch\Core\Signal\Tick;
use DuskSwitch\Core\Telemetry\Sample;

/**
 * Flies a scenario: 50 times a second the hand moves, the real circuit answers, and the aircraft follows. A motor that
 * the program doesn't let run doesn't lift anything.
 */
final class Flight
{
    private const MOTORS = ['motor', 'left-motor', 'right-motor', 'throttle'];

    /** A motor turns from here on, in µs (common practice). */
    private const TURNS = 1060;

    private readonly Craft $craft;

    private readonly Motion $motion;

    private readonly Chance $chance;

    private readonly Instruments $instruments;

    private readonly Battery $battery;

    /** @var list<int> channels */
    private readonly array $motors;

    /** @var list<int> their pulses in a frame */
    private readonly array $motorSlots;

    /** @var array{int, int}|null where a frame has the step of arm, and which step arms */
    private readonly ?array $arm;

    private ?float $lostAt = null;

    private ?Frame $lastHeard = null;

    private float $gust = 0.0;

    public function __construct(private readonly Circuit $circuit, Shelf $shelf, private readonly Scenario $scenario, private readonly Setting $setting)
    {
        $program = $circuit->program;
        $this->craft = Craft::of($program->family);
        $this->motion = new Motion($this->craft, $setting);
        $this->chance = new Chance($setting->seed);
        $this->instruments = new Instruments($program, $shelf, $this->chance);
        $pack = $shelf->pack($program->aboard->kit->pack ?? '') ?? self::usualPack($program);
        $this->battery = new Battery($pack->cells, $pack->capacity, isset($setting->mishaps[Mishap::Cell->value]) ? 1.7 : 1.0);
        $this->motors = array_keys(array_intersect(Picture::parts($program), self::MOTORS));
        $this->motorSlots = array_map(fn (int $channel): int => (int) $circuit->layout->output($channel) + 1, $this->motors);
        $arm = $program->function('arm');
        $armed = $arm instanceof SteppedFunction ? $arm->indexOf('armed') : null;
        $this->arm = $armed === null ? null : [(int) $circuit->layout->function('arm') + 1, $armed];
    }

    /** The whole flight. */
    public function fly(): Recording
    {
        $panel = $this->circuit->panel;
        $hand = $panel->atRest();
        [$roll, $pitch, $throttle, $yaw] = $axes = array_map($panel->axis(...), [Axis::Roll, Axis::Pitch, Axis::Throttle, Axis::Yaw]);
        $body = new Body;
        $body->heading = $this->setting->from;
        $state = null;
        $samples = $truth = $pulses = $sticks = $events = [];
        $telemetry = [];
        $leg = -1;
        $asks = $this->scenario->legs[0];
        $legEnds = 0.0;
        $last = (int) round($this->scenario->seconds() / Tick::SECONDS);
        for ($now = 0; $now <= $last; $now++) {
            $time = $now * Tick::SECONDS;
            if ($time >= $legEnds - 1e-9 && isset($this->scenario->legs[$leg + 1])) {
                $asks = $this->scenario->legs[++$leg];
                $legEnds += $asks->seconds;
                $events[] = [$time, 'leg', $asks->says];
                foreach ($asks->does as $function => $wanted) {
                    $hand = Grasp::reach($this->circuit, array_values($hand), $function, $wanted);
                }
            }
            $power = $this->motion->power($body, $asks);
            [$hand[$roll], $hand[$pitch], $hand[$throttle], $hand[$yaw]] = $this->motion->sticks($body, $asks, $leg > 0, $power);
            $tick = $this->circuit->tick(array_values($hand), $state, $telemetry);
            $state = $tick->state;
            $lost = $this->link($time, $body, $tick->frame);
            $motor = $this->runs($tick->frame, $lost, $time);
            $this->gust += (-$this->gust * Tick::SECONDS / 4) + 0.15 * $this->setting->wind * sqrt(2 * Tick::SECONDS / 4) * $this->chance->normal();
            $this->motion->step($body, $asks, $motor, $this->gust, $asks->lift === 0.0 ? 0.0 : $asks->lift + 0.25 * sin($time), Tick::SECONDS, $lost);
            $this->battery->draw($motor && $asks->motor ? $this->craft->draws($power) : 0.25, Tick::SECONDS);
            if ($now % 5 === 0) {
                $telemetry = $this->telemetry($time, $body, $lost, $motor);
                $samples[] = new Sample(round($time, 2), $telemetry, $tick->frame->phase(), $tick->frame->steps(), array_map(fn (float $one): float => round($one, 4), $tick->frame->functions()), $this->controls($hand));
                $truth[] = self::truth($body, $this->battery, ! $lost);
                $pulses[] = array_values($this->pulses($tick->frame, $lost, $time));
                $sticks[] = array_map(fn (int $slot): float => round($hand[$slot], 3), $axes);
            }
        }
        foreach ($this->setting->mishaps as $mishap => $time) {
            $events[] = [$time, 'mishap', Mishap::from($mishap)->says()];
        }
        usort($events, fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return new Recording($samples, $truth, $pulses, $sticks, $events, $this->craft->stall, $this->battery->capacity);
    }

    /** True while nothing of the transmitter arrives. */
    private function link(float $time, Body $body, Frame $frame): bool
    {
        $since = $this->setting->since(Mishap::BrownOut, $time);
        $dark = $since !== null && $since < 2.5;
        $lost = $dark || $this->budget($time)->margin(max(2.0, hypot($body->distance(), $body->height))) < 0;
        if (! $lost) {
            [$this->lostAt, $this->lastHeard] = [null, $frame];
        }
        $this->lostAt ??= $lost ? $time : null;

        return $lost;
    }

    private function budget(float $time): LinkBudget
    {
        $since = $this->setting->since(Mishap::Antenna, $time);

        return new LinkBudget($since !== null && $since > 8.0 ? 100.0 : 10.0, lost: $since === null ? 0.0 : LinkBudget::BROKEN);
    }

    /** @return array<int, int|null> by channel */
    private function pulses(Frame $frame, bool $lost, float $time): array
    {
        if ($lost && $this->lastHeard !== null) {
            return LinkLoss::pulses($this->circuit->program, $this->lastHeard, $time - (float) $this->lostAt);
        }

        return array_combine(array_column($this->circuit->program->outputs, 'channel'), array_map(fn ($output): ?int => $frame->pulse($output->channel), $this->circuit->program->outputs));
    }

    private function runs(Frame $frame, bool $lost, float $time): bool
    {
        if ($this->battery->isEmpty()) {
            return false;
        }
        // A multirotor's controller keeps it up on its own way home, where it has a mode that saves.
        if ($lost) {
            $pulses = $this->pulses($frame, true, $time);

            return $this->craft->hovers && $this->circuit->program->family === Family::Multirotor ? $this->lastHeard !== null
                : array_filter($this->motors, fn (int $channel): bool => ($pulses[$channel] ?? 0) > self::TURNS) !== [];
        }
        if ($this->arm !== null && $frame->slots[$this->arm[0]] !== $this->arm[1]) {
            return false;
        }
        foreach ($this->motorSlots as $slot) {
            if ($frame->slots[$slot] > self::TURNS) {
                return true;
            }
        }

        return $this->motorSlots === [];
    }

    /** @return array<string, float> */
    private function telemetry(float $time, Body $body, bool $lost, bool $motor): array
    {
        $margin = $this->budget($time)->margin(max(2.0, hypot($body->distance(), $body->height))) + 1.5 * $this->chance->normal();
        $quality = $lost ? 0.0 : max(5.0, min(100.0, 40 + $margin * 5));
        $since = $this->setting->since(Mishap::BrownOut, $time);
        $supply = $since !== null && $since < 0.6 ? 3.3 : 5.0 + 0.02 * $this->chance->normal();
        $rotor = $motor && $this->circuit->program->family === Family::Helicopter ? 1850 + 15 * $this->chance->normal() : 0.0;

        return $this->instruments->read($time, Recording::EVERY, $body, $this->battery, LinkBudget::SENSITIVITY + $margin, $quality, $supply, ! $lost, $this->setting, $rotor);
    }

    /**
     * @param  array<int, float>  $hand
     * @return array<string, float>
     */
    private function controls(array $hand): array
    {
        $controls = [];
        foreach ($this->circuit->panel->transmitter->controls as $control) {
            $controls[$control->id] = $hand[(int) $this->circuit->panel->control($control->id)];
        }

        return $controls;
    }

    /** @return array{east: float, north: float, height: float, speed: float, airspeed: float, climb: float, heading: float, used: float, cell: float, amperes: float, linked: bool, flies: bool} */
    private static function truth(Body $body, Battery $battery, bool $linked): array
    {
        return [
            'east' => round($body->east, 1), 'north' => round($body->north, 1), 'height' => round($body->height, 1), 'speed' => round($body->speed(), 1),
            'airspeed' => round($body->airspeed, 1), 'climb' => round($body->climb, 2), 'heading' => round($body->heading), 'used' => round($battery->used, 1),
            'cell' => round($battery->volts() / $battery->cells, 3), 'amperes' => round($battery->amperes, 1), 'linked' => $linked, 'flies' => $body->flies,
        ];
    }

    private static function usualPack(Program $program): Pack
    {
        return $program->family === Family::TinyMultirotor ? new Pack('none', 'a small pack', 1, 300, '') : new Pack('none', 'a usual pack', 3, 2200, '');
    }
}
