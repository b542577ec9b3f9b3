<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\App\Program\KeptFlights;
use DuskSwitch\App\Program\Rehearser;
use DuskSwitch\Core\Flight\Recording;
use DuskSwitch\Core\Rehearsal\RehearsalSettings;
use DuskSwitch\Core\Signal\Circuit;
use PHPUnit\Framework\TestCase;

/** A rehearsal as it leaves the core, and the flights that are kept so that an alarm can be changed without flying. */
final class RehearsalFileTest extends TestCase
{
    private string $folder;

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/rehearsals-'.bin2hex(random_bytes(4));
    }

    protected function tearDown(): void
    {
        array_map(unlink(...), glob("{$this->folder}/*") ?: []);
        is_dir($this->folder) && rmdir($this->folder);
    }

    private function rehearser(): Rehearser
    {
        return new Rehearser(Given::catalogue(), Given::catalogue(), new KeptFlights($this->folder));
    }

    /** @return array<string, mixed> */
    private function written(string $demo, string $script, RehearsalSettings $setting): array
    {
        $circuit = Given::circuit(Given::demo($demo));

        return $this->rehearser()->rehearse(
            $circuit,
            Given::catalogue()->scenario($script) ?? self::fail(),
            $setting,
            true,
        );
    }

    public function test_what_is_drawn_is_drawn_in_the_pilots_units(): void
    {
        $document = json_decode(Given::demo('petrel'));
        $document->sense->system = 'nautical';
        $circuit = Given::circuit((string) json_encode($document, JSON_PRESERVE_ZERO_FRACTION));
        $metric = $this->written('petrel', 'thermal', new RehearsalSettings(1));
        $nautical = $this->rehearser()->rehearse(
            $circuit,
            Given::catalogue()->scenario('thermal') ?? self::fail(),
            new RehearsalSettings(1),
            true,
        );

        self::assertSame($metric['truth'], $nautical['truth'], 'the same flight');
        self::assertSame(
            [['Height', 'm'], ['Air', 'km/h'], ['Cell', 'V'], ['Link', '%']],
            array_map(fn (array $one): array => [$one['name'], $one['unit']], $metric['traces']),
        );
        self::assertSame(['ft', 'kn', 'V', '%'], array_column($nautical['traces'], 'unit'));
        self::assertEqualsWithDelta(
            max($metric['truth']['height']) / 0.3048,
            max($nautical['traces'][0]['true']),
            0.5,
        );
        self::assertNull($metric['traces'][1]['data'], 'no probe tells the airspeed');
        self::assertNotEquals($metric['traces'][0]['true'], $metric['traces'][0]['data'], 'a barometer is no truth');
        self::assertEqualsWithDelta(
            ($metric['truth']['airspeed'][400] * 3600) / 1852,
            $nautical['traces'][1]['true'][400],
            0.06,
        );
        self::assertSame($metric['extent']['top'], $nautical['extent']['top']);
        self::assertSame(
            [round($metric['extent']['top']).' m', round($metric['extent']['top'] / 0.3048).' ft'],
            [$metric['extent']['says']['top'], $nautical['extent']['says']['top']],
        );
    }

    public function test_beside_what_the_transmitter_had_stands_its_age_and_what_truly_was(): void
    {
        $circuit = Given::circuit(Given::demo('petrel'));
        $written = $this->rehearser()->rehearseWithTruth(
            $circuit,
            Given::catalogue()->scenario('thermal') ?? self::fail(),
            new RehearsalSettings(2, mishaps: ['silent' => 60.0]),
        );
        $plain = $this->rehearser()->rehearse(
            $circuit,
            Given::catalogue()->scenario('thermal') ?? self::fail(),
            new RehearsalSettings(2, mishaps: ['silent' => 60.0]),
            true,
        );
        self::assertSame($plain['truth'], $written['truth'], 'to look at the truth changes no flight');
        self::assertArrayNotHasKey('true', $plain['values'][0]);
        $values = array_column($written['values'], null, 'id');
        foreach ($values as $id => $value) {
            self::assertSame($value['data'], $value['received'], $id);
            foreach ($value['age'][5] === null ? [] : $value['received'] as $row => $received) {
                self::assertSame($received === null, $value['age'][$row] === null, "{$id} {$row}");
                self::assertLessThanOrEqual(0.8, $value['age'][$row] ?? 0.0, 'three reports 0.2 s apart, and the row');
                self::assertGreaterThanOrEqual(0.0, $value['age'][$row] ?? 0.0);
            }
        }
        $heights = $values['vario-height'];
        foreach ($written['truth']['height'] as $row => $true) {
            self::assertEqualsWithDelta($true, $heights['true'][$row], 0.051, 'the truth of the height is the height');
        }
        [[$from, $to]] = $heights['missing'];
        self::assertEqualsWithDelta(60.6, $from, 0.3, 'the first on the wire fell silent');
        self::assertSame($written['seconds'], $to);
        self::assertSame([], $values['power-volts']['missing']);
        self::assertGreaterThan(10, count(array_filter($values['cell']['true'])), 'also of what is calculated');
    }

    public function test_every_column_has_a_row_for_every_moment(): void
    {
        $written = $this->written('petrel', 'thermal', new RehearsalSettings(1));
        $rows = (int) round($written['seconds'] / $written['every']) + 1;
        foreach ([...$written['truth'], ...$written['sticks']] as $name => $column) {
            self::assertCount($rows, $column, $name);
        }
        foreach ([...$written['outputs'], ...$written['values']] as $one) {
            self::assertCount($rows, $one['pulses'] ?? $one['data'], $one['name']);
        }
        self::assertContains(0, array_column($written['tone'], 'frequency'), 'silence between');
        self::assertGreaterThan(2, count(array_unique(array_column($written['tone'], 'frequency'))));
    }

    public function test_changes_are_told_once_and_in_order(): void
    {
        $written = $this->written('petrel', 'thermal', new RehearsalSettings(1));
        foreach (['hands', 'steps'] as $list) {
            $times = array_column($written[$list], 'at');
            $sorted = $times;
            sort($sorted);
            self::assertSame($sorted, $times);
            self::assertSame(0.0, $times[0], 'the first says everything');
        }
        $phases = array_values(
            array_filter(array_map(fn (array $one): ?string => $one['is']->phase ?? null, $written['steps'])),
        );
        self::assertSame(['cruise', 'launch', 'cruise', 'thermal', 'cruise', 'thermal', 'cruise', 'landing'], $phases);
        self::assertSame('toward', $written['hands'][0]['is']->{'top-left'}, 'switches by their detent');
        self::assertSame(0.0, $written['hands'][0]['is']->{'slider-left'}, 'sliders by where they stand');
    }

    public function test_mishaps_and_lost_links_stand_beside_the_legs(): void
    {
        $written = $this->written('nightjar', 'out-and-back', new RehearsalSettings(1, mishaps: ['antenna' => 85.0]));

        self::assertCount(
            1,
            array_filter($written['events'], fn (array $one): bool => $one['kind'] === 'mishap' && $one['at'] === 85.0),
        );
        self::assertCount(1, $written['lost']);
        self::assertEqualsWithDelta([85.0, 93.2], $written['lost'][0], 0.4);
        self::assertSame('Power up, wait for satellites', $written['events'][0]['says']);
    }

    public function test_an_angle_that_only_a_machine_reads_is_left_out(): void
    {
        $names = array_column($this->written('dunlin', 'wind', new RehearsalSettings(1))['values'], 'id');

        self::assertNotContains('gps-latitude', $names);
        self::assertContains('wind-from', $names);
    }

    public function test_an_unheard_flight_is_flown_once(): void
    {
        $circuit = Given::circuit(Given::demo('midge'));
        $scenario = Given::catalogue()->scenario('first-hover') ?? self::fail();
        $first = $this->rehearser()->flight($circuit, $scenario, new RehearsalSettings(1));
        $kept = glob("{$this->folder}/*") ?: [];
        self::assertCount(1, $kept);
        touch($kept[0], 1);
        self::assertEquals($first, $this->rehearser()->flight($circuit, $scenario, new RehearsalSettings(1)));
        self::assertCount(1, glob("{$this->folder}/*") ?: [], 'it was taken, not flown');

        $this->rehearser()->flight(self::louder($circuit), $scenario, new RehearsalSettings(1));
        self::assertCount(1, glob("{$this->folder}/*") ?: [], 'another alarm is the same flight');
        $this->rehearser()->flight($circuit, $scenario, new RehearsalSettings(2));
        self::assertCount(2, glob("{$this->folder}/*") ?: [], 'another day is another');
    }

    public function test_a_spoilt_file_is_flown_again_and_old_flights_go(): void
    {
        $circuit = Given::circuit(Given::demo('midge'));
        $scenario = Given::catalogue()->scenario('first-hover') ?? self::fail();
        $first = $this->rehearser()->flight($circuit, $scenario, new RehearsalSettings(1));
        file_put_contents((glob("{$this->folder}/*") ?: [''])[0], 'not a flight');
        self::assertEquals($first, $this->rehearser()->flight($circuit, $scenario, new RehearsalSettings(1)));
        foreach (range(2, 26) as $seed) {
            $this->rehearser()->flight($circuit, $scenario, new RehearsalSettings($seed));
        }

        self::assertCount(24, glob("{$this->folder}/*") ?: []);
    }

    public function test_what_was_heard_is_kept_with_the_flight_and_changes_nothing(): void
    {
        $circuit = Given::circuit(Given::demo('midge'));
        $scenario = Given::catalogue()->scenario('first-hover') ?? self::fail();
        $day = new RehearsalSettings(1);
        $heard = fn (Circuit $of): array => $this->rehearser()->rehearse($of, $scenario, $day, false);
        $first = $heard($circuit);
        self::assertCount(2, glob("{$this->folder}/*") ?: [], 'the flight, and what was heard of it');
        $louder = $heard(self::louder($circuit));
        self::assertEquals($first, $heard($circuit), 'back again it is as it was');
        foreach (glob("{$this->folder}/*.heard") ?: [] as $file) {
            file_put_contents($file, 'spoilt');
        }
        self::assertEquals($louder, $heard(self::louder($circuit)));
    }

    public function test_where_nothing_can_be_kept_it_is_flown_all_the_same(): void
    {
        $nowhere = new Rehearser(Given::catalogue(), Given::catalogue(), new KeptFlights('/proc/nowhere'));

        self::assertInstanceOf(
            Recording::class,
            $nowhere->flight(
                Given::circuit(Given::demo('midge')),
                Given::catalogue()->scenario('first-hover') ?? self::fail(),
                new RehearsalSettings(1),
            ),
        );
    }

    private static function louder(Circuit $circuit): Circuit
    {
        $document = json_decode(Given::demo('midge'));
        $document->sense->calls[0]->when->below = 3.7;

        return Given::circuit((string) json_encode($document, JSON_PRESERVE_ZERO_FRACTION));
    }
}
