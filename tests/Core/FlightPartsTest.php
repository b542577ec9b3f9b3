<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Rehearsal\Battery;
use DuskSwitch\Core\Rehearsal\PilotAction;
use DuskSwitch\Core\Rehearsal\RandomSource;
use PHPUnit\Framework\TestCase;

/** The parts of a rehearsed flight: pack, chance, and the hand that reaches for a switch. */
final class FlightPartsTest extends TestCase
{
    public function test_a_pack_under_load_is_as_by_hand(): void
    {
        $pack = new Battery(4, 1300.0);
        $pack->draw(20.0, 60.0);
        self::assertEqualsWithDelta((20.0 * 60) / 3.6, $pack->used, 1e-9, '20 A for a minute are 333 mAh');
        $sag = 4 * $pack->open() - $pack->volts();
        self::assertEqualsWithDelta((4 * 20.0 * 16.0) / 1300, $sag, 1e-9, 'current times resistance of four cells');
        $pack->draw(0.0, 10.0);
        self::assertEqualsWithDelta(
            4 * $pack->open(),
            $pack->volts(),
            1e-9,
            'it recovers when the load goes (common practice)',
        );
        $pack->draw(100.0, 60.0);
        self::assertTrue($pack->isEmpty());
    }

    public function test_chance_is_normal_and_even(): void
    {
        $chance = new RandomSource(5);
        $normal = array_map(fn (): float => $chance->normal(), range(1, 20000));
        $mean = array_sum($normal) / 20000;
        $deviation = sqrt(array_sum(array_map(fn (float $one): float => ($one - $mean) ** 2, $normal)) / 20000);
        $even = array_map(fn (): float => $chance->even(), range(1, 20000));

        self::assertEqualsWithDelta([0.0, 1.0, 0.5], [$mean, $deviation, array_sum($even) / 20000], 0.02);
        self::assertTrue(min($even) >= 0.0 && max($even) < 1.0);
    }

    public function test_a_wish_is_reached_whatever_drives_the_function(): void
    {
        $circuit = Given::circuit(Given::demo('midge'));
        $rest = $circuit->panel->atRest();
        $armed = PilotAction::reach($circuit, $rest, 'arm', 'armed');
        self::assertSame(
            ['arm' => 'armed', 'mode' => 'level', 'beeper' => 'quiet'],
            $circuit->frame($armed)->steps(),
            'of the two positions that arm, the one that leaves the mode alone',
        );
        self::assertSame($rest, PilotAction::reach($circuit, $armed, 'arm', 'safe'));
        self::assertSame(
            $rest,
            PilotAction::reach($circuit, $rest, 'parachute', 'out'),
            'what the program doesn\'t have isn\'t done',
        );

        $petrel = Given::circuit(Given::demo('petrel'));
        $brakes = PilotAction::reach($petrel, $petrel->panel->atRest(), 'brake', -1.0);
        self::assertSame('landing', $petrel->frame($brakes)->phase());
    }
}
