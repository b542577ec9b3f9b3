<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Proof\Evidence;
use DuskSwitch\Core\Signal\States;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** How far outputs go, against hands that move everything at random. */
final class ReachTest extends TestCase
{
    #[DataProviderExternal(Given::class, 'demos')]
    public function test_no_hand_takes_an_output_further(string $demo): void
    {
        $evidence = self::evidence($demo);
        $circuit = $evidence->circuit();
        $random = new Randomizer(new Mt19937(11));
        for ($try = 0; $try < 400; $try++) {
            $frame = $circuit->frame(self::hand($evidence, $random));
            foreach ($evidence->program->outputs as $output) {
                $reach = $evidence->reach($output->channel);
                $pulse = (int) $frame->pulse($output->channel);
                self::assertTrue($reach->low() <= $pulse && $pulse <= $reach->high(), "{$output->name} is at {$pulse} µs, said to stay from {$reach->low()} to {$reach->high()}");
            }
        }
    }

    #[DataProviderExternal(Given::class, 'demos')]
    public function test_each_end_is_shown_by_a_real_hand(string $demo): void
    {
        $evidence = self::evidence($demo);
        foreach ($evidence->program->outputs as $output) {
            foreach ($evidence->reach($output->channel)->rows as $row) {
                self::assertSame($row->low, $evidence->circuit()->frame($row->lowAt)->pulse($output->channel));
                self::assertSame($row->high, $evidence->circuit()->frame($row->highAt)->pulse($output->channel));
                self::assertSame($row->clipsAt !== null, $row->clipsAt !== null && $evidence->circuit()->frame($row->clipsAt)->outputs()[$output->channel]->clipped);
            }
        }
    }

    public function test_only_switches_that_have_a_say_are_gone_through(): void
    {
        $evidence = self::evidence('nightjar');

        // Roll knows the phase alone: one three-position switch. The mode channel knows the mode's switch alone.
        self::assertSame([3, 3], [count($evidence->reach(1)->rows), count($evidence->reach(6)->rows)]);
    }

    public function test_states_are_all_there_and_each_once(): void
    {
        $states = iterator_to_array(States::each([0.0, 0.0, 5.0], [0 => [-1.0, 0.0, 1.0], 1 => [-1.0, 1.0]]));

        self::assertCount(6, array_unique(array_map(json_encode(...), $states)));
        self::assertSame([5.0], array_values(array_unique(array_column($states, 2))));
        self::assertSame([[7.0]], iterator_to_array(States::each([7.0], [])));
    }

    private static function evidence(string $demo): Evidence
    {
        return Given::evidence(Given::circuit(Given::demo($demo))->program);
    }

    /** @return list<float> */
    private static function hand(Evidence $evidence, Randomizer $random): array
    {
        $inputs = $evidence->panel->atRest();
        foreach (range(0, 3) as $axis) {
            $inputs[$axis] = $random->getInt(0, 3) === 0 ? (float) $random->getInt(-1, 1) : $random->getInt(-1000, 1000) / 1000;
        }
        foreach ($evidence->plain->transmitter->controls as $control) {
            $detents = $control->detents;
            $inputs[(int) $evidence->panel->control($control->id)] = $detents === []
                ? $random->getInt(-1000, 1000) / 1000
                : (float) $control->valueOf($detents[$random->getInt(0, count($detents) - 1)]);
        }

        return array_values($inputs);
    }
}
