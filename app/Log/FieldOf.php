<?php

namespace DuskSwitch\App\Log;

use DuskSwitch\App\Models\Field;
use DuskSwitch\App\Models\Flight;
use DuskSwitch\Core\Analysis\FieldLimits;
use DuskSwitch\Core\Analysis\FlightSeries;
use DuskSwitch\Core\Log\LoggedFlight;

/** At which of the fields a flight was flown: the one that its notes name, else the one that it was flown at. */
final readonly class FieldOf
{
    /** Metres from an outline within which a take-off still belongs to it. */
    private const NEAR = 500.0;

    public static function flight(Flight $flight, LoggedFlight $log): ?Field
    {
        $fields = Field::orderBy('name')->get();
        if ($fields->isEmpty()) {
            return null;
        }
        $plain = fn (string $name): string => mb_strtolower(trim($name));
        if ($plain($flight->site) !== '') {
            return $fields->first(fn (Field $one): bool => $plain($one->name) === $plain($flight->site));
        }
        $home = (new FlightSeries($log))->home();
        if ($home === null) {
            return null;
        }
        $away = fn (Field $one): float => (new FieldLimits($one->outline))->away(...$home);

        return $fields
            ->filter(fn (Field $one): bool => $one->outline !== [] && $away($one) <= self::NEAR)
            ->sortBy($away)
            ->first();
    }
}
