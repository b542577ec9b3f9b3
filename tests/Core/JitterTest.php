<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\ProportionalFunction;
use DuskSwitch\Core\Signal\Circuit;
use DuskSwitch\Core\Signal\Compiler;
use DuskSwitch\Core\Solve\Jitter;
use PHPUnit\Framework\TestCase;

/** A dead band as small as can be, where a channel trembles with the hands off the sticks. */
final class JitterTest extends TestCase
{
    public function test_a_small_dead_band_stills_the_jitter_and_no_larger_one_is_taken(): void
    {
        $circuit = Given::circuit(Given::demo('petrel'));
        $aileron = $circuit->program->output(1) ?? self::fail();
        $reads = fn (Circuit $of, float $stick): int => Given::frame($of, ['roll' => $stick])->pulse(1);
        [$least, $most] = [$reads($circuit, -0.012), $reads($circuit, 0.012)];
        self::assertGreaterThan(3, abs($most - $least));

        $quiet = Compiler::compile(
            Jitter::quiet($circuit, $aileron, min($least, $most), max($least, $most)),
            Given::transmitter($circuit->program->transmitter),
        );
        self::assertSame($reads($quiet, 0), $reads($quiet, 0.012));
        self::assertSame($reads($quiet, 0), $reads($quiet, -0.012));
        self::assertNotSame($reads($quiet, 0), $reads($quiet, 0.03), 'the stick is felt beyond it');
        self::assertSame(
            $circuit->program,
            Jitter::quiet($circuit, $aileron, 1499, 1500),
            'the last digit is no jitter',
        );
        self::assertSame($circuit->program, Jitter::quiet($circuit, $aileron, 1500, 1500), 'nothing trembles');
    }

    public function test_a_dead_band_hides_no_worn_stick(): void
    {
        $circuit = Given::circuit(Given::demo('nightjar'));
        $told = function (int $channel, float $least, float $most) use ($circuit): string {
            try {
                Jitter::quiet($circuit, $circuit->program->output($channel) ?? self::fail(), $least, $most);
            } catch (Refused $refused) {
                return $refused->getMessage();
            }
            self::fail('It was taken');
        };

        // A roll channel of ± 512 µs at full weight: 5 % of the stick are 25.6 µs each way, and no dead band may be
        // larger.
        self::assertInstanceOf(
            Program::class,
            Jitter::quiet(self::straight(), self::straight()->program->output(1) ?? self::fail(), 1475.5, 1524.5),
        );
        try {
            Jitter::quiet(self::straight(), self::straight()->program->output(1) ?? self::fail(), 1474, 1526);
            self::fail('It was taken');
        } catch (Refused $refused) {
            self::assertStringContainsString('52 µs at rest is more', $refused->getMessage());
        }
        self::assertStringContainsString('140 µs at rest is more than a dead band should hide', $told(1, 1430, 1570));
        self::assertStringContainsString('Throttle follows no stick that rests in its middle', $told(3, 1000, 1004));
        self::assertStringContainsString('change them over', $told(1, 1510, 1490));
    }

    /** ± 512 µs straight through: 5 µs at rest are ± 0.49 % of the stick; the next half per cent above is taken. */
    public function test_the_dead_band_is_the_next_half_per_cent_above_the_jitter(): void
    {
        $band = fn (float $width): ?float => ($function = Jitter::quiet(
            self::straight(),
            self::straight()->program->output(1) ?? self::fail(),
            1500 - $width / 2,
            1500 + $width / 2,
        )->functions[0]) instanceof ProportionalFunction
            ? $function->deadband
            : null;

        self::assertSame([0.005, 0.01, 0.01, 0.015], [$band(4.4), $band(5.0), $band(9.5), $band(10.2)]);
        self::assertSame([0.0, 0.005], [$band(1.0), $band(1.2)], 'a microsecond is the reading\'s last digit');
    }

    /** Nightjar with a roll stick that goes through straight, at full travel. */
    private static function straight(): Circuit
    {
        $d = json_decode(Given::demo('nightjar'));
        unset($d->functions[0]->shape, $d->functions[0]->trim);
        $d->outputs[0]->travel = 1;

        return Given::circuit((string) json_encode($d));
    }
}
