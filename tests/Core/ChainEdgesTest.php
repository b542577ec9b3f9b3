<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\App\Equipment\DefinitionKind;
use DuskSwitch\Core\Format\ProgramDecoder;
use DuskSwitch\Core\Format\ProgramEncoder;
use DuskSwitch\Core\Kit\Sensor;
use DuskSwitch\Core\Link\InstalledKit;
use DuskSwitch\Core\Link\VerdictPoint;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Telemetry\Geodesic;
use DuskSwitch\Core\Telemetry\SensorChain;
use DuskSwitch\Core\Telemetry\SensorChainCheck;
use DuskSwitch\Core\Telemetry\SlotPlan;
use PHPUnit\Framework\TestCase;

/** Sensors at the edges of what a wire, a slot and the earth allow. */
final class ChainEdgesTest extends TestCase
{
    /**
     * @param  list<array<string, mixed>>  $chain
     * @param  array<string, mixed>  $kit
     */
    private function program(array $chain, array $kit = [], string $transmitter = 'lamplight-12'): Program
    {
        return ProgramDecoder::decode((string) json_encode([
            'format' => 'dusk-switch/program',
            'version' => 2,
            'name' => 'Kette',
            'family' => 'sailplane',
            'transmitter' => $transmitter,
            'receiver' => 'lantern-r12',
            'sense' => ['chain' => $chain],
            'aboard' => ['kit' => (object) $kit],
        ]));
    }

    /** @return list<string> */
    private function says(Program $program): array
    {
        $kit = InstalledKit::of($program, Given::transmitter($program->transmitter), Given::catalogue());

        return array_map(
            fn (VerdictPoint $one): string => "{$one->level->value} {$one->topic}",
            (new SensorChainCheck(new SensorChain($kit)))->points(),
        );
    }

    /** @param  array<string, float>  $rates  Hz by what is measured */
    private function lateness(array $rates, float $interval): string
    {
        $quantity = fn (string $measures, float $rate): array => [
            'id' => $measures, 'name' => ucfirst($measures), 'unit' => $measures === 'climb' ? 'm/s' : 'm',
            'range' => [-500, 500], 'rate' => $rate, 'measures' => $measures,
        ];
        $vario = DefinitionKind::Sensors->decode((string) json_encode([
            'format' => 'dusk-switch/sensor', 'version' => 1, 'id' => 'steiger', 'name' => 'Steiger',
            'kind' => 'variometer', 'address' => 3, 'buses' => ['shared'], 'supply' => [4, 8], 'draw' => 20,
            'quantities' => array_map($quantity, array_keys($rates), $rates),
        ]));
        $program = json_decode(ProgramEncoder::encode($this->program([['id' => 'v', 'sensor' => 'steiger']])));
        $program->sense->interval = $interval;
        $program = ProgramDecoder::decode((string) json_encode($program));
        $own = new OwnEquipment(['steiger' => $vario instanceof Sensor ? $vario : self::fail()]);
        $chain = new SensorChain(InstalledKit::of($program, Given::transmitter('lamplight-12'), $own));
        foreach ((new SensorChainCheck($chain))->points() as $point) {
            if ($point->topic === 'Variometer') {
                return "{$point->level->value} {$point->says}";
            }
        }

        return '';
    }

    public function test_a_variometer_is_as_late_as_its_climb_whatever_else_it_tells(): void
    {
        $slow = $this->lateness(['height' => 20, 'climb' => 0.5], 0.1);
        self::assertStringStartsWith('look Steiger is heard up to 2.', $slow);
        self::assertSame($slow, $this->lateness(['climb' => 0.5, 'height' => 20], 0.1));
        self::assertStringStartsWith('fine', $this->lateness(['height' => 0.5, 'climb' => 20], 0.1));
        self::assertStringStartsWith('look Steiger is heard up to 2.', $this->lateness(['height' => 0.5, 'other' => 20], 0.1));
    }

    public function test_two_devices_that_share_one_slot_alone_are_told(): void
    {
        $sensor = Given::catalogue()->sensor('heron-block');
        self::assertNotNull($sensor);
        $start = $sensor->starts[0] ?? 8;
        $at = fn (int $slot): ?string => (new SlotPlan(
            $this->program([
                ['id' => 'block', 'sensor' => 'heron-block', 'slot' => $start],
                ['id' => 'strom', 'sensor' => 'gannet-airspeed', 'slot' => $slot],
            ]),
            Given::transmitter('lamplight-12'),
            ['block' => $sensor, 'strom' => Given::catalogue()->sensor('gannet-airspeed') ?? $sensor],
        ))->today()[1]['trouble'];
        $last = $start + $sensor->block - 1;

        self::assertStringContainsString("lies on {$sensor->name}", (string) $at($last));
        self::assertStringNotContainsString('lies on', (string) $at($last + 1));
    }

    public function test_without_a_controller_there_is_no_current_of_it_to_check(): void
    {
        $chain = [['id' => 'vario', 'sensor' => 'skylark-vario']];

        self::assertNotContains('wrong Current', $this->says($this->program($chain, ['power' => 'controller'])));
        self::assertNotContains('fine Current', $this->says($this->program($chain, ['power' => 'controller'])));
    }

    /** Points nearly opposite on the earth: 19,936 km for this pair, from memory; the sum never settles for them. */
    public function test_points_on_the_other_side_of_the_earth_are_half_a_round_away(): void
    {
        [$metres] = Geodesic::inverse(0.0, 0.0, 0.5, 179.7);

        self::assertEqualsWithDelta(19_936_288.0, $metres, 40_000.0);
    }
}
