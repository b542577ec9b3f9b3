<?php

namespace DuskSwitch\Core\Analysis;

use DuskSwitch\Core\Flight\EventKind;
use DuskSwitch\Core\Flight\FlightEvent;
use DuskSwitch\Core\Log\LoggedFlight;
use DuskSwitch\Core\Log\LogQuantity;

/** All that is made of a flight. */
final readonly class FlightAnalysis
{
    /**
     * @param  list<CircledLift>  $circles
     * @param  array<string, SensorLag>  $lags  of columns that say the same, by what they say
     * @param  float|null  $stallMargin  m/s of the lowest airspeed in the air above the stall
     */
    private function __construct(
        public FlightSeries $series,
        public AirborneTime $air,
        public FlightFacts $facts,
        public ?WindEstimate $wind,
        public ?BatteryFit $battery,
        public ?LinkFit $link,
        public array $circles,
        public ?SpeedRun $speed,
        public array $lags,
        public ?float $stallMargin,
        public ?SearchArea $search,
        public bool $drives = false,
    ) {}

    /** Of a recorded flight with what else is known of it. */
    public static function of(LoggedFlight $log, FlownWith $with = new FlownWith()): self
    {
        $series = new FlightSeries($log, $with->cells);
        $air = AirborneTime::of($series, $with->drives);
        // What drives tells nothing of the air.
        $wind = $with->drives ? null : WindEstimate::of($series, $air, $with->hovers);
        $times = $log->times;
        [$from, $to] = [$air->takeOff() ?? ($times[0] ?? 0.0), $air->landing() ?? $log->start + $log->seconds()];

        return new self(
            $series,
            $air,
            FlightFacts::of($series, $from, $to, $log->start),
            $wind,
            BatteryFit::of($series),
            LinkFit::of($series, $with->milliwatts),
            $with->drives ? [] : CircledLift::of($series, $air),
            SpeedRun::of($series, $air),
            self::lags($series),
            self::stallMargin($series, $air, $with->stall),
            SearchArea::of($series, $wind->speed ?? 0.0, $wind->from ?? 0.0, $with->sink),
            $with->drives,
        );
    }

    /** @return list<FlightEvent> on the ground and in the air, by seconds of the flight's own */
    public function events(): array
    {
        $start = $this->series->log->start;
        [$still, $under] = $this->drives ? ['Standing', 'Driving'] : ['On the ground', 'In the air'];
        $events = [new FlightEvent(0.0, EventKind::Leg, $still)];
        foreach ($this->air->spans as [$from, $to]) {
            $events[] = new FlightEvent($from - $start, EventKind::Leg, $under);
            $events[] = new FlightEvent($to - $start, EventKind::Leg, $still);
        }

        return $events;
    }

    /** @return array<string, SensorLag> */
    private static function lags(FlightSeries $series): array
    {
        $lags = [];
        $pairs = [
            'height' => [LogQuantity::Height->value, LogQuantity::Altitude->value],
            'climb' => [LogQuantity::Climb->value, 'climb-2'],
            'speed' => [LogQuantity::Speed->value, 'speed-2'],
            'altitude' => [LogQuantity::Altitude->value, 'altitude-2'],
        ];
        foreach ($pairs as $what => [$first, $second]) {
            if ($series->log->column($first) !== null && $series->log->column($second) !== null) {
                $lag = SensorLag::between($series->times(), $series->sent($first), $series->sent($second));
                $lags += $lag === null ? [] : [$what => $lag];
            }
        }
        if (
            $series->has(LogQuantity::Climb) &&
            ($series->has(LogQuantity::Height) || $series->has(LogQuantity::Altitude))
        ) {
            $lag = SensorLag::between(
                $series->times(),
                $series->rate($series->height()),
                $series->sent(LogQuantity::Climb),
            );
            $lags += $lag === null ? [] : ['climb after height' => $lag];
        }

        return $lags;
    }

    private static function stallMargin(FlightSeries $series, AirborneTime $air, ?float $stall): ?float
    {
        if ($stall === null || ! $series->has(LogQuantity::Airspeed) || $air->spans === []) {
            return null;
        }
        $lowest = INF;
        $airspeed = $series->smoothed($series->sent(LogQuantity::Airspeed));
        foreach ($series->times() as $row => $time) {
            // Gathering speed and flaring aren't flying slowly.
            if (
                $airspeed[$row] !== null &&
                $time > $air->takeOff() + 3.0 &&
                $time < $air->landing() - 3.0 &&
                $air->holds($time)
            ) {
                $lowest = min($lowest, $airspeed[$row]);
            }
        }

        return is_finite($lowest) ? $lowest - $stall : null;
    }
}
