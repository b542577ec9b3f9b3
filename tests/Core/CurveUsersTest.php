<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Document\Ids;
use DuskSwitch\Core\Document\Names;
use DuskSwitch\Core\Format\ProgramDecoder;
use DuskSwitch\Core\Program\CurveUser;
use DuskSwitch\Core\Program\CurveUsers;
use PHPUnit\Framework\TestCase;

/** Whoever changes a curve is told where else it changes. */
final class CurveUsersTest extends TestCase
{
    public function test_shapes_dual_rates_and_feeds_use_a_curve(): void
    {
        $program = ProgramDecoder::decode(Everything::text());
        $users = CurveUsers::of($program);
        self::assertEquals(
            [
                new CurveUser('Roll, dual rate 2', 'roll', null, 1),
            ],
            $users['gentle'],
        );
        self::assertEqualsCanonicalizing(Ids::of($program, Names::Curve), array_keys($users), 'every use is found');
    }

    public function test_a_phase_is_named_where_there_are_several(): void
    {
        $says = fn (string $demo): array => array_map(
            fn (CurveUser $one): string => $one->says,
            array_merge(...array_values(CurveUsers::of(ProgramDecoder::decode(Given::demo($demo))))),
        );
        self::assertContains('Brakes, Cruise', $says('petrel'));
        self::assertContains('Throttle, Main', $says('nightjar'));
    }

    public function test_an_output_that_feeds_by_a_curve_twice_is_told_once(): void
    {
        $feed = ['from' => 'roll', 'weight' => 0.5, 'curve' => 'bent'];
        $circuit = Given::roll([], ['feeds' => [$feed, $feed, [...$feed, 'curve' => 'other']]], [
            'curves' => array_fill_keys(['bent', 'other'], ['points' => [[-1, -1], [1, 0.5]]]),
        ]);
        $users = CurveUsers::of($circuit->program);
        self::assertSame([1, 1], [count($users['bent']), count($users['other'])]);
        self::assertStringStartsWith('a feed of ', $users['bent'][0]->says);
        self::assertNull($users['bent'][0]->function);
    }
}
