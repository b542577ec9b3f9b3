<?php

namespace DuskSwitch\Core\Format;

use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Fault\Faults;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Signal\Panel;
use DuskSwitch\Core\Signal\Script;
use DuskSwitch\Core\Signal\Tick;

/**
 * Reads a timed script: `{"tick": 0.02, "seconds": 10, "at": [{"t": 0.0, "axes": …, "controls": …, "trims": …,
 * "telemetry": …}, …]}`. What an entry doesn't name stays as it was; before the first everything is at rest.
 */
final class ScriptDecoder
{
    private const LONGEST = 3600.0;

    /** True where a decoded value is a script rather than a list of input sets. */
    public static function isScript(mixed $value): bool
    {
        return (new JsonCursor($value, '', new Faults()))->has('at');
    }

    /**
     * The script in a value that {@see Json} decoded.
     *
     * @param  list<string>  $sensors  values that the program asks for
     *
     * @throws Refused with the path of everything that is wrong
     */
    public static function read(mixed $value, Panel $panel, array $sensors = []): Script
    {
        $faults = new Faults();
        $node = new JsonCursor($value, '', $faults);
        $node->keys(['seconds', 'at'], ['tick']);
        $seconds = $node->need('seconds')->number(0, self::LONGEST);
        $tick = $node->at('tick')?->number(Tick::SECONDS, 60) ?? Tick::SECONDS;
        $every = self::ticks($tick);
        if (abs($every * Tick::SECONDS - $tick) > 1e-9) {
            $node->at('tick')?->fault('must be a multiple of '.Tick::SECONDS.' s: time runs in these ticks');
        }
        $hands = [0 => $panel->atRest()];
        $hand = $hands[0];
        $telemetry = [0 => []];
        $known = [];
        $last = 0.0;
        foreach ($node->need('at')->items(10_000) as $entry) {
            $time = $entry->at('t');
            $t = $time?->number(0, $seconds) ?? 0.0;
            if ($time === null) {
                $entry->fault('say at which time, "t" in seconds');
            } elseif ($t < $last) {
                $time->fault("comes before the entry above it, at {$last} s");
            }
            $last = $t;
            $hand = InputsDecoder::change($entry, $panel, $hand, ['t', 'telemetry']);
            $known = TelemetryDecoder::change($entry, $sensors, $known);
            $hands[self::ticks($t)] = $hand;
            $telemetry[self::ticks($t)] = $known;
        }
        $faults->refuseAny();

        return new Script(self::ticks($seconds), $every, $hands, $telemetry);
    }

    private static function ticks(float $seconds): int
    {
        return (int) round($seconds / Tick::SECONDS);
    }
}
