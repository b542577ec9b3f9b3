<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\App\Equipment\DefinitionKind;
use DuskSwitch\Core\Airframe\Recipes;
use DuskSwitch\Core\Document\JsonPath;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Format\FlightEncoder;
use DuskSwitch\Core\Format\Nmea;
use DuskSwitch\Core\Format\RecipeEncoder;
use DuskSwitch\Core\Format\RehearsalEncoder;
use DuskSwitch\Core\Rehearsal\Flight;
use DuskSwitch\Core\Rehearsal\Rehearsal;
use DuskSwitch\Core\Rehearsal\RehearsalSettings;
use DuskSwitch\Core\Telemetry\Values;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What goes out as JSON, and the smaller readers at their edges. */
final class WrittenAsPlainValuesTest extends TestCase
{
    /** @return iterable<string, array{string, string, RehearsalSettings}> */
    public static function flights(): iterable
    {
        yield 'petrel' => ['petrel', 'thermal', new RehearsalSettings(4, 5.0, 210.0, ['antenna' => 70.0])];
        $low = new RehearsalSettings(2, 3.0, 250.0, charge: 0.6, milliwatts: 25.0);
        yield 'nightjar' => ['nightjar', 'out-and-back', $low];
    }

    #[DataProvider('flights')]
    public function test_a_rehearsed_flight_as_it_is_written(
        string $demo,
        string $script,
        RehearsalSettings $settings,
    ): void {
        $circuit = Given::circuit(Given::demo($demo));
        $transmitter = $circuit->panel->transmitter;
        $scenario = Given::catalogue()->scenario($script) ?? self::fail($script);
        $flight = (new Flight($circuit, Given::catalogue(), $scenario, $settings))->fly();
        $heard = Rehearsal::listen($flight, $circuit->program, $transmitter, Given::catalogue());
        $values = Values::of($circuit->program, Given::catalogue());
        $text = KeptPages::lines(self::short([
            ...FlightEncoder::columns($flight, $circuit->program, $transmitter, $scenario, $settings),
            ...RehearsalEncoder::heard($heard, $flight, $circuit->program, $values),
        ]));
        self::assertSame(KeptPages::page('written', "{$demo} {$script}", $text), $text);
    }

    /** Of a long list of numbers how many there are, five of them, and their sum. */
    private static function short(mixed $value): mixed
    {
        if (! is_array($value) && ! $value instanceof \stdClass) {
            return is_float($value) ? round($value, 4) : $value;
        }
        $list = (array) $value;
        if (count($list) < 30 || array_filter($list, is_array(...)) !== []) {
            $kept = count($list) < 40 ? $list : [...array_slice($list, 0, 6), ...array_slice($list, -2)];

            return array_map(self::short(...), $kept);
        }
        $step = intdiv(count($list), 5);

        return [
            'count' => count($list),
            'some' => array_map(fn (int $at): mixed => self::short(array_values($list)[$at * $step]), range(0, 4)),
            'sum' => round(array_sum(array_filter($list, is_numeric(...))), 2),
            'unknown' => count(array_filter($list, is_null(...))),
        ];
    }

    public function test_recipes_as_they_are_written(): void
    {
        $text = '';
        foreach (Recipes::all() as $recipe) {
            $text .= KeptPages::lines([$recipe->id() => RecipeEncoder::encode($recipe)]);
        }
        self::assertSame(KeptPages::page('written', 'recipes', $text), $text);
    }

    public function test_a_strange_key_is_quoted_and_cut(): void
    {
        self::assertSame('a.b-c_1', JsonPath::below('a', 'b-c_1'));
        self::assertSame('"a b"', JsonPath::below('', 'a b'));
        self::assertSame('x."'.str_repeat('ü ', 19).'ü…"', JsonPath::below('x', str_repeat('ü ', 40)));
    }

    public function test_sentences_of_another_kind_are_passed_over(): void
    {
        $line = fn (string $body): string => "\${$body}*".Nmea::checksum($body);
        $fixes = Nmea::read(implode("\n", [
            $line('GPGGA,000001,4800.000,N,01100.000,E,1,08,0.9,500.0,M,46.9,M,,'),
            $line('GPGSV,1,1,01,01,40,083,46'),
            '',
            $line('GPVTG,054.7,T,,M,,N,,K'),
            $line('GPGGA,000002,4800.000,N,01100.000,E,1,08,0.9,501.0,M,46.9,M,,'),
            $line('GPVTG,,T,,M,10.0,N,18.5,K'),
        ]));
        self::assertCount(2, $fixes);
        self::assertSame([54.7, null, 500.0], [$fixes[0]->course, $fixes[0]->speed, $fixes[0]->altitude]);
        self::assertSame(null, $fixes[1]->course);
        self::assertEqualsWithDelta(10 * 1852 / 3600, $fixes[1]->speed, 1e-9);
    }

    public function test_a_script_for_vehicles_and_planes_is_looked_at_for_both(): void
    {
        $document = json_decode((string) file_get_contents(Given::DEMO.'/stores/scenarios/laps.json'));
        $document->families = ['ground-vehicle', 'plane'];
        try {
            DefinitionKind::Scenarios->decode((string) json_encode($document));
            self::fail('it was taken');
        } catch (Refused $refused) {
            self::assertStringContainsString('never leave the ground', $refused->getMessage(), 'a plane would');
        }
    }

    public function test_a_sensor_has_a_slot_for_each_value_where_nothing_else_is_said(): void
    {
        $document = json_decode((string) file_get_contents(Given::DEMO.'/stores/sensors/skylark-vario.json'));
        unset($document->block);
        $sensor = DefinitionKind::Sensors->decode((string) json_encode($document));
        self::assertSame(count($document->quantities), $sensor->block);
    }
}
