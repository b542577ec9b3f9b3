<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Format\Json;
use DuskSwitch\Core\Format\ProgramDecoder;
use DuskSwitch\Core\Format\TransmitterDecoder;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Sheet\Line;
use DuskSwitch\Core\Sheet\Sheet;
use DuskSwitch\Core\Speech\English;
use DuskSwitch\Core\Speech\QueuedPhrase;
use DuskSwitch\Core\Speech\Voice;
use DuskSwitch\Core\Telemetry\Sample;
use DuskSwitch\Core\Telemetry\Values;
use PHPUnit\Framework\TestCase;

/** Two alarms on one value: approaching, and reached. */
final class LimitStepsTest extends TestCase
{
    /** @param  list<array<string, mixed>>  $calls */
    private static function program(array $calls): Program
    {
        $document = json_decode(Given::demo('petrel'));
        $document->sense->calls = array_map(
            fn (array $one): array => $one + ['name' => ucfirst($one['id']), 'says' => [$one['id']], 'priority' => 'warning'],
            $calls,
        );
        $document->sense->announces = [];

        return ProgramDecoder::read(Json::decode((string) json_encode($document)));
    }

    /**
     * @param  list<array<string, mixed>>  $calls
     * @param  list<float>  $values  one a second
     * @return list<string>
     */
    private static function said(array $calls, string $sensor, array $values): array
    {
        $program = self::program($calls);
        $voice = new Voice(
            $program,
            Given::transmitter('lamplight-12'),
            Values::of($program, Given::catalogue()),
            new English(),
        );
        $flight = [];
        foreach ($values as $second => $value) {
            $flight[] = new Sample((float) $second, [$sensor => $value], 'cruise', [], [], []);
        }

        return array_map(
            fn (QueuedPhrase $one): string => "{$one->at} {$one->by}",
            $voice->hear($flight)->offers,
        );
    }

    public function test_the_nearer_step_is_silent_while_the_further_one_holds(): void
    {
        $near = ['id' => 'near', 'when' => ['sensor' => 'height', 'above' => 100], 'repeat' => 2];
        $over = ['id' => 'over', 'when' => ['sensor' => 'height', 'above' => 120], 'repeat' => 3];
        $flight = [90, 105, 106, 107, 125, 126, 127, 128, 110, 111, 95];

        self::assertSame(
            ['1 near', '3 near', '4 over', '7 over', '8 near'],
            self::said([$near, $over], 'height', array_map(floatval(...), $flight)),
        );
    }

    public function test_below_counts_the_other_way_and_three_steps_are_three(): void
    {
        $step = fn (string $id, float $level): array => [
            'id' => $id,
            'when' => ['sensor' => 'power-volts', 'below' => $level],
            'repeat' => 1,
        ];

        self::assertSame(
            ['0 low', '1 lower', '2 lowest', '3 lowest'],
            self::said(
                [$step('lowest', 9.0), $step('low', 11.0), $step('lower', 10.0)],
                'power-volts',
                [10.5, 9.5, 8.5, 8.4],
            ),
        );
    }

    public function test_what_is_said_once_is_said_though_the_limit_was_passed_meanwhile(): void
    {
        self::assertSame(
            ['1 near', '1 over'],
            self::said(
                [
                    ['id' => 'near', 'when' => ['sensor' => 'height', 'above' => 100]],
                    ['id' => 'over', 'when' => ['sensor' => 'height', 'above' => 120]],
                ],
                'height',
                [90.0, 130.0, 131.0],
            ),
        );
    }

    public function test_other_values_and_other_ways_have_nothing_to_do_with_it(): void
    {
        self::assertSame(
            ['0 one', '0 two', '0 three', '1 one', '1 two', '1 three'],
            self::said(
                [
                    ['id' => 'one', 'when' => ['sensor' => 'height', 'above' => 10], 'repeat' => 1],
                    ['id' => 'two', 'when' => ['sensor' => 'height', 'below' => 90], 'repeat' => 1],
                    ['id' => 'three', 'when' => ['not' => ['sensor' => 'height', 'above' => 60]], 'repeat' => 1],
                ],
                'height',
                [50.0, 50.0],
            ),
        );
    }

    public function test_the_sheet_has_it_entered_that_way(): void
    {
        $program = self::program([
            ['id' => 'near', 'when' => ['sensor' => 'height', 'above' => 100], 'repeat' => 5],
            ['id' => 'over', 'when' => ['sensor' => 'height', 'above' => 120], 'repeat' => 5],
        ]);
        $lines = Sheet::of($program, Given::transmitter('lamplight-12'), Given::catalogue())->lines();
        $near = array_values(array_filter($lines, fn (Line $one): bool => $one->what === 'Near'))[0];

        self::assertStringStartsWith('Height above 100 m and not Height above 120 m;', $near->value);

        $definition = json_decode((string) file_get_contents(Given::DEMO.'/stores/transmitters/lamplight-12.json'));
        $definition->keying->telemetry->joins = false;
        $plain = TransmitterDecoder::decode((string) json_encode($definition));
        $lines = Sheet::of($program, $plain, Given::catalogue())->lines();
        $near = array_values(array_filter($lines, fn (Line $one): bool => $one->what === 'Near'))[0];
        self::assertStringStartsWith('Height above 100 m;', $near->value);
        self::assertSame('it goes on beside the further step of its limit, and the two speak by turns', $near->lost);
    }
}
