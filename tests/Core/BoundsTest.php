<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Kit\Axis;
use DuskSwitch\Core\Signal\Budget;
use DuskSwitch\Core\Signal\Circuit;
use DuskSwitch\Core\Space\Bounds;
use DuskSwitch\Core\Space\ControlMove;
use DuskSwitch\Core\Space\Model;
use DuskSwitch\Core\Space\Observed;
use DuskSwitch\Core\Space\ObservedFrame;
use DuskSwitch\Core\Space\Outcome;
use DuskSwitch\Core\Space\Question;
use DuskSwitch\Core\Space\Region;
use DuskSwitch\Core\Space\Search;
use DuskSwitch\Core\Space\Truth;
use DuskSwitch\Core\Space\UnchangedCheck;
use DuskSwitch\Tests\Long;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What is told of a region is so for every hand in it: against the circuit, for random programs and random regions. */
final class BoundsTest extends TestCase
{
    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        for ($seed = 1; $seed <= 40; $seed++) {
            yield "program {$seed}" => [$seed];
        }
    }

    #[DataProvider('seeds')]
    public function test_a_single_hand_gives_just_what_the_circuit_gives(int $seed): void
    {
        $random = new RandomPrograms($seed, false);
        $circuit = RandomPrograms::circuit($seed, false);
        $model = new Model($circuit);
        for ($try = 0; $try < 40; $try++) {
            $hand = $random->hand($circuit);
            $bounds = new Bounds($model, self::only($model, $hand));
            self::assertSame(
                self::told(new ObservedFrame($circuit, $circuit->frame($hand), $hand), $circuit),
                self::told($bounds, $circuit),
                implode(' ', $hand),
            );
        }
    }

    public function test_a_rate_that_is_whole_on_one_side_alone_and_a_function_that_nothing_moves(): void
    {
        foreach ([[1.0, 0.5], [0.5, 1.0], [1.0, 1.5], [1.5, 1.0], [1.0, 1.0]] as $rate) {
            $circuit = Given::program([
                'phases' => [['id' => 'main', 'name' => 'Main']],
                'functions' => [
                    [
                        'id' => 'ruder',
                        'name' => 'Ruder',
                        'drive' => ['axis' => 'yaw'],
                        'shape' => ['main' => ['rate' => $rate]],
                    ],
                    ['id' => 'frei', 'name' => 'Frei'],
                ],
                'outputs' => [
                    ['channel' => 4, 'name' => 'Ruder', 'feeds' => [['from' => 'ruder']]],
                    ['channel' => 5, 'name' => 'Frei', 'feeds' => [['from' => 'frei']]],
                ],
            ]);
            $model = new Model($circuit);
            $hand = $circuit->panel->atRest();
            foreach ([-1.0, -0.4, 0.0, 0.4, 1.0] as $x) {
                $hand[$circuit->panel->axis(Axis::Yaw)] = $x;
                self::assertSame(
                    self::told(new ObservedFrame($circuit, $circuit->frame($hand), $hand), $circuit),
                    self::told(new Bounds($model, self::only($model, $hand)), $circuit),
                    json_encode([$rate, $x]) ?: '',
                );
            }
        }
    }

    public function test_a_question_takes_of_the_budget_what_it_worked(): void
    {
        $model = new Model(RandomPrograms::circuit(3, false));
        $budget = new Budget();
        $before = $budget->left();
        $channel = $model->program->outputs[0]->channel;
        $question = new Question(
            $model->everything(),
            fn (array $seen): int => Truth::of($seen[0]->pulses($channel) === [[1, 1]]),
        );
        (new Search($model, $budget))->answer($question);
        $once = $before - $budget->left();
        self::assertGreaterThan(0.0, $once);
        (new Search($model, $budget))->answer($question);
        self::assertEqualsWithDelta(2 * $once, $before - $budget->left(), 1e-6);
    }

    #[DataProvider('seeds')]
    public function test_no_hand_of_a_region_is_outside_of_what_is_told_of_it(int $seed): void
    {
        $random = new RandomPrograms($seed, false);
        $circuit = RandomPrograms::circuit($seed, false);
        $model = new Model($circuit);
        for ($try = 0; $try < 12; $try++) {
            [$one, $other] = [$random->hand($circuit), $random->hand($circuit)];
            $region = self::spanned($model, $one, $other);
            $bounds = new Bounds($model, $region);
            for ($i = 0; $i < 25; $i++) {
                $hand = self::within($region, $random, count($one));
                $frame = new ObservedFrame($circuit, $circuit->frame($hand), $hand);
                foreach ($circuit->program->outputs as $output) {
                    self::assertInside(
                        $frame->pulses($output->channel)[0],
                        $bounds->pulses($output->channel),
                        "channel {$output->channel}",
                    );
                    self::assertNotSame(
                        0,
                        $frame->clips($output->channel) & $bounds->clips($output->channel),
                        "clipping of {$output->channel}",
                    );
                }
                self::assertContains($frame->phases()[0], $bounds->phases());
                foreach (['s-one', 's-two'] as $function) {
                    self::assertContains($frame->steps($function)[0], $bounds->steps($function));
                }
            }
        }
    }

    /**
     * A move that is said to change nothing of a channel changes nothing of it for any hand; and in large regions half
     * of what no hand sees changing is said.
     */
    public function test_what_is_said_to_stay_the_same_stays_the_same(): void
    {
        $same = $moved = $unsaid = 0;
        for ($seed = 1; $seed <= 60; $seed++) {
            $random = new RandomPrograms($seed, false);
            $circuit = RandomPrograms::circuit($seed, false);
            $model = new Model($circuit);
            foreach (ControlMove::all($model, array_keys($model->everything()->points)) as $move) {
                [$one, $other] = [$random->hand($circuit), $random->hand($circuit)];
                $region = self::spanned($model, $one, $other);
                $target = new Region(array_replace($region->points, [$move->input => [$move->last()]]), $region->spans);
                $before = new Bounds($model, $region);
                $after = new Bounds($model, $target, $before);
                foreach ($circuit->program->outputs as $output) {
                    $said = UnchangedCheck::of($before, $after, $output->channel);
                    $seen = false;
                    for ($i = 0; $i < 12; $i++) {
                        $hand = self::within($region, $random, count($one));
                        $to = array_values(array_replace($hand, [$move->input => $move->last()]));
                        $changes =
                            $circuit->frame($hand)->pulse($output->channel) !==
                            $circuit->frame($to)->pulse($output->channel);
                        self::assertFalse($said && $changes, "program {$seed}, channel {$output->channel}");
                        $seen = $seen || $changes;
                    }
                    $same += $said ? 1 : 0;
                    $moved += $seen ? 1 : 0;
                    $unsaid += ! $said && ! $seen ? 1 : 0;
                }
            }
        }
        self::assertGreaterThan(200, $same);
        self::assertGreaterThan(200, $moved);
        self::assertLessThan(0.52, $unsaid / ($unsaid + $same), "{$unsaid} of ".($unsaid + $same));
    }

    public function test_the_highest_pulse_of_a_channel_is_found_to_the_microsecond_and_nothing_above_it(): void
    {
        $undecided = $decided = 0;
        $programs = Long::is() ? 24 : 8;
        for ($seed = 1; $seed <= $programs; $seed++) {
            $random = new RandomPrograms($seed, false);
            $circuit = RandomPrograms::circuit($seed, false);
            $model = new Model($circuit);
            $highest = [];
            for ($try = 0; $try < 1500; $try++) {
                $frame = $circuit->frame($random->hand($circuit));
                foreach ($circuit->program->outputs as $output) {
                    $highest[$output->channel] = max(
                        $highest[$output->channel] ?? 0,
                        (int) $frame->pulse($output->channel),
                    );
                }
            }
            foreach ($highest as $channel => $sampled) {
                self::assertFalse(
                    $this->above($model, $channel, $sampled - 1)->isNowhere(),
                    "program {$seed}: channel {$channel} was seen at {$sampled}",
                );
                // From where it's found on, a search that says nowhere says so of the very next microsecond.
                while (($outcome = $this->above($model, $channel, $sampled))->witness !== null) {
                    $found = (int) $circuit->frame($outcome->witness->hand)->pulse($channel);
                    self::assertGreaterThan($sampled, $found, 'the circuit says so');
                    $sampled = $found;
                }
                $outcome->isNowhere() ? $decided++ : $undecided++;
            }
        }
        self::assertGreaterThan(4 * $programs, $decided);
        self::assertLessThan(
            0.06,
            $undecided / ($decided + $undecided),
            'even of the last microsecond few stay undecided',
        );
    }

    private function above(Model $model, int $channel, int $pulse): Outcome
    {
        $most = function (array $seen) use ($channel): int {
            $pulses = $seen[0]->pulses($channel);

            return (int) end($pulses)[1];
        };

        return (new Search($model, new Budget(6_000_000), 1.0))->answer(
            new Question(
                $model->everything(),
                function (array $seen) use ($channel, $pulse): int {
                    $truth = 0;
                    foreach ($seen[0]->pulses($channel) as [$low, $high]) {
                        $truth |= ($high > $pulse ? Truth::HOLDS : 0) | ($low <= $pulse ? Truth::FAILS : 0);
                    }

                    return $truth;
                },
                [],
                fn (array $seen): float => (float) $most($seen),
            ),
        );
    }

    /** @return array<string, mixed> */
    private static function told(Observed $seen, Circuit $circuit): array
    {
        $told = ['phases' => $seen->phases(), 'steps' => [$seen->steps('s-one'), $seen->steps('s-two')]];
        foreach ($circuit->program->outputs as $output) {
            $told["output {$output->channel}"] = [$seen->pulses($output->channel), $seen->clips($output->channel)];
        }

        return $told;
    }

    /** @param  list<float>  $hand */
    private static function only(Model $model, array $hand): Region
    {
        return self::spanned($model, $hand, $hand);
    }

    /**
     * @param  list<float>  $one
     * @param  list<float>  $other
     */
    private static function spanned(Model $model, array $one, array $other): Region
    {
        $all = $model->everything();
        $points = $spans = [];
        foreach ($all->points as $input => $values) {
            $points[$input] = array_values(array_unique([$one[$input], $other[$input]]));
        }
        foreach ($all->spans as $input => $span) {
            $spans[$input] = [min($one[$input], $other[$input]), max($one[$input], $other[$input])];
        }

        return new Region($points, $spans);
    }

    /** @return list<float> */
    private static function within(Region $region, RandomPrograms $random, int $inputs): array
    {
        $hand = [];
        for ($input = 0; $input < $inputs; $input++) {
            $span = $region->spans[$input] ?? null;
            $hand[] =
                $span === null
                    ? $random->pick($region->points[$input])
                    : min(
                        $span[1],
                        $span[0] + ($span[1] - $span[0]) * $random->pick([0.0, 1.0, 0.5, 0.27, 0.81, 0.999999]),
                    );
        }

        return $hand;
    }

    /**
     * @param  array{int, int}  $pulse
     * @param  list<array{int, int}>  $spans
     */
    private static function assertInside(array $pulse, array $spans, string $where): void
    {
        $holds = array_filter($spans, fn (array $span): bool => $span[0] <= $pulse[0] && $pulse[0] <= $span[1]);
        self::assertNotSame([], $holds, "{$where}: {$pulse[0]} µs is in none of ".json_encode($spans));
    }
}
