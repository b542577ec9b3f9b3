<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Fault\Faults;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Format\Json;
use DuskSwitch\Core\Format\Kit\ReceiverDecoder;
use DuskSwitch\Core\Kit\Receiver;
use DuskSwitch\Core\Link\InstalledKit;
use DuskSwitch\Core\Link\VerdictPoint;
use DuskSwitch\Core\Rehearsal\Flight;
use DuskSwitch\Core\Rehearsal\Rehearsal;
use DuskSwitch\Core\Rehearsal\RehearsalSettings;
use DuskSwitch\Core\Sheet\Sheet;
use DuskSwitch\Core\Signal\Circuit;
use DuskSwitch\Core\Telemetry\SensorChain;
use DuskSwitch\Core\Telemetry\SensorChainCheck;
use DuskSwitch\Core\Telemetry\Values;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use stdClass;

/** A receiver that measures by itself: height and climb come without a further device (common practice). */
final class ReceiverSensorsTest extends TestCase
{
    /** @param  (callable(stdClass): mixed)|null  $change */
    private static function receiver(?callable $change = null): Receiver
    {
        $text = (string) file_get_contents(Given::DEMO.'/stores/receivers/lantern-r6-climb.json');
        $document = json_decode($text);
        [$document->id, $document->name] = ['eigen', 'Eigenbau mit Höhenmesser'];
        $document->quantities[1]->name = 'Steigen';
        $change === null || $change($document);
        $faults = new Faults();
        $receiver = ReceiverDecoder::read(
            new JsonCursor(Json::decode((string) json_encode($document, JSON_PRESERVE_ZERO_FRACTION)), '', $faults),
        );
        $faults->refuseAny();

        return $receiver;
    }

    private static function equipment(): OwnEquipment
    {
        return new OwnEquipment(['eigen' => self::receiver()]);
    }

    private static function glider(): Circuit
    {
        $document = json_decode(Given::demo('petrel'));
        $document->receiver = 'eigen';
        $document->sense = (object) [
            'interval' => 0.2,
            'values' => [(object) ['id' => 'hoehe', 'name' => 'Höhe', 'does' => 'relative', 'of' => ['receiver-height']]],
            'calls' => [(object) [
                'id' => 'hoch', 'name' => 'Hoch', 'when' => (object) ['sensor' => 'hoehe', 'above' => 50],
                'priority' => 'warning', 'says' => ['Hoch'],
            ]],
            'tone' => true,
        ];

        return Given::circuit((string) json_encode($document, JSON_PRESERVE_ZERO_FRACTION));
    }

    public function test_its_values_are_there_without_a_sensor_and_say_where_they_come_from(): void
    {
        $values = Values::of(self::glider()->program, self::equipment());
        self::assertSame('Steigen', $values->find('receiver-climb')?->name);
        self::assertSame('Eigenbau mit Höhenmesser', $values->find('receiver-climb')->from);
        self::assertTrue($values->find('receiver-climb')->upright);
        self::assertNotNull($values->find('receiver-volts'), 'the link\'s own stay');
    }

    public function test_a_flight_is_heard_by_it_alone(): void
    {
        $circuit = self::glider();
        $scenario = Given::catalogue()->scenario('thermal') ?? self::fail();
        $flight = (new Flight($circuit, self::equipment(), $scenario, new RehearsalSettings(4)))->fly();
        $heard = Rehearsal::listen($flight, $circuit->program, $circuit->panel->transmitter, self::equipment());

        self::assertContains('hoch', array_map(fn ($one): string => $one->offer->by, $heard->said));
        self::assertGreaterThan(20, count($heard->tone), 'the tone follows the receiver');
        $climbs = array_unique(array_map(fn ($one): float => $one->values['receiver-climb'] ?? 0.0, $heard->samples));
        foreach ($climbs as $climb) {
            self::assertEqualsWithDelta(round($climb, 1), $climb, 1e-9, 'in its steps of 0.1 m/s');
        }
    }

    public function test_the_chain_the_lag_and_the_sheet_name_it(): void
    {
        $circuit = self::glider();
        $chain = new SensorChain(InstalledKit::of($circuit->program, $circuit->panel->transmitter, self::equipment()));
        $points = (new SensorChainCheck($chain))->points();
        $says = implode(' ', array_map(fn (VerdictPoint $one): string => $one->says, $points));
        self::assertStringContainsString('measures Height, Steigen by itself', $says);
        // Five times a second and a report every 0.2 s: 0.4 s at the worst.
        self::assertStringContainsString('Eigenbau mit Höhenmesser is heard at most 0.4 s late', $says);
        self::assertStringNotContainsString('No sensor is fitted', $says);

        $sheet = Sheet::of($circuit->program, $circuit->panel->transmitter, self::equipment());
        $lines = array_column(array_merge(...array_column($sheet->sections, 'lines')), 'value', 'what');
        self::assertSame('measures by itself: Height, Steigen', $lines['Eigenbau mit Höhenmesser']);
    }

    public function test_a_second_barometer_is_told_apart(): void
    {
        $document = json_decode(Given::demo('petrel'));
        $document->receiver = 'eigen';
        $program = Given::circuit((string) json_encode($document, JSON_PRESERVE_ZERO_FRACTION))->program;
        $values = Values::of($program, self::equipment());
        self::assertSame('Height of Eigenbau mit Höhenmesser', $values->find('receiver-height')?->name);
        self::assertSame('Height of Skylark variometer', $values->find('vario-height')?->name);
    }

    /** @return iterable<string, array{callable(stdClass): mixed, string}> */
    public static function mistakes(): iterable
    {
        yield 'nothing comes back' => [fn (stdClass $d) => $d->telemetry = false, 'quantities'];
        yield 'its own supply' => [fn (stdClass $d) => $d->quantities[0]->id = 'volts', 'quantities[0].id'];
        yield 'an id twice' => [fn (stdClass $d) => $d->quantities[1]->id = 'height', 'quantities[1].id'];
        yield 'a climb in volts' => [fn (stdClass $d) => $d->quantities[1]->unit = 'V', 'quantities[1].measures'];
    }

    /** @param  callable(stdClass): mixed  $change */
    #[DataProvider('mistakes')]
    public function test_a_mistake_is_told_with_its_place(callable $change, string $path): void
    {
        try {
            self::receiver($change);
            self::fail('it was taken');
        } catch (Refused $refused) {
            self::assertContains($path, array_column($refused->faults, 'path'));
        }
    }
}
