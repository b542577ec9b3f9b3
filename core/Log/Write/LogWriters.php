<?php

namespace DuskSwitch\Core\Log\Write;

use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Kinds\Kinds;
use DuskSwitch\Core\Log\LoggedFlight;
use DuskSwitch\Core\Log\LogQuantity;

/** All formats in which flights can be written. */
final class LogWriters
{
    /** @return array<string, LogWriter> by ending */
    public static function all(): array
    {
        $all = [];
        foreach (Kinds::in(__DIR__, __NAMESPACE__, LogWriter::class) as $writer) {
            $all[$writer->ending()] = $writer;
        }

        return $all;
    }

    /**
     * The flights in the format of an ending, piece by piece.
     *
     * @param  list<LoggedFlight>  $flights
     * @return iterable<string>
     *
     * @throws Refused where there's no such format, or nothing of the flights that it could hold
     */
    public static function write(string $ending, array $flights, string $name): iterable
    {
        $writer =
            self::all()[$ending] ??
            throw Refused::because(
                '',
                "nothing is written as \"{$ending}\"; there are ".implode(', ', array_keys(self::all())),
            );
        $placed = array_values(
            array_filter(
                $flights,
                fn (LoggedFlight $one): bool => $one->has(LogQuantity::Latitude, LogQuantity::Longitude),
            ),
        );
        if ($writer->needsPositions() && $placed === []) {
            throw Refused::because(
                '',
                "nothing in it says where it was: a {$ending} file holds positions alone; take csv",
            );
        }

        return $writer->write($writer->needsPositions() ? $placed : $flights, $name);
    }
}
