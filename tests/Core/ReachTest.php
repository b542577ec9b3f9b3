<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Format\ProofEncoder;
use DuskSwitch\Core\Space\Model;
use DuskSwitch\Core\Space\Reach;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** How far a channel goes in a phase: never further than any hand takes it. */
final class ReachTest extends TestCase
{
    public function test_a_rate_of_a_phase_is_the_reach_there(): void
    {
        // Harbour 16: 512 µs for 100 %; Nightjar's travel is 97.66 %, 500 µs. Calm takes 60 % of roll.
        $model = new Model(Given::circuit(Given::demo('nightjar')));
        self::assertSame([1000, 2000], Reach::in($model, 'main')[1]);
        self::assertSame([1200, 1800], Reach::in($model, 'calm')[1]);
        self::assertSame([1000, 2000], Reach::in($model, 'calm')[5], 'a switch goes from end to end');
    }

    public function test_each_phase_has_each_channel(): void
    {
        $program = Given::circuit(Given::demo('petrel'))->program;
        $reach = (new ProofEncoder(Given::context($program)))->reach();
        self::assertSame(array_column($program->phases, 'id'), array_keys($reach));
        foreach ($reach as $channels) {
            self::assertSame(array_column($program->outputs, 'channel'), array_keys($channels));
        }
    }

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        foreach (range(1, 25) as $seed) {
            yield "program {$seed}" => [$seed];
        }
    }

    #[DataProvider('seeds')]
    public function test_no_hand_goes_beyond_it(int $seed): void
    {
        $random = new RandomPrograms($seed, false);
        $circuit = RandomPrograms::circuit($seed, false);
        $model = new Model($circuit);
        $reach = [];
        for ($i = 0; $i < 150; $i++) {
            $frame = $circuit->frame(array_slice($random->hand($circuit), 0, $circuit->panel->size()));
            $reach[$frame->phase()] ??= Reach::in($model, $frame->phase());
            foreach ($circuit->program->outputs as $output) {
                [$least, $most] = $reach[$frame->phase()][$output->channel];
                self::assertGreaterThanOrEqual($least, $frame->pulse($output->channel));
                self::assertLessThanOrEqual($most, $frame->pulse($output->channel));
            }
        }
    }
}
