<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Proof\Evidence;
use DuskSwitch\Core\Proof\Moment;
use DuskSwitch\Core\Proof\Moves;
use DuskSwitch\Core\Proof\StateWords;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;

/** Every position of the switches that arm, choose a mode or a phase. */
final class MomentsTest extends TestCase
{
    /** @return array<string, array{string, list<string>}> */
    public static function switches(): array
    {
        return [
            'nightjar arms, has three modes, two phases' => ['nightjar', ['flick-a', 'flick-b', 'flick-c']],
            'rook holds, and has three styles' => ['rook', ['flick-a', 'flick-b']],
        ];
    }

    /** @param  list<string>  $switches */
    #[DataProvider('switches')]
    public function test_only_switches_that_matter_are_in_it(string $demo, array $switches): void
    {
        $evidence = self::evidence($demo);
        $moves = new Moves($evidence);
        $found = array_map(fn (int $slot): string => $moves->controlAt($slot)->id ?? '', $moves->switches());
        sort($found);

        self::assertSame($switches, array_values(array_intersect($found, $switches)));
        self::assertSame(count($evidence->moments()), (int) array_product(array_map(fn (int $slot): int => count($moves->controlAt($slot)->detents ?? []), $moves->switches())));
    }

    public function test_nightjar_is_armed_in_half_of_its_states(): void
    {
        $moments = self::evidence('nightjar')->moments();
        $armed = array_filter($moments, fn (Moment $one): bool => $one->armed);

        self::assertSame(count($moments), 2 * count($armed));
        foreach ($armed as $moment) {
            self::assertStringContainsString('Flick A away', self::words('nightjar', $moment));
        }
    }

    #[DataProviderExternal(Given::class, 'demos')]
    public function test_a_move_changes_one_switch_and_comes_back(string $demo): void
    {
        $evidence = self::evidence($demo);
        $moves = new Moves($evidence);
        foreach ($evidence->moments() as $moment) {
            foreach ($moves->switches() as $slot) {
                foreach ($moves->by($moment, $slot) as $then) {
                    self::assertSame([$slot], array_keys(array_diff_assoc($then->inputs, $moment->inputs)));
                    self::assertContains($moment, $moves->by($then, $slot));
                }
            }
        }
        self::assertNotSame([], $evidence->moments());
    }

    #[DataProviderExternal(Given::class, 'demos')]
    public function test_the_demo_powers_up_unarmed(string $demo): void
    {
        $rest = array_values(array_filter(self::evidence($demo)->moments(), fn (Moment $one): bool => self::words($demo, $one) === 'everything at rest'))[0] ?? self::fail('rest is missing');

        self::assertFalse($rest->armed);
        self::assertFalse($rest->turnsAtLowStick());
    }

    public function test_a_state_in_words_and_as_a_hand_says_what_is_not_at_rest(): void
    {
        $evidence = self::evidence('nightjar');
        $words = new StateWords($evidence);
        $inputs = $evidence->panel->atRest();
        self::assertSame(['everything at rest', 'in every state'], [$words->say(array_values($inputs)), $words->say(null)]);

        $inputs[1] = 1.0;
        $inputs[2] = 1.0;
        $inputs[(int) $evidence->panel->control('flick-b')] = 0.0;
        $inputs[(int) $evidence->panel->control('dial-left')] = -1.0;
        self::assertSame('pitch stick full forward, throttle stick at 100 %, Flick B middle, Left dial at -100 %, everything else at rest', $words->say(array_values($inputs)));
        self::assertSame(['axes' => ['pitch' => 1.0, 'throttle' => 1.0], 'controls' => ['flick-b' => 'middle', 'dial-left' => -1.0]], $words->hand(array_values($inputs)));
        self::assertSame(['axes' => [], 'controls' => []], $words->hand(null));
    }

    private static function evidence(string $demo): Evidence
    {
        return Given::evidence(Given::circuit(Given::demo($demo))->program);
    }

    private static function words(string $demo, Moment $moment): string
    {
        return (new StateWords(self::evidence($demo)))->say($moment->inputs);
    }
}
