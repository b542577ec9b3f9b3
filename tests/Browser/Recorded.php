<?php

namespace DuskSwitch\Tests\Browser;

use DuskSwitch\Core\Log\RehearsedLog;
use DuskSwitch\Core\Log\Write\LogWriters;
use DuskSwitch\Core\Rehearsal\Flight;
use DuskSwitch\Core\Rehearsal\RehearsalSettings;
use DuskSwitch\Core\Telemetry\Values;
use DuskSwitch\Tests\Core\Given;

/** Recordings for the browser: rehearsed flights as a transmitter would have written them down. */
final class Recorded
{
    /** 2026-05-10 13:00 UTC. */
    private const BEGINS = 1_778_418_000.0;

    /** A flight of a demo aircraft as a table. */
    public static function table(string $aircraft, string $script, int $seed = 5): string
    {
        $circuit = Given::circuit((string) file_get_contents(Given::DEMO."/{$aircraft}.json"));
        $catalogue = Given::catalogue();
        $scenario = $catalogue->scenario($script) ?? throw new \LogicException("There is no script {$script}.");
        $flight = (new Flight($circuit, $catalogue, $scenario, new RehearsalSettings($seed, 4.0)))->fly();
        $log = RehearsedLog::of($flight, Values::of($circuit->program, $catalogue), self::BEGINS + 86_400 * $seed);

        return implode('', [...LogWriters::write('csv', [$log], $aircraft)]);
    }
}
