<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Link\LinkLoss;
use DuskSwitch\Core\Program\Failsafe;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Proof\Finding;
use DuskSwitch\Core\Proof\Proof;
use DuskSwitch\Core\Solve\SafeFailsafe;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;

/** What an aircraft does when its transmitter falls silent (common practice, by family). */
final class FailsafeTest extends TestCase
{
    #[DataProviderExternal(Given::class, 'demos')]
    public function test_what_the_solver_sets_the_proof_lets_pass(string $demo): void
    {
        $safe = self::safe(self::bare($demo));

        self::assertSame(
            [],
            array_filter(
                Proof::of(Given::context($safe))->findings,
                fn (Finding $one): bool => $one->rule === 'failsafe',
            ),
        );
        self::assertSame(array_column($safe->outputs, 'channel'), array_keys($safe->aboard->failsafe));
    }

    #[DataProviderExternal(Given::class, 'demos')]
    public function test_a_failsafe_that_was_never_set_is_found(string $demo): void
    {
        $found = array_values(
            array_filter(
                Proof::of(Given::context(self::bare($demo)))->findings,
                fn (Finding $one): bool => $one->rule === 'failsafe',
            ),
        );

        self::assertStringStartsWith('No failsafe is set for', $found[0]->says ?? 'nothing was found');
    }

    public function test_behind_a_flight_controller_the_pulses_end(): void
    {
        foreach (['nightjar', 'midge', 'dunlin'] as $demo) {
            foreach (self::safe(self::bare($demo))->aboard->failsafe as $channel => $does) {
                self::assertFalse($does->holds, "{$demo} {$channel}");
                self::assertNull($does->pulse, "{$demo} {$channel}");
            }
        }
    }

    public function test_a_sailplane_closes_its_throttle_and_turns_gently(): void
    {
        $petrel = self::safe(self::bare('petrel'));
        $circuit = Given::circuit(Given::demo('petrel'));
        $turning = Given::frame($circuit, ['roll' => 0.12, 'yaw' => 0.12]);

        self::assertSame(1000, $petrel->aboard->failsafe[7]->pulse);
        foreach ([1, 2, 6] as $channel) {
            self::assertSame($turning->pulse($channel), $petrel->aboard->failsafe[$channel]->pulse);
        }
        self::assertNotSame(
            $petrel->aboard->failsafe[1]->pulse,
            Given::frame($circuit)->pulse(1),
            'it does not fly straight away',
        );
    }

    public function test_a_receiver_keeps_the_last_pulses_for_a_second(): void
    {
        $circuit = Given::circuit(Given::demo('tern'));
        $program = self::safe($circuit->program);
        $flying = Given::frame($circuit, ['roll' => -1.0, 'throttle' => 1.0], ['face-right' => 'away']);
        foreach ([0.0, 0.5, 0.98] as $seconds) {
            self::assertSame($flying->pulse(1), LinkLoss::pulses($program, $flying, $seconds)[1]);
        }
        foreach ([1.0, 60.0] as $seconds) {
            self::assertSame($program->aboard->failsafe[1]->pulse, LinkLoss::pulses($program, $flying, $seconds)[1]);
        }
    }

    public function test_hold_keeps_off_ends_and_nothing_set_keeps(): void
    {
        $circuit = Given::circuit(Given::demo('tern'));
        $flying = Given::frame($circuit, ['roll' => -1.0, 'pitch' => 0.5]);
        $set = $circuit->program->with(
            aboard: $circuit->program->aboard->with(failsafe: [1 => Failsafe::hold(), 2 => Failsafe::off()]),
        );
        $after = LinkLoss::pulses($set, $flying, 2.0);

        self::assertSame([$flying->pulse(1), null, $flying->pulse(3)], [$after[1], $after[2], $after[3]]);
    }

    /** ± 512 µs at 150 % would be 732 and 2268 µs: what a receiver can be told ends at 800 and 2200. */
    public function test_a_failsafe_stays_within_what_a_receiver_can_be_told(): void
    {
        $d = json_decode(Given::demo('rook'));
        foreach ([-1.5, 1.5] as $place => $weight) {
            $d->outputs[$place]->feeds = [(object) ['from' => 1, 'weight' => $weight]];
            $d->outputs[$place]->travel = 1;
            unset($d->outputs[$place]->limit, $d->outputs[$place]->subtrim, $d->outputs[$place]->reverse);
        }
        $program = self::safe(Given::circuit((string) json_encode($d))->program);

        self::assertSame(
            [800, 2200],
            array_map(fn (int $place): ?int => $program->aboard->failsafe[$program->outputs[$place]->channel]->pulse, [
                0,
                1,
            ]),
        );
    }

    private static function bare(string $demo): Program
    {
        $program = Given::circuit(Given::demo($demo))->program;

        return $program->with(aboard: $program->aboard->with(failsafe: []));
    }

    private static function safe(Program $program): Program
    {
        return SafeFailsafe::for(
            $program,
            Given::transmitter($program->transmitter),
            Given::catalogue()->controller($program->controller ?? ''),
        );
    }
}
