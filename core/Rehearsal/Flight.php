<?php

namespace DuskSwitch\Core\Rehearsal;

use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Kit\Axis;
use DuskSwitch\Core\Kit\Catalogue;
use DuskSwitch\Core\Kit\Pack;
use DuskSwitch\Core\Link\LinkBudget;
use DuskSwitch\Core\Link\LinkLoss;
use DuskSwitch\Core\Program\Family;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Signal\Circuit;
use DuskSwitch\Core\Signal\Frame;
use DuskSwitch\Core\Telemetry\Sample;

/**
 * Flies a scenario: 50 times a second the hand moves, the real circuit answers, and the aircraft follows. A motor that
 * the program doesn't let run doesn't lift anything.
 */
final class Flight
{
    /** Ticks of the circuit in a row of the recording. */
    private const TICKS = 10;

    private readonly FlightModel $model;

    private readonly Motion $motion;

    private readonly RandomSource $chance;

    private readonly Instruments $instruments;

    private readonly Battery $battery;

    private readonly RadioLink $radio;

    private readonly FlightSlots $slots;

    private ?float $lostAt = null;

    private ?Frame $lastHeard = null;

    private float $gust = 0.0;

    public function __construct(
        private readonly Circuit $circuit,
        Catalogue $catalogue,
        private readonly Scenario $scenario,
        private readonly RehearsalSettings $setting,
    ) {
        $program = $circuit->program;
        $this->model = FlightModel::of($program->family);
        $this->motion = new Motion($this->model, $setting);
        $this->chance = new RandomSource($setting->seed);
        $this->instruments = new Instruments($program, $catalogue, $this->chance);
        $this->radio = new RadioLink($setting);
        $pack = $setting->pack ?? ($catalogue->pack($program->aboard->kit->pack ?? '') ?? self::usualPack($program));
        $this->battery = new Battery(
            $pack->cells,
            $pack->capacity,
            $setting->effects(0.0)->resistance,
            $setting->charge,
        );
        $this->slots = new FlightSlots($circuit);
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
        $hand = $panel->atRest();
        [$roll, $pitch, $throttle, $yaw] = $axes = array_map($panel->axis(...), [
            Axis::Roll,
            Axis::Pitch,
            Axis::Throttle,
            Axis::Yaw,
        ]);
        $body = new Body();
        $body->heading = $this->setting->from;
        $state = null;
        $samples = $truth = $pulses = $sticks = $events = [];
        $telemetry = [];
        $leg = -1;
        $asks = $this->scenario->legs[0];
        $legEnds = 0.0;
        $rows = (int) round($this->scenario->seconds() / Recording::EVERY);
        for ($row = 0; $row <= $rows; $row++) {
            $time = round($row * Recording::EVERY, 2);
            if ($time >= $legEnds - 1e-9 && isset($this->scenario->legs[$leg + 1])) {
                $asks = $this->scenario->legs[++$leg];
                $legEnds += $asks->seconds;
                $events[] = [$time, 'leg', $asks->says];
                foreach ($asks->does as $function => $wanted) {
                    $hand = PilotAction::reach($this->circuit, array_values($hand), $function, $wanted);
                    $unknown = PilotAction::unknown($this->circuit->program, $function, $wanted);
                    if ($unknown !== null) {
                        $events[] = [$time, 'unknown', $unknown];
                    }
                }
            }
            $power = $this->motion->power($body, $asks);
            $goal = $this->motion->sticks($body, $asks, $leg > 0 || $asks->climb > 0, $power);
            $step = array_map(fn (int $slot, float $to): float => ($to - $hand[$slot]) / self::TICKS, $axes, $goal);
            // Air and hand are new five times a second; the circuit runs at its own pace, the sticks gliding between.
            for ($tick = null, $i = 0; $tick === null || $i < self::TICKS; $i++) {
                $hand[$roll] += $step[0];
                $hand[$pitch] += $step[1];
                $hand[$throttle] += $step[2];
                $hand[$yaw] += $step[3];
                $tick = $this->circuit->tick(array_values($hand), $state, $telemetry);
                $state = $tick->state;
            }
            $lost = $this->link($time, $body, $tick->frame);
            $motor = $this->runs($tick->frame, $lost, $time);
            $this->battery->draw($motor && $asks->motor ? $this->model->draws($power) : 0.25, Recording::EVERY);
            $telemetry = $this->telemetry($time, $body, $lost, $motor);
            $samples[] = new Sample(
                $time,
                $telemetry,
                $tick->frame->phase(),
                $tick->frame->steps(),
                $this->slots->functions($tick->frame),
                $this->slots->controls($hand),
            );
            $truth[] = Recording::row($body, $this->battery, ! $lost);
            $pulses[] = $this->pulses($tick->frame, $lost, $time);
            $sticks[] = array_map(fn (int $slot): float => round($hand[$slot], 3), $axes);
            $this->gust +=
                (-$this->gust * Recording::EVERY) / 4 +
                0.15 * $this->setting->wind * sqrt((2 * Recording::EVERY) / 4) * $this->chance->normal();
            $flew = $body->flies;
            $this->motion->step(
                $body,
                $asks,
                $motor,
                $this->gust,
                $asks->lift === 0.0 ? 0.0 : $asks->lift + 0.25 * sin($time),
                Recording::EVERY,
                $lost,
            );
            if ($flew && ! $body->flies && ! $asks->lands() && ! $this->model->drives) {
                $events[] = [$time, 'ground', "in “{$asks->says}”".($motor ? '' : ', with the motor off')];
            }
        }
        $mishaps = Mishaps::all();
        foreach (array_intersect_key($this->setting->mishaps, $mishaps) as $mishap => $time) {
            $events[] = [$time, 'mishap', $mishaps[$mishap]->says()];
        }
        usort($events, fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return new Recording(
            $samples,
            $truth,
            $pulses,
            $sticks,
            $events,
            $this->model->stall,
            $this->battery->capacity,
            $this->battery->held(),
        );
    }

    /** True while nothing of the transmitter arrives. */
    private function link(float $time, Body $body, Frame $frame): bool
    {
        $lost = $this->radio->isDark($time) || $this->radio->margin($time, $body) < 0;
        if (! $lost) {
            [$this->lostAt, $this->lastHeard] = [null, $frame];
        }
        $this->lostAt ??= $lost ? $time : null;

        return $lost;
    }

    /** @return list<int|null> in the order of the outputs */
    private function pulses(Frame $frame, bool $lost, float $time): array
    {
        if ($lost && $this->lastHeard !== null) {
            return array_values(
                LinkLoss::pulses($this->circuit->program, $this->lastHeard, $time - (float) $this->lostAt),
            );
        }

        return $this->slots->pulses($frame);
    }

    private function runs(Frame $frame, bool $lost, float $time): bool
    {
        if ($this->battery->isEmpty()) {
            return false;
        }
        // A multirotor's controller keeps it up on its own way home, where it has a mode that saves.
        if ($lost) {
            $pulses =
                $this->lastHeard === null
                    ? []
                    : LinkLoss::pulses($this->circuit->program, $this->lastHeard, $time - (float) $this->lostAt);

            return $this->model->hovers && $this->circuit->program->family === Family::Multirotor
                ? $this->lastHeard !== null
                : array_filter(
                    $this->slots->motors,
                    fn (int $channel): bool => $this->model->turns($pulses[$channel] ?? null),
                ) !== [];
        }

        return $this->slots->isArmed($frame) && $this->slots->runs($frame, $this->model);
    }

    /** @return array<string, float> */
    private function telemetry(float $time, Body $body, bool $lost, bool $motor): array
    {
        $margin = $this->radio->margin($time, $body) + 1.5 * $this->chance->normal();
        $quality = $lost ? 0.0 : max(5.0, min(100.0, 40 + $margin * 5));
        $supply = $this->setting->effects($time)->supply ?? 5.0 + 0.02 * $this->chance->normal();
        $rotor =
            $motor && $this->circuit->program->family === Family::Helicopter
                ? 1850 + 15 * $this->chance->normal()
                : 0.0;

        return $this->instruments->read(
            $time,
            Recording::EVERY,
            $body,
            $this->battery,
            LinkBudget::SENSITIVITY + $margin,
            $quality,
            $supply,
            ! $lost,
            $this->setting,
            $rotor,
        );
    }

    private static function usualPack(Program $program): Pack
    {
        return $program->family === Family::TinyMultirotor
            ? new Pack('none', 'a small pack', 1, 300, '')
            : new Pack('none', 'a usual pack', 3, 2200, '');
    }
}
