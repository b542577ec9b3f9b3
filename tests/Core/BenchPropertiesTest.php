<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Airframe\SurfaceCheck;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Kit\Axis;
use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Program\Output;
use DuskSwitch\Core\Signal\Compiler;
use DuskSwitch\Core\Signal\OutputStages;
use DuskSwitch\Core\Solve\EndsCentre;
use DuskSwitch\Core\Solve\Jitter;
use DuskSwitch\Core\Units\Range;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Whatever stands on the bench: the answer, taken over, reads right; else it is told why there is none (seeded). */
final class BenchPropertiesTest extends TestCase
{
    /** @return array<string, array{string}> */
    public static function transmitters(): array
    {
        return ['±512 µs' => ['harbour-16'], '±400 µs' => ['quayside-8'], '±400 µs, in µs' => ['lamplight-12']];
    }

    #[DataProvider('transmitters')]
    public function test_centre_and_ends_come_home_or_it_is_told_why_not(string $transmitter): void
    {
        $kit = Given::transmitter($transmitter);
        $random = new Randomizer(new Mt19937(crc32($transmitter)));
        $home = 0;
        for ($try = 0; $try < 300; $try++) {
            $share = fn (int $least, int $most): float => $random->getInt($least, $most) / 100;
            $output = new Output(
                channel: 1,
                name: 'Roll',
                feeds: [],
                travel: new Range($share(60, 140), $share(60, 140)),
                reverse: $random->getInt(0, 1) === 1,
                subtrim: $share(-20, 20),
                limit: new Range(-1.5, 1.5),
            );
            [$adds, $times] = [$random->getInt(-40, 40), $share(95, 105)];
            $reads = fn (Output $of, float $stick): float => 1500 +
                (self::pulse($of, $kit, $stick) - 1500) * $times +
                $adds;
            $sent = array_map(fn (float $stick): float => self::signal($output, $stick), [-1.0, 1.0]);
            if (max(array_map(abs(...), $sent)) > 1.5 - 1e-9) {
                continue; // It clips: the reading says nothing of the travel.
            }
            try {
                $solved = EndsCentre::solve($output, $kit, $reads($output, -1), $reads($output, 0), $reads($output, 1));
            } catch (Refused $refused) {
                self::assertMatchesRegularExpression('/travel of|sub-trim of/', $refused->getMessage());

                continue;
            }
            if (max(abs(self::signal($solved, -1)), abs(self::signal($solved, 1))) > 1.5 - 1e-9) {
                continue;
            }
            $home++;
            $ends = [$reads($solved, -1), $reads($solved, 1)];
            sort($ends);
            self::assertEqualsWithDelta([1000, 2000], $ends, 1.0);
            self::assertEqualsWithDelta(1500, $reads($solved, 0), 1.0);
            self::assertSame($output->reverse, $solved->reverse, 'the direction is another step');
            foreach ([$solved->subtrim, $solved->travel->low, $solved->travel->high] as $value) {
                self::assertSame(round($value, 6), $value, 'six digits, as a document is read by people');
            }
        }
        self::assertGreaterThan(150, $home);
    }

    #[DataProviderExternal(Given::class, 'demos')]
    public function test_a_trembling_stick_is_stilled_by_the_smallest_dead_band(string $demo): void
    {
        $circuit = Given::circuit(Given::demo($demo));
        $judged = 0;
        foreach ([['roll', 1], ['pitch', 2]] as [$stick, $channel]) {
            foreach ([0.004, 0.011, 0.027] as $strays) {
                $ends = [
                    Given::frame($circuit, [$stick => -$strays])->pulse($channel),
                    Given::frame($circuit, [$stick => $strays])->pulse($channel),
                ];
                $output = $circuit->program->output($channel);
                if ($output === null || $output->feeds === [] || abs($ends[0] - $ends[1]) < 2) {
                    continue;
                }
                $solved = Jitter::quiet($circuit, $output, min($ends), max($ends));
                $quiet = Compiler::compile($solved, Given::transmitter($solved->transmitter));
                $function =
                    array_values(
                        array_filter(
                            $solved->functions,
                            fn ($one): bool => $one != $circuit->program->function($one->id()),
                        ),
                    )[0] ?? null;
                self::assertNotNull($function);
                self::assertCount(1, Given::differences($circuit->program, $solved), 'one dead band and nothing else');
                if ($function->id() === $stick) {
                    $judged++;
                    self::assertEqualsWithDelta(
                        (float) Given::frame($quiet)->pulse($channel),
                        (float) Given::frame($quiet, [$stick => $strays * 0.9])->pulse($channel),
                        1.0,
                    );
                }
            }
        }
        // Only a controller reads so finely; a dead band that is there already may hold all of it.
        self::assertSame($demo === 'wheatear', $judged === 0);
    }

    #[DataProviderExternal(Given::class, 'demos')]
    public function test_a_servo_turned_twice_is_as_it_was(string $demo): void
    {
        $circuit = Given::circuit(Given::demo($demo));
        foreach (SurfaceCheck::moves($circuit) as $move) {
            $seen = [$move->channel => [$move->stick->value => false]];
            $once = SurfaceCheck::solve($circuit->program, $seen);

            self::assertCount(1, Given::differences($circuit->program, $once));
            self::assertEquals($circuit->program, SurfaceCheck::solve($once, $seen));
            self::assertNotSame(Axis::Throttle, $move->stick);
        }
        self::assertEquals($circuit->program, SurfaceCheck::solve($circuit->program, []));
    }

    private static function signal(Output $output, float $stick): float
    {
        return OutputStages::of($output, $stick)->signal;
    }

    private static function pulse(Output $output, Transmitter $kit, float $stick): float
    {
        return $kit->scale->centre + $kit->scale->span * self::signal($output, $stick);
    }
}
