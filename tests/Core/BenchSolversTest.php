<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Format\ProgramEncoder;
use DuskSwitch\Core\Program\Output;
use DuskSwitch\Core\Program\Reading;
use DuskSwitch\Core\Signal\OutputStages;
use DuskSwitch\Core\Solve\BoardTurn;
use DuskSwitch\Core\Solve\EndsCentre;
use DuskSwitch\Core\Units\Range;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Solvers by round trip: apply the answer, read again, and it's right. */
final class BenchSolversTest extends TestCase
{
    /** An output as it begins: full travel, no sub-trim, not reversed. */
    private static function roll(): Output
    {
        return new Output(
            channel: 1,
            name: 'Roll',
            feeds: [],
            travel: Range::both(1.0),
            reverse: false,
            subtrim: 0.0,
            limit: new Range(-1.5, 1.5),
        );
    }

    /**
     * @return array<string, array{string, bool, float, float}> transmitter, reversed, what the controller adds and
     * multiplies
     */
    public static function benches(): array
    {
        // Readings seen at the centre: 1493, 1520, 1530 (common practice).
        return [
            'it reads 7 µs low' => ['harbour-16', false, -7.0, 1.0],
            'and reversed' => ['harbour-16', true, -7.0, 1.0],
            'it reads 20 µs high' => ['quayside-8', false, 20.0, 1.0],
            '30 µs high, and stretched' => ['quayside-8', true, 30.0, 1.015],
            'just so' => ['lamplight-12', false, 0.0, 1.0],
        ];
    }

    #[DataProvider('benches')]
    public function test_the_answer_reads_1000_1500_2000(
        string $transmitter,
        bool $reverse,
        float $adds,
        float $times,
    ): void {
        $kit = Given::transmitter($transmitter);
        $output = self::roll()->with(travel: new Range(0.9, 1.1), reverse: $reverse, subtrim: 0.03);
        // The controller stretches what it reads about the centre, and is off by a little.
        $reads = fn (Output $of, float $stick): float => 1500 +
            ($kit->scale->centre + $kit->scale->span * OutputStages::of($of, $stick)->signal - 1500) * $times +
            $adds;

        $solved = EndsCentre::solve($output, $kit, $reads($output, -1), $reads($output, 0), $reads($output, 1));
        $ends = [$reads($solved, -1), $reads($solved, 1)];
        sort($ends);
        self::assertEqualsWithDelta([1000, 2000], $ends, 1.0);
        self::assertEqualsWithDelta(1500, $reads($solved, 0), 1.0);
    }

    /** Common practice: some makes send a channel the other way round, and reverse it to suit the controller. */
    public function test_a_make_that_sends_a_channel_the_other_way_round_is_calibrated_too(): void
    {
        $kit = Given::transmitter('quayside-8');
        $output = self::roll()->with(channel: 4, name: 'Yaw', travel: Range::both(1.25), reverse: true);
        $reads = fn (Output $of, float $stick): float => 3000 -
            (1500 + $kit->scale->span * OutputStages::of($of, $stick)->signal) * 1.0 +
            4 +
            OutputStages::of($of, $stick)->signal * $kit->scale->span * 0.016;

        $solved = EndsCentre::solve($output, $kit, $reads($output, -1), $reads($output, 0), $reads($output, 1));

        self::assertTrue($reads($output, -1) < $reads($output, 1), 'reversed, and its low end reads low');
        self::assertEqualsWithDelta(
            [1000, 1500, 2000],
            [$reads($solved, -1), $reads($solved, 0), $reads($solved, 1)],
            1.0,
        );
        $this->expectException(Refused::class);
        $this->expectExceptionMessage('Set its direction first');
        EndsCentre::solve($output->with(reverse: false), $kit, 1996, 1504, 1012);
    }

    /**
     * @return array<string, array{bool, array{float, float, float}}> reversed; what is read at the low end, in the
     * middle and at the high end of the stick
     */
    public static function uneven(): array
    {
        return [
            'more above the middle' => [false, [1010.0, 1492.0, 2008.0]],
            'more below it' => [false, [985.0, 1511.0, 1990.0]],
            'reversed, and high' => [true, [2004.0, 1513.0, 1006.0]],
            'reversed, and low' => [true, [1996.0, 1486.0, 1002.0]],
        ];
    }

    /**
     * What a controller reads isn't straight: between the three points it is. The centre lies where those lines read
     * 1500.
     *
     * @param  array{float, float, float}  $read
     */
    #[DataProvider('uneven')]
    public function test_an_uneven_reading_is_centred_on_the_side_where_the_centre_goes(
        bool $reverse,
        array $read,
    ): void {
        $kit = Given::transmitter();
        $output = self::roll()->with(travel: new Range(0.96, 0.96), reverse: $reverse);
        $sent = EndsCentre::sent($output, $kit);
        $solved = EndsCentre::solve($output, $kit, ...$read);
        $reading = new Reading(channel: 1, sent: $sent, read: $reverse ? array_reverse($read) : $read);

        self::assertEqualsWithDelta(
            1500,
            $reading->reads($kit->scale->centre + $kit->scale->span * OutputStages::of($solved, 0.0)->signal),
            0.01,
        );
    }

    /** ± 400 µs read as ± 200: 500 µs would take 1000 of them, 250 % of 400; 100 % of 400 are missing. */
    public function test_what_is_out_of_reach_says_by_how_much(): void
    {
        $this->expectExceptionMessage(
            'this would take a travel of 250 %, and there is no more than 150 %: 400 µs are missing',
        );
        EndsCentre::solve(
            self::roll(),
            Given::transmitter('quayside-8'),
            1300,
            1500,
            1700,
        );
    }

    public function test_a_travel_of_150_per_cent_is_the_last_that_there_is(): void
    {
        $output = self::roll();
        $kit = Given::transmitter('quayside-8');
        // ± 400 µs read as ± x: 500 · 400 / x µs are needed, in shares of 400.
        self::assertEqualsWithDelta(
            1.5,
            EndsCentre::solve($output, $kit, 1500 - 1000 / 3, 1500, 1500 + 1000 / 3)->travel->high,
            1e-6,
        );
        foreach ([[1500 - 332, 1500 + 400], [1500 - 400, 1500 + 332]] as [$low, $high]) {
            try {
                EndsCentre::solve($output, $kit, $low, 1500, $high);
                self::fail('It was taken');
            } catch (Refused $refused) {
                self::assertStringContainsString(
                    'a travel of 151 %, and there is no more than 150 %: 2 µs are missing',
                    $refused->getMessage(),
                );
            }
        }
    }

    public function test_the_throttles_centre_stays(): void
    {
        $kit = Given::transmitter();
        $output = self::roll()->with(channel: 3, name: 'Throttle', travel: Range::both(0.9));
        $solved = EndsCentre::solve($output, $kit, 1039.2, 1500, 1960.8, false);

        self::assertSame(0.0, $solved->subtrim);
        self::assertEqualsWithDelta(0.9765625, $solved->travel->high, 1e-5);
    }

    /** Its stick's low end is its longest pulse: what was short below is lengthened there. */
    public function test_a_reversed_throttle_off_its_centre_reads_right_at_both_ends(): void
    {
        $kit = Given::transmitter();
        foreach ([false, true] as $reverse) {
            $output = self::roll()->with(channel: 3, name: 'Throttle', travel: Range::both(0.9), reverse: $reverse);
            $reads = fn (Output $of, float $stick): float => 20 +
                $kit->scale->pulse(OutputStages::of($of, $stick)->signal);
            $read = array_map(fn (float $stick): float => $reads($output, $stick), [-1.0, 0.0, 1.0]);
            $solved = EndsCentre::solve($output, $kit, $read[0], $read[1], $read[2], false);
            $ends = [$reads($solved, -1), $reads($solved, 1)];

            self::assertEqualsWithDelta($reverse ? [2000, 1000] : [1000, 2000], $ends, 1.0);
            self::assertSame($reads($output, 0), $reads($solved, 0));
        }
    }

    public function test_readings_that_cannot_be_are_told(): void
    {
        $kit = Given::transmitter('quayside-8');
        $output = self::roll();
        $told = function (float $low, float $centre, float $high) use ($output, $kit): string {
            try {
                EndsCentre::solve($output, $kit, $low, $centre, $high);
            } catch (Refused $refused) {
                return $refused->getMessage();
            }
            self::fail('It was taken');
        };

        self::assertStringContainsString('the centre reads 2100 µs, outside of the ends', $told(1100, 2100, 1900));
        self::assertStringContainsString('outside of the ends', $told(1100, 1100, 1900), 'an end is no centre');
        self::assertStringContainsString('outside of the ends', $told(1100, 1900, 1900));
        self::assertStringContainsString('the channel goes the other way', $told(1900, 1500, 1100));
        self::assertStringContainsString('this would take a travel of', $told(1300, 1500, 1700));
    }

    /**
     * A reversed channel's low end of the stick is its longest pulse; what is kept rises. The throttle's centre stays
     * where it was.
     */
    public function test_what_was_read_is_kept_from_the_shortest_pulse_on(): void
    {
        $d = json_decode(Given::demo('nightjar'));
        $d->outputs[0]->reverse = true;
        $circuit = Given::circuit((string) json_encode($d));
        $roll = EndsCentre::calibrated($circuit, $circuit->program->output(1) ?? self::fail(), 1990, 1507, 1010);
        $throttle = EndsCentre::calibrated(
            $roll = Given::circuit(ProgramEncoder::encode($roll)),
            $roll->program->output(3) ?? self::fail(),
            1010,
            1530,
            1990,
        );

        self::assertSame([1, 3], array_keys($throttle->aboard->readings));
        self::assertSame([1010.0, 1507.0, 1990.0], $throttle->aboard->readings[1]->read);
        self::assertSame(
            EndsCentre::sent($circuit->program->output(1) ?? self::fail(), Given::transmitter()),
            $throttle->aboard->readings[1]->sent,
        );
        self::assertNotSame(0.0, $throttle->output(1)?->subtrim);
        self::assertSame($circuit->program->output(3)?->subtrim, $throttle->output(3)?->subtrim);
    }

    public function test_a_board_turned_by_180_degrees_shows_pitch_and_roll_reversed(): void
    {
        // Common practice.
        $turned = BoardTurn::explain(['roll', false], ['pitch', false], ['yaw', true]);

        self::assertSame([180, false], [$turned->yaw, $turned->flipped]);
        self::assertStringContainsString(
            'turned by 180° in yaw: set that alignment in the controller. Don\'t reverse channels',
            $turned->says(),
        );
        self::assertSame(
            'The board lies as it should: picture and aircraft move alike.',
            BoardTurn::explain(['roll', true], ['pitch', true], ['yaw', true])->says(),
        );
    }

    /**
     * By hand and eye: where the board's arrow points to the right, it dips when the aircraft rolls to the right.
     */
    public function test_a_board_turned_by_90_degrees_shows_roll_as_pitch(): void
    {
        self::assertSame([['pitch', false], ['roll', true], ['yaw', true]], BoardTurn::picture(90, false));
        self::assertSame([['pitch', true], ['roll', false], ['yaw', true]], BoardTurn::picture(270, false));
        // On its back and to the right: nose up is shown for what dips, and yaw the other way round.
        self::assertSame([['pitch', true], ['roll', true], ['yaw', false]], BoardTurn::picture(90, true));
    }

    public function test_a_mounting_says_how_it_lies_and_by_how_much_it_is_turned(): void
    {
        $says = fn (int $yaw, bool $flipped): string => BoardTurn::explain(
            ...BoardTurn::picture($yaw, $flipped),
        )->says();

        self::assertStringStartsWith('The board is mounted on its back: set that', $says(0, true));
        self::assertStringStartsWith('The board is mounted on its back and turned by 90° in yaw: set', $says(90, true));
        self::assertStringStartsWith('The board is mounted flat and turned by 270° in yaw: set', $says(270, false));
    }

    public function test_every_mounting_is_told_from_every_other(): void
    {
        $seen = [];
        foreach ([false, true] as $flipped) {
            foreach ([0, 90, 180, 270] as $yaw) {
                $picture = BoardTurn::picture($yaw, $flipped);
                $seen[] = (string) json_encode($picture);
                $found = BoardTurn::explain(...$picture);
                self::assertSame([$yaw, $flipped], [$found->yaw, $found->flipped]);
            }
        }
        self::assertCount(8, array_unique($seen));
        $this->expectException(Refused::class);
        BoardTurn::explain(['yaw', true], ['pitch', true], ['roll', true]);
    }
}
