<?php

namespace DuskSwitch\Core\Program;

use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Program\Source\OutputSource;
use DuskSwitch\Core\Units\PulseScale;
use DuskSwitch\Core\Units\Range;
use DuskSwitch\Core\Units\Signal;

/** Channels added, and channels moved with all that belongs to them. */
final class OutputEdit
{
    /** 1000 to 2000 µs whatever the transmitter's span: what controllers and servos expect (common practice). */
    private const HALF_SPAN = 500;

    /**
     * The program with a channel more, on the first that is free.
     *
     * @throws Refused where the transmitter has no more
     */
    public static function add(Program $program, Transmitter $transmitter): Program
    {
        $taken = array_column($program->outputs, 'channel');
        $free = array_values(array_diff(range(1, $transmitter->channels), $taken));
        if ($free === []) {
            throw Refused::because(
                '',
                "{$transmitter->name} has {$transmitter->channels} channels, and all are taken; remove one first",
            );
        }
        $outputs = [
            ...$program->outputs,
            new Output(
                channel: $free[0],
                name: "Channel {$free[0]}",
                feeds: [],
                travel: self::fullTravel($transmitter->scale),
                reverse: false,
                subtrim: 0.0,
                limit: new Range(-Signal::LIMIT, Signal::LIMIT),
            ),
        ];
        usort($outputs, fn (Output $a, Output $b): int => $a->channel <=> $b->channel);

        return $program->with(outputs: $outputs);
    }

    /**
     * The program with outputs on other channels. Their failsafe and the throws of their surfaces go along, and what
     * other outputs take from them; what was read at the controller stays with the channel.
     *
     * @param  array<int, int>  $moves  a channel that isn't moved has none; no two go to the same one
     */
    public static function move(Program $program, array $moves): Program
    {
        $moves = array_filter($moves, fn (int $to, int $from): bool => $to !== $from, ARRAY_FILTER_USE_BOTH);
        if ($moves === []) {
            return $program;
        }
        $outputs = array_map(
            fn (Output $one): Output => $one
                ->with(feeds: array_map(fn (Feed $feed): Feed => self::fedFrom($feed, $moves), $one->feeds))
                ->with(channel: $moves[$one->channel] ?? $one->channel),
            $program->outputs,
        );
        usort($outputs, fn (Output $a, Output $b): int => $a->channel <=> $b->channel);
        $aboard = $program->aboard;
        $throws = [];
        foreach ($aboard->throws as $channel => $throw) {
            $to = $moves[$channel] ?? $channel;
            $throws[$to] = $throw->with(channel: $to);
        }
        $failsafe = [];
        foreach ($aboard->failsafe as $channel => $does) {
            $failsafe[$moves[$channel] ?? $channel] = $does;
        }
        ksort($throws);
        ksort($failsafe);

        return $program->with(outputs: $outputs, aboard: $aboard->with(failsafe: $failsafe, throws: $throws));
    }

    /** @param  array<int, int>  $moves */
    private static function fedFrom(Feed $feed, array $moves): Feed
    {
        $source = $feed->source;

        return $source instanceof OutputSource && isset($moves[$source->channel])
            ? $feed->with(source: new OutputSource($moves[$source->channel]))
            : $feed;
    }

    /** The travel at which full sticks give 1000 and 2000 µs: 125 % where 100 % are ±400 µs. */
    public static function fullTravel(PulseScale $scale): Range
    {
        return Range::both(min(Signal::LIMIT, self::HALF_SPAN / $scale->span));
    }
}
