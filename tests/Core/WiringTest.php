<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Format\ProgramDecoder;
use DuskSwitch\Core\Link\InstalledKit;
use DuskSwitch\Core\Link\KitVerdict;
use DuskSwitch\Core\Link\Lead;
use DuskSwitch\Core\Link\Wiring;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;

/** Which lead goes where, drawn from what was chosen. */
final class WiringTest extends TestCase
{
    /** @return array<string, array{string, list<string>}> every lead of the aircraft */
    public static function plans(): array
    {
        return [
            'servos on the receiver, which the speed controller feeds' => [
                'tern',
                [
                    'Petrel 3 cells 2200 → Heron 45: medium plug',
                    'Heron 45 → Glimmer R6: + and − first, signal after',
                    'Heron 45 → 5 × Tail and wing servos: + and −',
                    'Glimmer R6 → Ailerons servo: channel 1',
                    'Glimmer R6 → Elevator servo: channel 2',
                    'Glimmer R6 → Heron 45: channel 3',
                    'Glimmer R6 → Rudder servo: channel 4',
                    'Glimmer R6 → Flaps servo: channel 5',
                ],
            ],
            'a flight controller between, its motors on pads' => [
                'midge',
                [
                    'Midge 1 cell 300 → Wren 12: tiny plug',
                    'Midge 1 cell 300 → Keel Mite: pack pads',
                    'Keel Mite → Lantern R8: + and − first, signal after',
                    'Lantern R8 → Keel Mite: serial, port 1',
                    'Keel Mite → Wren 12: motor pads 1 to 4, in the drawing\'s order',
                ],
            ],
            'a wing: elevons on the controller' => [
                'dunlin',
                [
                    'Petrel 3 cells 2200 → Heron 45: medium plug',
                    'Petrel 3 cells 2200 → Keel Wing: pack pads',
                    'Keel Wing → Lantern R8: + and − first, signal after',
                    'Lantern R8 → Keel Wing: serial, port 1',
                    'GPS → Keel Wing: port 2: its TX to RX, its RX to TX',
                    'Keel Wing → 2 × Elevon servos: + and −',
                    'Keel Wing → Left elevon servo: channel 1',
                    'Keel Wing → Right elevon servo: channel 2',
                    'Keel Wing → Heron 45: channel 3',
                    'Lantern R8 → Bittern GPS: sensor bus: minus, plus, signal',
                    'Bittern GPS → Gannet airspeed probe: sensor bus: minus, plus, signal',
                    'Gannet airspeed probe → Teal current sensor: sensor bus: minus, plus, signal',
                ],
            ],
            'a stabiliser between' => [
                'rook',
                [
                    'Rook 6 cells 5000 → Heron 120: large plug',
                    'Heron 120 → Lantern R12: + and − first, signal after',
                    'Lantern R12 → Plumb H: serial, port 1',
                    'Heron 120 → 4 × Swash and tail servos: + and −',
                    'Plumb H → Swash servos: front, left and right, as its manual numbers them',
                    'Plumb H → Tail servo: tail',
                    'Plumb H → Heron 120: throttle',
                    'Lantern R12 → Heron speed controller block: sensor bus: minus, plus, signal',
                ],
            ],
        ];
    }

    /** @param  list<string>  $leads */
    #[DataProvider('plans')]
    public function test_every_lead_is_on_the_plan(string $demo, array $leads): void
    {
        self::assertSame(
            $leads,
            array_map(fn (Lead $one): string => "{$one->from} → {$one->to}: {$one->by}", self::leads($demo)),
        );
    }

    #[DataProviderExternal(Given::class, 'demos')]
    public function test_the_receiver_gets_power_once_and_nothing_feeds_itself(string $demo): void
    {
        $receiver = self::kit($demo)->receiver->name ?? self::fail();
        $power = array_filter(
            self::leads($demo),
            fn (Lead $one): bool => $one->kind === 'power' && $one->to === $receiver,
        );

        self::assertCount(1, $power);
        foreach (self::leads($demo) as $lead) {
            self::assertNotSame($lead->from, $lead->to);
            self::assertContains($lead->kind, ['power', 'signal', 'bus']);
        }
    }

    public function test_power_comes_from_where_it_was_chosen(): void
    {
        $from = fn (string $power, string $speedController = 'heron-45'): string => self::leads('tern', function (
            \stdClass $d,
        ) use ($power, $speedController): void {
            [$d->aboard->kit->power, $d->aboard->kit->speedController] = [$power, $speedController];
        })[1]->from;

        self::assertSame('USB', $from('usb'));
        self::assertSame('Heron 45', $from('pack'), 'through its regulator');
        self::assertSame('Petrel 3 cells 2200', $from('pack', 'wren-12'), 'a speed controller without a regulator');
        self::assertSame('Controller', $from('controller'), 'there is none: the plan says what it would be');
    }

    public function test_a_controller_on_the_bare_pack_has_its_own_pads_and_one_on_the_regulator_has_none(): void
    {
        $to = fn (string $demo): array => array_column(
            array_filter(self::leads($demo), fn (Lead $one): bool => $one->by === 'pack pads'),
            'to',
        );

        self::assertSame([['Keel F4'], [], []], [$to('nightjar'), $to('rook'), $to('tern')]);
    }

    public function test_without_a_controller_no_signal_lead_is_drawn_to_one(): void
    {
        $by = fn (string $wire): array => array_map(
            fn (Lead $one): string => $one->by,
            self::leads('tern', fn (\stdClass $d) => ($d->aboard->kit->wire = $wire)),
        );

        self::assertNotContains('serial', $by('serial'));
        self::assertNotContains('sum signal, one lead', $by('sum'));
        self::assertNotContains('serial', $by('leads'));
        $leads = array_map(
            fn (Lead $one): string => $one->by,
            self::leads('midge', fn (\stdClass $d) => ($d->aboard->kit->wire = 'leads')),
        );
        self::assertSame(
            [],
            array_filter($leads, fn (string $one): bool => str_starts_with($one, 'serial')),
            'one lead per channel is no serial wire',
        );
    }

    public function test_a_serial_wire_names_its_port_where_one_is_given(): void
    {
        $by = fn (callable $change): array => array_values(
            array_filter(
                array_map(fn (Lead $one): string => $one->by, self::leads('midge', $change)),
                fn (string $one): bool => str_starts_with($one, 'serial'),
            ),
        );

        self::assertSame(['serial, port 1'], $by(fn (\stdClass $d) => null));
        self::assertSame(['serial'], $by(fn (\stdClass $d) => ($d->aboard->kit->ports = [])));
    }

    /** @return array<string, array{string, string|null}> who is said to be on the port */
    public static function owners(): array
    {
        return [
            'the word' => ['receiver', '2'],
            'the word, large' => [' Receiver ', '2'],
            'its name' => ['LANTERN R8', '2'],
            'its id' => ['lantern-r8', '2'],
            'another one' => ['Lantern R12', null],
            'a word that is not known' => ['Empfänger', null],
        ];
    }

    #[DataProvider('owners')]
    public function test_the_receiver_is_on_a_port_under_its_own_name_too(string $owner, ?string $port): void
    {
        $document = json_decode(Given::demo('midge'));
        $document->aboard->kit->ports = [(object) ['port' => '2', 'owner' => $owner]];
        $program = ProgramDecoder::decode((string) json_encode($document));
        $kit = InstalledKit::of($program, Given::transmitter($program->transmitter), Given::catalogue());

        self::assertSame($port, $kit->receiverPort());
        $says = array_column((new KitVerdict($kit))->points(), 'says');
        self::assertSame(
            $port === null,
            in_array('The receiver uses the serial wire, and has no serial port on the controller.', $says, true),
        );
    }

    public function test_a_sum_signal_is_one_lead(): void
    {
        $leads = array_map(
            fn (Lead $one): string => $one->by,
            self::leads('midge', fn (\stdClass $d) => ($d->aboard->kit->wire = 'sum')),
        );

        self::assertContains('sum signal, one lead', $leads);
        self::assertNotContains('serial, port 1', $leads);
    }

    /** @param  callable(\stdClass): mixed|null  $change */
    private static function kit(string $demo, ?callable $change = null): InstalledKit
    {
        $document = json_decode(Given::demo($demo));
        $change === null ?: $change($document);
        $program = ProgramDecoder::decode((string) json_encode($document, JSON_PRESERVE_ZERO_FRACTION));

        return InstalledKit::of($program, Given::transmitter($program->transmitter), Given::catalogue());
    }

    /**
     * @param  callable(\stdClass): mixed|null  $change
     * @return list<Lead>
     */
    private static function leads(string $demo, ?callable $change = null): array
    {
        return (new Wiring(self::kit($demo, $change)))->leads();
    }
}
