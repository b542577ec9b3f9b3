<?php

namespace DuskSwitch\Core\Proof;

use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Signal\Budget;
use DuskSwitch\Core\Signal\Circuit;
use DuskSwitch\Core\Signal\Compiler;
use DuskSwitch\Core\Signal\Panel;
use DuskSwitch\Core\Signal\States;

/**
 * How far an output goes in each position of the switches that have a say in it. Sticks go any way between
 * their ends; every number here was computed by the circuit for real inputs, so that nothing is invented.
 */
final readonly class Reach
{
    /** No more than this part of the budget goes into one output: there are others. */
    private const SHARE = 0.5;

    /** A stick that bends nothing between its ends is tried there and in the middle. */
    private const CORNERS = 3;

    /** One that does: where the output is furthest out as well. */
    private const MOST_CORNERS = 5;

    /** Memory that a row takes would be more than an answer has, above so many. */
    private const MOST_ROWS = 40_000;

    /**
     * @param  list<ReachRow>  $rows
     * @param  bool  $complete  false where there was too much to go through: then there are no rows
     */
    private function __construct(public int $channel, public Cone $cone, public array $rows, public bool $complete) {}

    /** The reach of an output, as far as the budget goes. */
    public static function of(Program $program, Transmitter $transmitter, int $channel, Panel $panel, Budget $budget): self
    {
        $cone = new Cone($program, $panel, ["output:{$channel}"]);
        if ($cone->size() > self::MOST_ROWS) {
            return new self($channel, $cone, [], false);
        }
        $circuit = Compiler::compile($cone->part(), $transmitter);
        if (! $budget->affords($cone->size() * self::framesOfARow($cone->sweeps) * $circuit->cost(), self::SHARE)) {
            return new self($channel, $cone, [], false);
        }
        $slot = (int) $circuit->layout->output($channel);
        $rows = [];
        foreach (States::each($panel->atRest(), $cone->positions) as $state) {
            $rows[] = self::row($circuit, $slot, $state, $cone->sweeps);
        }

        return new self($channel, $cone, $rows, true);
    }

    /**
     * How many frames {@see self::row()} runs at most.
     *
     * @param  array<int, list<float>>  $sweeps
     */
    private static function framesOfARow(array $sweeps): float
    {
        $many = array_filter(array_map(count(...), $sweeps), fn (int $points): bool => $points > self::CORNERS);
        $corners = array_map(fn (array $points): int => count($points) > self::CORNERS ? self::MOST_CORNERS : count($points), $sweeps);

        return array_sum($many) + (float) array_product(array_map(floatval(...), $corners));
    }

    /**
     * @param  list<float>  $state
     * @param  array<int, list<float>>  $sweeps
     */
    private static function row(Circuit $circuit, int $slot, array $state, array $sweeps): ReachRow
    {
        $corners = [];
        foreach ($sweeps as $input => $points) {
            $corners[$input] = count($points) <= self::CORNERS ? $points : self::extremes($circuit, $slot, $state, $input, $points);
        }
        $low = $high = null;
        $clips = null;
        foreach (States::each($state, $corners) as $inputs) {
            $slots = $circuit->frame($inputs)->slots;
            $signal = (float) $slots[$slot];
            if ($low === null || $signal < $low[0]) {
                $low = [$signal, (int) $slots[$slot + 1], $inputs];
            }
            if ($high === null || $signal > $high[0]) {
                $high = [$signal, (int) $slots[$slot + 1], $inputs];
            }
            if ($clips === null && $slots[$slot + 2] === 1) {
                $clips = $inputs;
            }
        }

        return new ReachRow($state, $low[1] ?? 0, $high[1] ?? 0, $low[2] ?? $state, $high[2] ?? $state, $clips);
    }

    /**
     * The ends of an input, and where between them the output is furthest out with the others at rest.
     *
     * @param  list<float>  $state
     * @param  list<float>  $points
     * @return list<float>
     */
    private static function extremes(Circuit $circuit, int $slot, array $state, int $input, array $points): array
    {
        $least = $most = null;
        foreach ($points as $x) {
            $state[$input] = $x;
            $signal = (float) $circuit->frame(array_values($state))->slots[$slot];
            $least = $least === null || $signal < $least[0] ? [$signal, $x] : $least;
            $most = $most === null || $signal > $most[0] ? [$signal, $x] : $most;
        }

        return array_values(array_unique([-1.0, 0.0, 1.0, $least[1] ?? 0.0, $most[1] ?? 0.0]));
    }

    /** The lowest pulse in any position. */
    public function low(): int
    {
        return $this->rows === [] ? 0 : min(array_map(fn (ReachRow $row): int => $row->low, $this->rows));
    }

    /** The highest pulse in any position. */
    public function high(): int
    {
        return $this->rows === [] ? 0 : max(array_map(fn (ReachRow $row): int => $row->high, $this->rows));
    }
}
