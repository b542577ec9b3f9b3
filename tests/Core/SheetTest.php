<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Format\SheetEncoder;
use DuskSwitch\Core\Format\TransmitterDecoder;
use DuskSwitch\Core\Sheet\Line;
use DuskSwitch\Core\Sheet\Mixes;
use DuskSwitch\Core\Sheet\Sheet;
use PHPUnit\Framework\TestCase;
use stdClass;

/** What one keys in, for the transmitter at hand, in the order in which one does it. */
final class SheetTest extends TestCase
{
    private static function sheet(string $demo, string $for): Sheet
    {
        $circuit = Given::circuit(Given::demo($demo));

        return Sheet::elsewhere(
            $circuit->program,
            $circuit->panel->transmitter,
            Given::transmitter($for),
            Given::catalogue(),
        );
    }

    /** @return array<string, Line> by what it is */
    private static function lines(Sheet $sheet, string $section): array
    {
        foreach ($sheet->sections as $one) {
            if ($one->title === $section) {
                return array_column($one->lines, null, 'what');
            }
        }
        self::fail("no section {$section}");
    }

    public function test_it_begins_empty_and_ends_with_a_look(): void
    {
        $titles = array_column(self::sheet('nightjar', 'harbour-16')->sections, 'title');

        self::assertSame(
            [
                'Begin',
                'Sticks and switches',
                'Phases',
                'Channels',
                'Direction',
                'Ends',
                'Centre',
                'Limits',
                'Switch positions',
                'Rates and expo',
                'Curves',
                'Start check',
                'Failsafe',
                'Sensors',
                'Units',
                'Calculated values',
                'Alarms',
                'Callouts',
                'Voice',
                'Look once more',
            ],
            $titles,
        );
    }

    public function test_travel_of_125_per_cent_where_the_span_is_400(): void
    {
        $ends = self::lines(self::sheet('nightjar', 'quayside-8'), 'Ends');

        self::assertSame(['125 %', null], [$ends['3 Throttle, both']->value, $ends['3 Throttle, both']->lost]);
    }

    public function test_microseconds_where_the_transmitter_counts_so(): void
    {
        $sheet = self::sheet('petrel', 'lamplight-12');

        self::assertSame('500 µs', self::lines($sheet, 'Ends')['7 Motor, both']->value);
        self::assertSame(
            ['5 Elevator' => '8 µs', 'Every other channel' => '0 µs'],
            array_map(fn (Line $line): string => $line->value, self::lines($sheet, 'Centre')),
        );
    }

    public function test_switch_positions_directly_or_by_mixes(): void
    {
        $direct = self::lines(self::sheet('nightjar', 'harbour-16'), 'Switch positions');
        $mixed = self::lines(self::sheet('nightjar', 'quayside-8'), 'Switch positions');

        self::assertSame('−40 %, 1300 µs', $direct['6 Flight mode, Come home']->value);
        self::assertSame('offset −250 points, rate 0 %: 1300 µs', $mixed['6 Flight mode, Come home']->value);
        $ends = self::lines(self::sheet('nightjar', 'quayside-8'), 'Ends');
        self::assertArrayNotHasKey(
            '6 Flight mode, both',
            $ends,
            'its travel is 100 % and its sub-trim 0 for the mixes',
        );
        // A switch of two positions goes from end to end by itself (common practice).
        self::assertSame('100 %, 2000 µs', $mixed['5 Arm, Armed']->value);
        self::assertSame('125 %', $ends['5 Arm, both']->value);
    }

    public function test_link_receiver_start_check_and_failsafe_are_named(): void
    {
        $circuit = Given::circuit(Given::demo('nightjar'));
        $sheet = Sheet::of(
            $circuit->program,
            $circuit->panel->transmitter,
            Given::catalogue(),
        );

        $begin = self::lines($sheet, 'Begin');
        self::assertSame('Two-way hopping', $begin['Link']->value);
        self::assertSame('Wide, 16 channels', $begin['Sub-type']->value);
        self::assertStringStartsWith('Lantern R8, ', $begin['Receiver']->value);
        self::assertSame('warns unless toward', self::lines($sheet, 'Start check')['Left shoulder']->value);
        self::assertSame('no pulses', self::lines($sheet, 'Failsafe')['3 Throttle']->value);
    }

    /** Petrel mixes most of its surfaces. */
    public function test_more_mixes_than_the_transmitter_has_are_told_with_the_way_out(): void
    {
        $circuit = Given::circuit(Given::demo('petrel'));
        $free = (new Mixes($circuit->program, $circuit->panel->transmitter))->count();
        $few = json_decode((string) file_get_contents(Given::DEMO.'/stores/transmitters/harbour-16.json'));
        $of = function (int $mixes) use ($few, $circuit): Sheet {
            $few->keying ??= new stdClass();
            $few->keying->mixes = $mixes;

            $transmitter = TransmitterDecoder::decode((string) json_encode($few));

            return Sheet::of($circuit->program, $transmitter, Given::catalogue());
        };

        self::assertSame(array_sum((new Mixes($circuit->program, $circuit->panel->transmitter))->byChannel()), $free);
        self::assertSame([], $of($free)->losses);
        self::assertStringContainsString(
            "takes {$free} mixes, and Harbour 16 has ".($free - 1),
            $of($free - 1)->losses[0],
        );
    }

    public function test_a_line_is_the_same_whatever_things_are_called(): void
    {
        $document = Given::demo('petrel');
        $keys = fn (string $text): array => array_keys(
            Sheet::of(Given::circuit($text)->program, Given::transmitter(), Given::catalogue())->lines(),
        );
        $renamed = str_replace(
            ['"name": "Left aileron"', '"name": "Roll"', '"name": "Thermal"'],
            ['"name": "Quer links"', '"name": "Quer"', '"name": "Bart"'],
            $document,
        );

        self::assertNotSame($document, $renamed);
        self::assertSame($keys($document), $keys($renamed));
    }

    public function test_the_pulses_of_the_sheet_are_those_of_the_circuit(): void
    {
        $rook = Given::circuit(Given::demo('rook'));
        $lines = self::lines(Sheet::of($rook->program, $rook->panel->transmitter, Given::catalogue()), 'Switch positions');
        foreach (['toward' => 'Gentle', 'middle' => 'Sporty', 'away' => 'Aerobatic'] as $detent => $step) {
            self::assertStringEndsWith(
                ', '.Given::frame($rook, controls: ['left-front' => $detent])->pulse(7).' µs',
                $lines["7 Style, {$step}"]->value,
            );
        }
    }

    public function test_what_it_cannot_hold_is_marked_with_the_nearest_and_what_is_lost(): void
    {
        $circuit = Given::roll(
            ['shape' => ['main' => ['rate' => 1.3, 'expo' => 0.333]]],
            ['travel' => 1.2, 'subtrim' => 0.5],
            ['transmitter' => 'lamplight-12'],
        );
        $sheet = Sheet::of($circuit->program, $circuit->panel->transmitter, Given::catalogue());

        $roll = self::lines($sheet, 'Rates and expo')['Roll'];
        self::assertSame(
            ['rate 125 %, expo 33 %', '130 %, 130 %, 33.3 %', 'up to 5 % of the stick'],
            [$roll->value, $roll->wanted, $roll->lost],
        );
        self::assertSame(1, $sheet->compromises());

        $far = Given::roll([], ['subtrim' => 0.9], ['transmitter' => 'lamplight-12']);
        $centre = self::lines(Sheet::of($far->program, $far->panel->transmitter, Given::catalogue()), 'Centre')['1 Roll'];
        self::assertSame(['200 µs', '360 µs', '160 µs too low'], [$centre->value, $centre->wanted, $centre->lost]);
    }

    public function test_curves_and_phases_that_have_no_room_are_told(): void
    {
        $curves = self::lines(self::sheet('nightjar', 'quayside-8'), 'Curves');
        self::assertSame(
            'Quayside 8 draws straight lines only; put points where it bends',
            $curves['hover-soft']->lost,
        );

        $phases = self::lines(self::sheet('petrel', 'quayside-8'), 'Phases');
        self::assertNull($phases['Landing']->lost);
        self::assertSame(3, Given::transmitter('quayside-8')->keying->phases);
        self::assertSame('Quayside 8 has room for 3 phases', $phases['Thermal']->lost, 'two beside the first');
    }

    public function test_the_page_and_the_table_take_any_name(): void
    {
        $circuit = Given::roll([], ['name' => '=1+1 <b>,"x"']);
        $sheet = Sheet::of($circuit->program->named('<script>'), $circuit->panel->transmitter, Given::catalogue());

        self::assertStringNotContainsString('<script>', SheetEncoder::html($sheet));
        self::assertStringContainsString('&lt;script&gt;', SheetEncoder::html($sheet));
        $rows = array_map(
            fn (string $row): array => str_getcsv($row),
            explode("\r\n", trim(SheetEncoder::csv($sheet))),
        );
        self::assertSame(['section', 'what', 'value', 'wanted', 'lost'], $rows[0]);
        self::assertContains(['Channels', '1 =1+1 <b>,"x"', 'Roll', '', ''], $rows);
    }
}
