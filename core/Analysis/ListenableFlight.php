<?php

namespace DuskSwitch\Core\Analysis;

use DuskSwitch\Core\Flight\PackCharge;
use DuskSwitch\Core\Flight\Recording;
use DuskSwitch\Core\Flight\Track;
use DuskSwitch\Core\Flight\TrackColumn;
use DuskSwitch\Core\Kit\Catalogue;
use DuskSwitch\Core\Kit\Measurand;
use DuskSwitch\Core\Log\LoggedFlight;
use DuskSwitch\Core\Log\LogQuantity;
use DuskSwitch\Core\Rehearsal\ListenedFlight;
use DuskSwitch\Core\Rehearsal\Rehearsal;
use DuskSwitch\Core\Signal\Circuit;
use DuskSwitch\Core\Telemetry\Values;

/** A recorded flight as a program would have known it: its values filled with what the log has of them. */
final class ListenableFlight
{
    /** Seconds between two rows at least: quicker than any telemetry reports. */
    private const EVERY = 0.2;

    /** Seconds for which a value counts that isn't sent again (common practice: about three of its periods). */
    private const HOLDS = 3.0;

    /** Seconds for which a row stays on the ground before take-off and after landing. */
    private const ON_THE_GROUND = 5.0;

    /**
     * The flight, and what the alarms of a program would have said on it.
     *
     * @return array{Recording, ListenedFlight}
     */
    public static function heard(LoggedFlight $log, Circuit $circuit, Catalogue $catalogue, FlownWith $with): array
    {
        $recording = self::of(FlightAnalysis::of($log, $with), $circuit, $catalogue, $with);

        return [
            $recording,
            Rehearsal::listen($recording, $circuit->program, $circuit->panel->transmitter, $catalogue),
        ];
    }

    /** The flight with times from its own first row on. */
    public static function of(
        FlightAnalysis $analysis,
        Circuit $circuit,
        Catalogue $catalogue,
        FlownWith $with,
    ): Recording {
        $series = $analysis->series;
        $values = Values::of($circuit->program, $catalogue);
        $rescaled = new Rescaled($circuit->program, $catalogue, $with);
        $columns = self::columns($series, $values, $rescaled);
        $used = $rescaled->used($series);
        $hand = new AssumedHand($circuit);
        $throttle = $series->sent(LogQuantity::Throttle);
        $samples = $rows = $last = [];
        $next = -INF;
        foreach ($series->times() as $row => $time) {
            foreach ($columns as $id => $column) {
                if ($column[$row] !== null) {
                    $last[$id] = [$column[$row], $time];
                } elseif (isset($last[$id]) && $time - $last[$id][1] > self::HOLDS) {
                    unset($last[$id]);
                }
            }
            if ($time < $next - 1e-6) {
                continue;
            }
            $next = $time + self::EVERY;
            $flies = $analysis->air->holds($time);
            $samples[] = $hand
                ->sample($flies || self::isReady($analysis->air, $time), $flies ? $throttle[$row] : 0.0)
                ->at($time - $series->log->start)
                ->with(array_map(fn (array $one): float => $one[0], $last));
            $rows[] = [...self::track($series, $row, $flies), 'used' => self::rounded($used[$row], 1)];
        }

        return new Recording(
            $samples,
            Track::ofRows($rows),
            null,
            $analysis->events(),
            $with->capacity === null ? null : new PackCharge($with->capacity, $with->capacity),
            $with->stall,
        );
    }

    /** @return array<string, list<float|null>> by the id of the value */
    private static function columns(FlightSeries $series, Values $values, Rescaled $rescaled): array
    {
        $columns = [];
        $seen = [];
        foreach ($values->all as $value) {
            $quantity = LogQuantity::ofValue($value);
            if ($quantity === null || $value->derived) {
                continue;
            }
            $seen[$quantity->value] = ($seen[$quantity->value] ?? 0) + 1;
            $own =
                $seen[$quantity->value] === 1
                    ? null
                    : $series->log->column("{$quantity->value}-{$seen[$quantity->value]}");
            $column = $own ?? self::column($series, $quantity);
            if ($column !== null && Spread::there($column) !== []) {
                $columns[$value->id] = $rescaled->column($value->id, $column);
            }
        }

        return $columns;
    }

    /** @return list<float|null>|null a column, also where it only follows from another */
    private static function column(FlightSeries $series, LogQuantity $quantity): ?array
    {
        return $series->log->column($quantity) ??
            match ($quantity->measurand()) {
                Measurand::Height, Measurand::Altitude => $series->height(),
                Measurand::Climb => $series->climb(),
                Measurand::Speed => $series->speed(),
                Measurand::Course => $series->course(),
                Measurand::Cell => $series->cell(),
                Measurand::Volts => $series->cells === null
                    ? null
                    : array_map(
                        fn (?float $one): ?float => $one === null ? null : $one * $series->cells,
                        $series->cell(),
                    ),
                Measurand::Used => $series->used(),
                default => null,
            };
    }

    /** Armed before it takes off, and until it's switched off again. */
    private static function isReady(AirborneTime $air, float $time): bool
    {
        return $air->holds($time + self::ON_THE_GROUND) || $air->holds($time - self::ON_THE_GROUND);
    }

    /** @return array<value-of<TrackColumn>, float|bool|null> */
    private static function track(FlightSeries $series, int $row, bool $flies): array
    {
        $quality = $series->sent(LogQuantity::Quality)[$row];

        return [
            'east' => self::rounded($series->east()[$row], 1),
            'north' => self::rounded($series->north()[$row], 1),
            'height' => self::rounded($series->height()[$row], 1),
            'speed' => self::rounded($series->speed()[$row], 1),
            'airspeed' => self::rounded($series->sent(LogQuantity::Airspeed)[$row], 1),
            'climb' => self::rounded($series->climb()[$row], 2),
            'heading' => self::rounded($series->course()[$row], 0),
            'cell' => self::rounded($series->cell()[$row], 3),
            'amperes' => self::rounded($series->sent(LogQuantity::Amperes)[$row], 1),
            'linked' => $quality === null ? null : $quality > 0.0,
            'flies' => $flies,
        ];
    }

    private static function rounded(?float $value, int $places): ?float
    {
        return $value === null ? null : round($value, $places);
    }
}
