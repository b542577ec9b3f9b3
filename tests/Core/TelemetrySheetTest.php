<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Format\ProgramDecoder;
use DuskSwitch\Core\Format\SheetEncoder;
use DuskSwitch\Core\Format\TransmitterDecoder;
use DuskSwitch\Core\Format\TransmitterWriter;
use DuskSwitch\Core\Kit\TimeGrid;
use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Sheet\Line;
use DuskSwitch\Core\Sheet\Sheet;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What of telemetry is entered into a transmitter, into one that can do all of it and into one that can't. */
final class TelemetrySheetTest extends TestCase
{
    /** A sailplane of one's own in feet, with a sensor that nobody has. */
    private const SENSE = [
        'bus' => 'one-way',
        'interval' => 1.0,
        'system' => 'imperial',
        'units' => ['nase-climb' => 'm/s'],
        'chain' => [
            ['id' => 'nase', 'sensor' => 'skylark-vario', 'address' => 9, 'slot' => 24],
            ['id' => 'strom', 'sensor' => 'teal-current'],
            ['id' => 'weg', 'sensor' => 'nowhere'],
        ],
        'values' => [
            ['id' => 'hoehe', 'name' => 'Höhe', 'does' => 'relative', 'of' => ['nase-height']],
            ['id' => 'oben', 'name' => 'Oben', 'does' => 'most', 'of' => ['hoehe']],
            ['id' => 'zelle', 'name' => 'Zelle', 'does' => 'cell-average', 'of' => ['strom-volts']],
            ['id' => 'zeit', 'name' => 'Zeit', 'does' => 'timer', 'while' => ['sensor' => 'hoehe', 'above' => 3.048]],
        ],
        'calls' => [
            [
                'id' => 'ruf', 'name' => 'Ansage', 'when' => ['sensor' => 'oben', 'above' => 152.4],
                'says' => ['Oben', ['value' => 'oben', 'unit' => false]], 'repeat' => 33,
            ],
            [
                'id' => 'leer', 'name' => 'Leer', 'priority' => 'critical', 'hold' => 2.4, 'repeat' => 7, 'plays' => 'siren',
                'when' => ['all' => [['sensor' => 'zelle', 'below' => 3.5, 'hysteresis' => 0.1], ['phase' => 'main']]],
                'after' => ['sensor' => 'hoehe', 'above' => 30.48], 'says' => ['Zelle', ['value' => 'zelle', 'places' => 2]],
            ],
        ],
        'announces' => ['phase'],
        'tone' => ['quiet' => [-0.5, 0.3]],
    ];

    /** @param  array<string, mixed>|null  $telemetry  what it can; null where its definition doesn't say */
    private static function transmitter(?array $telemetry, int $slots = 0): Transmitter
    {
        $document = json_decode((string) file_get_contents(Given::DEMO.'/stores/transmitters/lamplight-12.json'), true);
        [$document['id'], $document['name'], $document['sensorSlots']] = ['mein', 'Mein Sender', $slots];
        unset($document['keying']['telemetry']);
        if ($telemetry !== null) {
            $document['keying']['telemetry'] = (object) $telemetry;
        }

        return TransmitterDecoder::decode((string) json_encode($document, JSON_PRESERVE_ZERO_FRACTION));
    }

    /** @param  array<string, mixed>  $sense */
    private static function sheet(Transmitter $transmitter, array $sense = self::SENSE): Sheet
    {
        $text = Given::text(['transmitter' => 'mein', 'sense' => (object) $sense, 'phases' => [['id' => 'main', 'name' => 'Immer']]]);

        return Sheet::of(ProgramDecoder::decode($text), $transmitter, Given::catalogue());
    }

    /** @return array<string, array<string, Line>> by section and by what it is */
    private static function lines(Sheet $sheet): array
    {
        $lines = [];
        foreach ($sheet->sections as $section) {
            $lines[$section->title] = array_column($section->lines, null, 'what');
        }

        return $lines;
    }

    public function test_a_transmitter_that_can_all_of_it_gets_everything_in_the_pilots_units(): void
    {
        $lines = self::lines(self::sheet(self::transmitter([], 32)));
        self::assertSame('address 9, slots 24 to 31', $lines['Sensors']['Skylark variometer']->value);
        self::assertSame('1 s', $lines['Sensors']['Report interval']->value);
        self::assertStringContainsString('older one-way', $lines['Sensors']['Sensor bus, at the receiver\'s pin']->value);
        self::assertSame('no slots are planned: solve them in Telemetry', $lines['Sensors']['Teal current sensor']->lost);
        self::assertStringContainsString('isn\'t in Equipment', $lines['Sensors']['nowhere']->value);
        self::assertSame(['Climb', 'Every other value'], array_keys($lines['Units']));
        self::assertSame('m/s', $lines['Units']['Climb']->value);
        self::assertSame('above the field, from Height; in ft', $lines['Calculated values']['Höhe']->value);
        self::assertSame('counts while Höhe above 10 ft', $lines['Timers']['Zeit']->value);
        self::assertSame(
            'Zelle below 3.5 V and phase Immer; hysteresis 0.1 V; must last 2.4 s; critical; a siren, high and low; '.
                'says “Zelle”, Zelle to 0.01; repeat every 7 s; quiet until Höhe above 100 ft',
            $lines['Alarms']['Leer']->value,
        );
        self::assertSame(
            'Oben above 500 ft; says “Oben”, Oben whole without its unit; repeat every 33 s',
            $lines['Callouts']['Ansage']->value,
        );
        self::assertSame('announce changes: Immer', $lines['Callouts']['Phases']->value);
        self::assertSame('from −0.5 to 0.3 m/s', $lines['Variometer']['Silent']->value);
        self::assertSame('Climb', $lines['Variometer']['Follows']->value);
        self::assertMatchesRegularExpression('/^\d+ clips/', $lines['Voice']['Voice pack']->value);
    }

    public function test_what_it_cannot_do_stands_beside_the_nearest_that_it_can(): void
    {
        $sheet = self::sheet(self::transmitter([
            'hold' => ['most' => 2, 'step' => 1], 'repeat' => ['most' => 30, 'step' => 5], 'hysteresis' => false,
            'joins' => false, 'priorities' => false, 'tone' => false,
        ]));
        $lines = self::lines($sheet);
        $empty = $lines['Alarms']['Leer'];
        self::assertSame(
            'Zelle below 3.5 V; must last 2 s; a siren, high and low; says “Zelle”, Zelle to 0.01; repeat every 5 s; '.
                'quiet until Höhe above 100 ft',
            $empty->value,
        );
        self::assertSame(
            'it speaks in every phase and at every switch; it waits 2 s; it repeats every 5 s; '.
                'without hysteresis it may speak again and again at its level; without priorities it may be spoken late',
            $empty->lost,
        );
        self::assertStringContainsString('must last 2.4 s; critical', (string) $empty->wanted);
        self::assertSame('it repeats every 30 s', $lines['Callouts']['Ansage']->lost);
        self::assertSame('Mein Sender has no tone', $lines['Variometer']['Tone']->lost);
        self::assertSame(3, $sheet->compromises());
        self::assertStringContainsString('Mein Sender has no tone', SheetEncoder::csv($sheet));
        self::assertStringContainsString('Mein Sender has no tone', SheetEncoder::html($sheet));
    }

    public function test_a_value_that_it_cannot_calculate_takes_along_what_waits_for_it(): void
    {
        $lines = self::lines(self::sheet(self::transmitter(['derives' => ['most', 'cell-average', 'timer']])));
        self::assertSame(
            ['not calculated here: read Height', 'Mein Sender doesn\'t calculate it; alarms on it stay silent'],
            [$lines['Calculated values']['Höhe']->value, $lines['Calculated values']['Höhe']->lost],
        );
        self::assertStringContainsString('what it is calculated of isn\'t there', (string) $lines['Calculated values']['Oben']->lost);
        self::assertSame('it waits for Oben, which isn\'t there', $lines['Callouts']['Ansage']->lost);
        self::assertNull($lines['Calculated values']['Zelle']->lost);
    }

    public function test_no_way_to_calculate_said_is_no_limit(): void
    {
        self::assertNull(self::transmitter(['derives' => []])->keying->telemetry?->derives);
    }

    public function test_the_last_that_have_no_room_are_told(): void
    {
        $lines = self::lines(self::sheet(self::transmitter(['calls' => 1, 'values' => 3])));
        self::assertNull($lines['Alarms']['Leer']->lost);
        self::assertSame(
            ['no room for it', 'Mein Sender has room for 1 alarms and callouts'],
            [$lines['Callouts']['Ansage']->value, $lines['Callouts']['Ansage']->lost],
        );
        $few = self::lines(self::sheet(self::transmitter(['values' => 2])));
        self::assertStringContainsString('has room for 2 calculated values', (string) $few['Calculated values']['Zelle']->lost);
        self::assertSame('it waits for Zelle, which isn\'t there', $few['Alarms']['Leer']->lost);
    }

    public function test_where_the_definition_does_not_say_it_is_not_checked_and_says_so(): void
    {
        $says = fn (?array $telemetry): string => implode(' ', array_column(
            self::sheet(self::transmitter($telemetry))->sections,
            'says',
        ));
        self::assertStringContainsString('What Mein Sender can do with alarms isn\'t said in Equipment', $says(null));
        self::assertStringNotContainsString('isn\'t said', $says([]));
    }

    public function test_a_line_stays_the_same_through_a_new_name_and_is_another_after_a_new_level(): void
    {
        $keys = fn (array $sense): array => array_map(
            fn (Line $line): string => $line->value,
            self::sheet(self::transmitter([]), $sense)->lines(),
        );
        $renamed = $changed = self::SENSE;
        $renamed['calls'][0]['name'] = 'Hoch oben';
        $renamed['values'][2]['name'] = 'Spannung';
        self::assertSame(array_keys($keys(self::SENSE)), array_keys($keys($renamed)));
        $changed['calls'][0]['when']['above'] = 100.0;
        self::assertCount(1, array_diff_assoc($keys($changed), $keys(self::SENSE)));
    }

    public function test_an_aircraft_that_senses_nothing_has_no_pages_for_it(): void
    {
        $titles = array_column(self::sheet(self::transmitter([]), [])->sections, 'title');
        self::assertSame([], array_intersect(['Sensors', 'Units', 'Alarms', 'Callouts', 'Voice'], $titles));
    }

    public function test_seconds_are_keyed_in_as_the_transmitter_has_them(): void
    {
        $grid = new TimeGrid(10.0, 0.5);
        self::assertSame([0.0, 2.5, 2.0, 10.0], array_map($grid->nearest(...), [0.0, 2.4, 2.2, 33.0]));
        self::assertSame(0.0, (new TimeGrid(0.0, 1.0))->nearest(3.0));
    }

    /** @return iterable<string, array{array<string, mixed>, string|null}> */
    public static function definitions(): iterable
    {
        yield 'nothing of it' => [[], null];
        yield 'all of it' => [
            [
                'calls' => 3, 'hold' => ['most' => 5, 'step' => 0.5], 'repeat' => ['most' => 60, 'step' => 5],
                'hysteresis' => false, 'joins' => false, 'priorities' => false, 'values' => 4, 'derives' => ['most'],
                'tone' => false,
            ],
            null,
        ];
        yield 'steps of nothing' => [['hold' => ['most' => 5, 'step' => 0]], 'keying.telemetry.hold.step'];
        yield 'a way that nobody knows' => [['derives' => ['guess']], 'keying.telemetry.derives[0]'];
        yield 'more than there can be' => [['calls' => 61], 'keying.telemetry.calls'];
        yield 'a word' => [['tone' => 'loud'], 'keying.telemetry.tone'];
    }

    /** @param  array<string, mixed>  $telemetry */
    #[DataProvider('definitions')]
    public function test_what_it_can_is_read_and_written(array $telemetry, ?string $wrong): void
    {
        try {
            $transmitter = self::transmitter($telemetry);
            $again = TransmitterDecoder::decode((string) json_encode(TransmitterWriter::write($transmitter)));
            self::assertNull($wrong);
            self::assertEquals($transmitter->keying->telemetry, $again->keying->telemetry);
        } catch (Refused $refused) {
            self::assertContains($wrong, array_column($refused->faults, 'path'));
        }
    }
}
