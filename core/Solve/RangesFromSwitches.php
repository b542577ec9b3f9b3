<?php

namespace DuskSwitch\Core\Solve;

use DuskSwitch\Core\Kit\ArmedBy;
use DuskSwitch\Core\Kit\Arming;
use DuskSwitch\Core\Kit\Controller;
use DuskSwitch\Core\Kit\ControllerSetup;
use DuskSwitch\Core\Kit\Mode;
use DuskSwitch\Core\Kit\Slot;
use DuskSwitch\Core\Program\Meaning;
use DuskSwitch\Core\Program\Output;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\Step;
use DuskSwitch\Core\Program\SteppedFunction;
use DuskSwitch\Core\Signal\Circuit;
use DuskSwitch\Core\Signal\FunctionAlone;

/**
 * How a controller must be set up for the switches of a program: a range for each mode, and for arming, around the
 * pulse that its position sends, as far as halfway to the next one (common practice: each in the middle of its range).
 */
final readonly class RangesFromSwitches
{
    /** µs; where the first range begins and the last one ends. */
    private const ENDS = [900, 2100];

    /** @var array<int, list<array{int, Meaning}>> by channel: pulse and meaning of each position, rising */
    private array $positions;

    private function __construct(private Program $program, Circuit $circuit)
    {
        $alone = new FunctionAlone($circuit);
        $found = [];
        foreach ($program->outputs as $output) {
            foreach (self::asking($program, $output) as $function) {
                foreach ($function->steps as $step) {
                    $pulse = (int) round($alone->pulse($output, $function, $step->value));
                    $found[$output->channel][] = [$pulse, $step->means ?? Meaning::word(Meaning::OTHER)];
                }
            }
        }
        foreach ($found as $channel => $positions) {
            usort($positions, fn (array $one, array $other): int => $one[0] <=> $other[0]);
            $found[$channel] = $positions;
        }
        $this->positions = $found;
    }

    /** The program with its controller set up for its switches; as it is where the present set-up does already. */
    public static function completed(Circuit $circuit, ?Controller $controller): Program
    {
        $program = $circuit->program;
        if ($controller === null) {
            return $program;
        }
        $ranges = new self($program, $circuit);
        $is = $controller->setUp($program->aboard->controller);
        if ($ranges->positions === [] || $ranges->fit($is)) {
            return $program;
        }

        return $program->with(
            aboard: $program->aboard->with(
                controller: $ranges->setup($controller)->over($program->aboard->controller),
            ),
        );
    }

    /** @return list<SteppedFunction> the functions in an output that ask for a mode, or arm */
    private static function asking(Program $program, Output $output): array
    {
        $asking = [];
        foreach ($program->functions as $function) {
            $isIn = FunctionAlone::feed($output, $function) !== null;
            if ($isIn && $function instanceof SteppedFunction && self::asks($function)) {
                $asking[] = $function;
            }
        }

        return $asking;
    }

    private static function asks(SteppedFunction $function): bool
    {
        return array_filter(
            $function->steps,
            fn (Step $step): bool => $step->means?->mode !== null ||
                $step->means?->is(Meaning::ARMED) === true ||
                $step->means?->is(Meaning::DISARMED) === true,
        ) !== [];
    }

    /** Whether every position lies where it's meant. */
    private function fit(ControllerSetup $setup): bool
    {
        foreach ($this->positions as $channel => $positions) {
            foreach ($positions as [$pulse, $means]) {
                $here = array_filter(
                    $setup->modes ?? [],
                    fn (Slot $one): bool => $one->channel === $channel && $one->holds($pulse),
                );
                $arms = array_filter(
                    $setup->arming->ranges ?? [],
                    fn (Slot $one): bool => $one->channel === $channel && $one->holds($pulse),
                );
                $modes = array_map(fn (Slot $one): string => $one->mode, $here);
                if ($means->mode !== null && array_values($modes) !== [$means->mode] && $means->mode !== $setup->none) {
                    return false;
                }
                if ($means->is(Meaning::ARMED) && $arms === [] || $means->is(Meaning::DISARMED) && $arms !== []) {
                    return false;
                }
            }
        }

        return $setup->arming?->by !== ArmedBy::Range || $this->arms() !== null;
    }

    /** The set-up that the switches ask for; what they don't ask for stays open. */
    private function setup(Controller $controller): ControllerSetup
    {
        $slots = $arms = [];
        $isSaid = $this->arms() === true;
        foreach ($this->positions as $channel => $positions) {
            $pulses = array_column($positions, 0);
            foreach ($positions as $place => [$pulse, $means]) {
                $from = $place === 0 ? self::ENDS[0] : intdiv($pulses[$place - 1] + $pulse, 2);
                $to = isset($pulses[$place + 1]) ? intdiv($pulse + $pulses[$place + 1], 2) : self::ENDS[1];
                if ($from >= $to) {
                    continue;
                }
                if ($means->mode !== null && isset($controller->modes[$means->mode])) {
                    $slots[] = new Slot(mode: $means->mode, channel: $channel, from: $from, to: $to);
                }
                $disarms = array_filter($positions, fn (array $one): bool => $one[1]->is(Meaning::DISARMED)) !== [];
                if ($isSaid ? $means->is(Meaning::ARMED) : $disarms && ! $means->is(Meaning::DISARMED)) {
                    $arms[] = new Slot(mode: 'armed', channel: $channel, from: $from, to: $to);
                }
            }
        }

        return new ControllerSetup(
            modes: $slots,
            none: $this->none($controller, $slots),
            priority: $this->priority($controller, $slots),
            arming: $arms === [] ? null : new Arming(by: ArmedBy::Range, ranges: self::joined($arms)),
        );
    }

    /** True where a step arms, false where one only disarms, null where no switch has to do with it. */
    private function arms(): ?bool
    {
        $words = array_map(
            fn (array $one): ?string => $one[1]->word,
            array_merge([], ...array_values($this->positions)),
        );

        return in_array(Meaning::ARMED, $words, true)
            ? true
            : (in_array(Meaning::DISARMED, $words, true) ? false : null);
    }

    /**
     * The flight mode without a range, where just one is left over.
     *
     * @param  list<Slot>  $slots
     */
    private function none(Controller $controller, array $slots): ?string
    {
        $ranged = array_map(fn (Slot $one): string => $one->mode, $slots);
        $left = array_filter(
            $controller->modes,
            fn (Mode $one): bool => $one->flight && ! in_array($one->id, $ranged, true),
        );

        return count($left) === 1 && $this->isSeveral($controller, $slots) ? array_key_first($left) : null;
    }

    /**
     * Of flight modes on several channels those on a switch of their own win, first those that save the aircraft.
     *
     * @param  list<Slot>  $slots
     * @return list<string>|null
     */
    private function priority(Controller $controller, array $slots): ?array
    {
        if (! $this->isSeveral($controller, $slots)) {
            return null;
        }
        $modes = array_values(array_unique(array_map(fn (Slot $one): string => $one->mode, $slots)));
        $alone = array_map(
            fn (Slot $one): string => $one->mode,
            array_filter($slots, fn (Slot $one): bool => $this->isAlone($one->channel)),
        );
        $rank = fn (string $mode): array => [in_array($mode, $alone, true), $controller->modes[$mode]->saves];
        usort($modes, fn (string $a, string $b): int => $rank($b) <=> $rank($a));

        return array_values(array_filter($modes, fn (string $one): bool => $controller->modes[$one]->flight));
    }

    /** @param  list<Slot>  $slots */
    private function isSeveral(Controller $controller, array $slots): bool
    {
        $flight = array_filter($slots, fn (Slot $one): bool => $controller->modes[$one->mode]->flight);
        $channels = array_unique(array_map(fn (Slot $one): int => $one->channel, $flight));

        return count($channels) > 1 || array_filter($channels, $this->isAlone(...)) !== [];
    }

    /** A channel with a position that asks for no mode: its mode is switched on and off. */
    private function isAlone(int $channel): bool
    {
        return array_filter($this->positions[$channel], fn (array $one): bool => $one[1]->is(Meaning::OTHER)) !== [];
    }

    /**
     * Neighbours as one range.
     *
     * @param  list<Slot>  $slots
     * @return list<Slot>
     */
    private static function joined(array $slots): array
    {
        $joined = [];
        foreach ($slots as $slot) {
            $last = array_pop($joined);
            $meets = $last !== null && $last->channel === $slot->channel && $last->to === $slot->from;
            $joined = [
                ...$joined,
                ...$last === null || $meets ? [] : [$last],
                $meets ? new Slot(mode: $slot->mode, channel: $slot->channel, from: $last->from, to: $slot->to) : $slot,
            ];
        }

        return $joined;
    }
}
