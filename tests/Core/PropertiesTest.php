<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Format\ProgramDecoder;
use DuskSwitch\Core\Format\ProgramEncoder;
use DuskSwitch\Core\Program\Curve;
use DuskSwitch\Core\Signal\Compiler;
use DuskSwitch\Core\Signal\Curve\Smooth;
use DuskSwitch\Core\Signal\Curve\Straight;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** What holds for every program and every hand, tried on many of both (seeded). */
final class PropertiesTest extends TestCase
{
    private Randomizer $random;

    protected function setUp(): void
    {
        $this->random = new Randomizer(new Mt19937(20261124));
    }

    private function number(float $least, float $most): float
    {
        return $least + (($most - $least) * $this->random->getInt(0, 1_000_000)) / 1_000_000;
    }

    private function curve(bool $smooth, bool $rising): Curve
    {
        $inner = [];
        for ($i = $this->random->getInt(0, 15); $i > 0; $i--) {
            $inner[] = $this->random->getInt(-99, 99) / 100;
        }
        $x = array_values(array_unique([-1.0, ...$inner, 1.0]));
        sort($x);
        $y = array_map(fn (): float => $this->number(-1.5, 1.5), $x);
        if ($rising) {
            sort($y);
        }

        return new Curve(
            id: 'c',
            points: array_map(fn (float $x, float $y): array => [$x, $y], $x, $y),
            smooth: $smooth,
        );
    }

    public function test_a_smooth_curve_through_rising_points_rises(): void
    {
        for ($try = 0; $try < 200; $try++) {
            $curve = new Smooth($this->curve(true, true));
            $last = -INF;
            for ($x = -1.0; $x <= 1.0; $x += 0.01) {
                self::assertGreaterThanOrEqual($last - 1e-12, $curve->at($x));
                $last = $curve->at($x);
            }
        }
    }

    public function test_every_curve_goes_through_its_points_and_stays_between_them(): void
    {
        for ($try = 0; $try < 200; $try++) {
            $drawn = $this->curve($try % 2 === 0, false);
            $curve = $drawn->smooth ? new Smooth($drawn) : new Straight($drawn);
            foreach ($drawn->points as $index => [$x, $y]) {
                self::assertEqualsWithDelta($y, $curve->at($x), 1e-12);
                if ($index > 0) {
                    [$x0, $y0] = $drawn->points[$index - 1];
                    $between = $curve->at($x0 + ($x - $x0) * $this->number(0, 1));
                    self::assertGreaterThanOrEqual(min($y, $y0) - 1e-12, $between);
                    self::assertLessThanOrEqual(max($y, $y0) + 1e-12, $between);
                }
            }
            self::assertSame($curve->at(-1.0), $curve->at(-1.4));
            self::assertSame($curve->at(1.0), $curve->at(1.4));
        }
    }

    public function test_a_symmetric_shape_answers_both_sides_alike(): void
    {
        for ($try = 0; $try < 100; $try++) {
            $circuit = Given::roll([
                'deadband' => $this->number(0, 0.5),
                'shape' => ['main' => ['rate' => $this->number(0, 1.5), 'expo' => $this->number(-1, 1)]],
            ]);
            $x = $this->number(0, 1);
            self::assertEqualsWithDelta(
                Given::frame($circuit, ['roll' => $x])->functions()['roll'],
                -Given::frame($circuit, ['roll' => -$x])->functions()['roll'],
                1e-12,
            );
        }
    }

    public function test_reversal_mirrors_the_signal_when_the_subtrim_is_nought(): void
    {
        for ($try = 0; $try < 50; $try++) {
            $travel = [$this->number(0, 1.5), $this->number(0, 1.5)];
            $x = $this->number(-1, 1);
            $plain = Given::frame(Given::roll(output: ['travel' => $travel]), ['roll' => $x])->outputs()[1]->signal;
            $reversed = Given::frame(Given::roll(output: ['travel' => $travel, 'reverse' => true]), [
                'roll' => $x,
            ])->outputs()[1]->signal;
            self::assertEqualsWithDelta($plain, -$reversed, 1e-12);
        }
    }

    public function test_added_feeds_superpose(): void
    {
        for ($try = 0; $try < 50; $try++) {
            [$a, $b, $x, $y] = [
                $this->number(-0.7, 0.7),
                $this->number(-0.7, 0.7),
                $this->number(-1, 1),
                $this->number(-1, 1),
            ];
            $circuit = Given::program([
                'outputs' => [
                    [
                        'channel' => 1,
                        'name' => 'Sum',
                        'feeds' => [
                            ['from' => ['axis' => 'roll'], 'weight' => $a],
                            ['from' => ['axis' => 'pitch'], 'weight' => $b],
                        ],
                    ],
                ],
            ]);
            $signal = fn (float $roll, float $pitch): float => Given::frame($circuit, [
                'roll' => $roll,
                'pitch' => $pitch,
            ])->outputs()[1]->signal;
            self::assertEqualsWithDelta($signal($x, $y), $signal($x, 0) + $signal(0, $y), 1e-12);
        }
    }

    #[DataProviderExternal(Given::class, 'demos')]
    public function test_whatever_the_hand_does_limits_are_kept_and_the_document_means_the_same(string $name): void
    {
        $program = ProgramDecoder::decode(Given::demo($name));
        $transmitter = Given::transmitter($program->transmitter);
        $circuit = Compiler::compile($program, $transmitter);
        $again = Compiler::compile(ProgramDecoder::decode(ProgramEncoder::encode($program)), $transmitter);
        for ($try = 0; $try < 300; $try++) {
            $hand = $circuit->panel->atRest();
            for ($slot = 0; $slot < 8; $slot++) {
                $hand[$slot] = $this->number(-1, 1);
            }
            foreach ($transmitter->controls as $control) {
                $hand[(int) $circuit->panel->control($control->id)] =
                    $control->detents === []
                        ? $this->number(-1, 1)
                        : (float) $control->valueOf(
                            $control->detents[$this->random->getInt(0, count($control->detents) - 1)],
                        );
            }
            $frame = $circuit->frame(array_values($hand));
            self::assertSame($frame->slots, $again->frame(array_values($hand))->slots);
            foreach ($program->outputs as $output) {
                $value = $frame->outputs()[$output->channel];
                self::assertGreaterThanOrEqual($output->limit->low, $value->signal);
                self::assertLessThanOrEqual($output->limit->high, $value->signal);
                self::assertSame($transmitter->scale->pulse($value->signal), $value->pulse);
                self::assertSame($value->pulse, $circuit->explain($output->channel, $frame)?->pulse);
            }
            foreach ($frame->functions() as $value) {
                self::assertLessThanOrEqual(1.5, abs($value));
            }
        }
    }
}
