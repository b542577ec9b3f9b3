<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Format\ProgramDecoder;
use DuskSwitch\Core\Proof\Finding;
use DuskSwitch\Core\Proof\Proof;
use DuskSwitch\Core\Proof\ProofContext;
use DuskSwitch\Core\Proof\StateCell;
use DuskSwitch\Core\Proof\StateMap;
use PHPUnit\Framework\TestCase;
use stdClass;

/** Modes by pulse, with set-ups calculated by hand: Left front gives 1000, 1500 and 2000 µs on channel 6. */
final class ModeRulesTest extends TestCase
{
    /**
     * @param  list<array{string, int, int}>  $modes  mode, from, to; on channel 6
     * @param  array<string, mixed>  $more  of the controller's set-up
     */
    private static function context(array $modes, array $more = [], ?callable $change = null): ProofContext
    {
        $d = json_decode(Given::demo('nightjar'));
        $d->functions[5]->steps[1]->value = 0;
        $d->aboard->controller = (object) [
            'modes' => array_map(
                fn (array $one): stdClass => (object) [
                    'mode' => $one[0],
                    'channel' => $one[3] ?? 6,
                    'from' => $one[1],
                    'to' => $one[2],
                ],
                $modes,
            ),
            ...$more,
        ];
        $change === null ?: $change($d);

        return Given::context(ProgramDecoder::decode((string) json_encode($d)));
    }

    /** @return list<string> */
    private static function says(ProofContext $context, string $rule): array
    {
        return array_map(
            fn (Finding $one): string => "{$one->severity->value}: {$one->says}",
            array_values(array_filter(Proof::of($context)->findings, fn (Finding $one): bool => $one->rule === $rule)),
        );
    }

    public function test_a_mode_out_of_reach_is_told_with_its_own_range(): void
    {
        $context = self::context(
            [['self-level', 900, 1250], ['come-home', 1600, 1800], ['free', 1900, 2100]],
            ['none' => 'free'],
        );

        self::assertSame(
            [
                'warning: Come home can\'t be reached: no position puts channel 6 between 1600 and 1800 µs. Give it '.
                    'a position, or take its slot away',
            ],
            self::says($context, 'every-mode-reachable'),
        );
    }

    public function test_a_mode_on_a_channel_that_the_program_has_not_got_is_out_of_reach(): void
    {
        $context = self::context([
            ['self-level', 900, 1250],
            ['come-home', 1400, 1600],
            ['free', 1900, 2100],
            ['self-level', 1700, 2100, 15],
        ]);
        self::assertSame([], self::says($context, 'every-mode-reachable'), 'it has a range that is reached');

        $context = self::context(
            [['self-level', 900, 1250], ['come-home', 1400, 1600, 15], ['free', 1900, 2100]],
            ['none' => 'free'],
        );
        self::assertSame(
            [
                'warning: Come home can\'t be reached: no output sends on channel 15. Give it a position, or take '.
                    'its slot away',
            ],
            self::says($context, 'every-mode-reachable'),
        );
    }

    public function test_near_an_edge_from_outside_names_the_mode_behind_the_edge(): void
    {
        $context = self::context(
            [['self-level', 900, 1250], ['come-home', 1510, 1600], ['free', 1900, 2100]],
            ['none' => 'free'],
        );
        $near = array_values(
            array_filter(
                self::says($context, 'one-mode-in-each-state'),
                fn (string $one): bool => str_contains($one, 'from the edge'),
            ),
        );

        self::assertSame(
            [
                'warning: Come home is 10 µs from the edge of its slot (channel 6 at 1500 µs): jitter can change the '.
                    'mode',
            ],
            array_map(fn (string $one): string => str_replace('error', 'warning', $one), $near),
        );
    }

    public function test_a_mode_that_the_controller_has_not_got_saves_nobody(): void
    {
        $context = self::context(
            [['ghost', 900, 1250], ['come-home', 1400, 1600], ['free', 1900, 2100]],
            ['none' => 'spectre'],
        );

        self::assertSame(['come-home'], $context->view->saving());
    }

    /** 1000 lies 100 from 900, 1500 lies 90 from 1410, 2000 lies 50 from 2050. */
    public function test_the_map_of_states_says_how_far_each_state_is_from_an_edge(): void
    {
        $context = self::context([['self-level', 900, 1250], ['come-home', 1410, 1600], ['free', 1900, 2050]]);
        $margins = array_map(fn (StateCell $one): ?int => $one->margin, StateMap::of($context)->cells);

        self::assertSame([50, 90, 100], self::sorted(array_values(array_unique($margins))));
    }

    public function test_between_two_ranges_the_margin_counts_to_the_nearer_one(): void
    {
        $context = self::context(
            [['self-level', 900, 1200], ['come-home', 1560, 1700], ['free', 1900, 2100]],
            ['none' => 'free'],
        );
        $margins = array_map(fn (StateCell $one): ?int => $one->margin, StateMap::of($context)->cells);

        self::assertSame([60, 100], self::sorted(array_values(array_unique($margins))));
    }

    public function test_a_failsafe_outside_of_every_saving_mode_names_one_that_saves(): void
    {
        $context = self::context(
            [['self-level', 900, 1250], ['come-home', 1400, 1600], ['free', 1900, 2100]],
            change: function (stdClass $d): void {
                foreach ($d->aboard->failsafe as $one) {
                    $one->channel === 6 ? ($one->does = 2000) : null;
                }
            },
        );

        self::assertStringContainsString(
            'outside of every mode that saves the aircraft. Choose a pulse in the range of Self-level, or no pulses',
            implode(self::says($context, 'failsafe')),
        );
    }

    /**
     * @param  list<int|null>  $numbers
     * @return list<int|null>
     */
    private static function sorted(array $numbers): array
    {
        sort($numbers);

        return $numbers;
    }
}
