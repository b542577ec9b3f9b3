<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Format\ProgramDecoder;
use DuskSwitch\Core\Program\ConditionWords;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Telemetry\CatalogueNames;
use DuskSwitch\Core\Telemetry\Threshold;
use DuskSwitch\Core\Telemetry\Values;
use PHPUnit\Framework\TestCase;

/** Two sources of one quantity are told apart wherever their names stand. */
final class DistinctNamesTest extends TestCase
{
    /** @param  array<string, mixed>  $sense */
    private static function program(array $sense): Program
    {
        return ProgramDecoder::decode(Given::text(['receiver' => 'lantern-r8', 'sense' => $sense]));
    }

    /** @return array<string, string> */
    private static function names(Program $program): array
    {
        return array_map(fn ($one): string => $one->name, Values::of($program, Given::catalogue())->all);
    }

    public function test_a_name_that_stands_once_stays(): void
    {
        $names = self::names(self::program(['chain' => [['id' => 'v', 'sensor' => 'skylark-vario']]]));
        self::assertSame(['Height', 'Climb'], [$names['v-height'], $names['v-climb']]);
        self::assertSame('Link quality', $names['link-quality']);
    }

    public function test_a_sensors_value_says_whose_it_is_and_the_pilots_keeps_its_name(): void
    {
        $program = self::program([
            'chain' => [['id' => 'v', 'sensor' => 'skylark-vario']],
            'values' => [['id' => 'h', 'name' => 'height', 'does' => 'relative', 'of' => ['v-height']]],
        ]);
        $vario = Given::catalogue()->sensor('skylark-vario')->name ?? self::fail();
        self::assertSame(
            ["Height of {$vario}", 'height'],
            [self::names($program)['v-height'], self::names($program)['h']],
        );
    }

    public function test_two_of_one_kind_are_counted_along_the_wire(): void
    {
        $program = self::program(['chain' => [
            ['id' => 'nase', 'sensor' => 'skylark-vario', 'address' => 3],
            ['id' => 'rumpf', 'sensor' => 'skylark-vario', 'address' => 4],
        ]]);
        $names = self::names($program);
        self::assertStringEndsWith(' 1', $names['nase-climb']);
        self::assertStringEndsWith(' 2', $names['rumpf-climb']);
        self::assertCount(count($names), array_unique($names));
        $catalogue = new CatalogueNames($program, Given::catalogue());
        self::assertSame($names['rumpf-climb'], $catalogue->value('rumpf-climb'));
    }

    public function test_conditions_say_which_one_they_look_at(): void
    {
        $program = self::program([
            'chain' => [['id' => 'a', 'sensor' => 'skylark-vario'], ['id' => 'b', 'sensor' => 'skylark-vario']],
            'calls' => [
                ['id' => 'c', 'name' => 'C', 'when' => ['sensor' => 'b-height', 'above' => 100], 'says' => ['Hoch']],
            ],
        ]);
        $words = new ConditionWords(
            $program,
            Given::transmitter(),
            (new Threshold(Values::of($program, Given::catalogue())))->say(...),
        );
        self::assertStringContainsString(' 2 above 100', $words->say($program->sense->calls[0]->when));
    }

    public function test_names_that_the_pilot_gave_twice_are_counted(): void
    {
        $program = self::program(['values' => [
            ['id' => 'eins', 'name' => 'Wert', 'does' => 'most', 'of' => ['link-quality']],
            ['id' => 'zwei', 'name' => 'Wert', 'does' => 'least', 'of' => ['link-quality']],
        ]]);
        self::assertSame(['Wert 1', 'Wert 2'], array_values(array_slice(self::names($program), -2)));
    }
}
