<?php

namespace DuskSwitch\Core\Proof;

use DuskSwitch\Core\Kit\Control;
use DuskSwitch\Core\Kit\Slot;
use DuskSwitch\Core\Program\Output;
use DuskSwitch\Core\Proof\Rule\OneModeInEachState;
use DuskSwitch\Core\Signal\DependencyGraph;
use DuskSwitch\Core\Space\Bounds;
use DuskSwitch\Core\Space\Truth;
use DuskSwitch\Core\Space\Witness;

/**
 * The positions of the switches that have a say in arming, modes, motors and phases, each with what it may mean:
 * sticks, dials, trims and memories anywhere.
 */
final readonly class StateMap
{
    /** More can't be drawn, nor looked through. */
    private const MOST = 3_000;

    /**
     * @param  list<Control>  $switches
     * @param  list<StateCell>  $cells  one for each position; none where there are too many
     */
    private function __construct(public array $switches, public array $cells, public bool $isComplete) {}

    /** The map of an aircraft. */
    public static function of(ProofContext $context): self
    {
        $switches = self::inputs($context);
        $values = array_map(fn (int $input): array => $context->model()->everything()->points[$input], $switches);
        $count = array_product(array_map(count(...), $values));
        $controls = array_values(array_filter(array_map($context->model()->control(...), $switches)));
        if ($count > self::MOST) {
            return new self($controls, [], false);
        }
        $cells = [];
        for ($state = 0; $state < $count; $state++) {
            $left = $state;
            $region = $context->model()->everything();
            $hand = $context->panel->atRest();
            $detents = [];
            foreach ($switches as $place => $input) {
                $value = $values[$place][$left % count($values[$place])];
                $left = intdiv($left, count($values[$place]));
                $region = $region->at($input, $value);
                $hand[$input] = $value;
                $detents[] = $controls[$place]->detentAt($value);
            }
            $seen = new Bounds($context->model(), $region);
            $cells[] = self::cell($context, $seen, new Witness(array_values($hand), []), $detents);
        }

        return new self($controls, $cells, true);
    }

    /** @param  list<string>  $detents */
    private static function cell(ProofContext $context, Bounds $seen, Witness $hand, array $detents): StateCell
    {
        $armed =
            $context->armedBy() === null
                ? Truth::FAILS
                : (($context->setup->arming->ranges ?? []) === []
                    ? $context->turns($seen)
                    : $context->view->armed($seen));
        $margin = self::margin($context, $seen);
        $taken = $context->view->flight === [] ? [] : $context->view->taken($seen);
        $turnsAtLow = fn (): bool => ($armed & Truth::HOLDS) !== 0 &&
            ! $context->isGoverned() &&
            $context->turns(new Bounds($context->model(), $context->throttleLow($seen->region))) === Truth::HOLDS;

        return new StateCell(
            $hand,
            $detents,
            array_values(
                array_filter(
                    array_map(
                        fn (int $place): string => $context->program->phases[$place]->name ?? '',
                        $seen->phases(),
                    ),
                ),
            ),
            ($armed & Truth::HOLDS) !== 0,
            array_values(array_diff($taken, [ControllerView::NONE, ControllerView::TWO])),
            $margin,
            match (true) {
                in_array(ControllerView::NONE, $taken, true) => 'no mode',
                in_array(ControllerView::TWO, $taken, true) => 'two modes',
                $margin !== null && $margin < OneModeInEachState::MARGIN => 'at an edge',
                $turnsAtLow() => 'motor on at low stick',
                default => null,
            },
        );
    }

    /** The least distance of a mode channel's pulse to an edge of a range, in µs; null where there are none. */
    private static function margin(ProofContext $context, Bounds $seen): ?int
    {
        $margin = null;
        foreach ($context->view->flight as $slot) {
            foreach ($seen->pulses($slot->channel) as [$low, $high]) {
                foreach ([$slot->from, $slot->to] as $edge) {
                    $apart = $high < $edge ? $edge - $high : ($low > $edge ? $low - $edge : 0);
                    $margin = $margin === null ? $apart : min($margin, $apart);
                }
            }
        }

        return $margin;
    }

    /** @return list<int> */
    private static function inputs(ProofContext $context): array
    {
        $channels = array_unique([
            ...array_map(fn (Output $one): int => $one->channel, $context->motors()),
            ...array_map(fn (Slot $one): int => $one->channel, $context->view->flight),
            ...$context->setup->arming?->channels() ?? [],
        ]);
        $nodes = array_map(
            fn (int $channel): string => "output:{$channel}",
            array_values(
                array_filter($channels, fn (int $channel): bool => $context->program->output($channel) !== null),
            ),
        );
        $inputs = $context->model()->dependency->inputs(DependencyGraph::PHASE, ...$nodes);

        return array_values(
            array_filter($inputs, fn (int $input): bool => ($context->model()->control($input)->detents ?? []) !== []),
        );
    }
}
