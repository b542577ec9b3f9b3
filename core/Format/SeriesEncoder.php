<?php

namespace DuskSwitch\Core\Format;

use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Signal\Frame;

/** Writes the frames of a replayed script, piece by piece, as JSON or as CSV (RFC 4180). */
final class SeriesEncoder
{
    /**
     * @param  iterable<float, Frame>  $frames  by seconds
     * @return iterable<string> `{"series": [{"t": …, "phase": …, …}, …]}`, a line a frame
     */
    public static function json(iterable $frames): iterable
    {
        yield '{"series": [';
        $before = "\n";
        foreach ($frames as $t => $frame) {
            yield $before.json_encode(['t' => $t, ...FrameEncoder::frame($frame)], JSON_THROW_ON_ERROR);
            $before = ",\n";
        }
        yield "\n]}\n";
    }

    /**
     * Columns: t in seconds, phase, every function's value, every output's pulse in µs.
     *
     * @param  iterable<float, Frame>  $frames  by seconds
     * @return iterable<string>
     */
    public static function csv(iterable $frames, Program $program): iterable
    {
        $heads = ['t', 'phase'];
        foreach ($program->functions as $function) {
            $heads[] = $function->id();
        }
        foreach ($program->outputs as $output) {
            $heads[] = "channel {$output->channel} µs";
        }
        yield Csv::row($heads);
        foreach ($frames as $t => $frame) {
            $pulses = array_map(fn ($output): int => $output->pulse, $frame->outputs());
            yield Csv::row([$t, $frame->phase(), ...array_values($frame->functions()), ...array_values($pulses)]);
        }
    }
}
