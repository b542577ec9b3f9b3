<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Link\PointLevel;
use DuskSwitch\Core\Rehearsal\Flight;
use DuskSwitch\Core\Rehearsal\Leg;
use DuskSwitch\Core\Rehearsal\ListenedFlight;
use DuskSwitch\Core\Rehearsal\Rehearsal;
use DuskSwitch\Core\Rehearsal\RehearsalSettings;
use DuskSwitch\Core\Rehearsal\Remark;
use DuskSwitch\Core\Rehearsal\Scenario;
use DuskSwitch\Core\Rehearsal\SteeringTarget;
use DuskSwitch\Core\Signal\Circuit;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;

/** Flight scripts of a pilot's own, and what the verdict says where they ask for what can't be. */
final class FlightScriptTest extends TestCase
{
    /** @param  list<Leg>  $legs */
    private static function script(Circuit $circuit, array $legs): ListenedFlight
    {
        $scenario = new Scenario('mine', 'Mine', 'Mine', [$circuit->program->family], $legs);

        return self::hear($circuit, $scenario);
    }

    private static function hear(Circuit $circuit, Scenario $scenario): ListenedFlight
    {
        return Rehearsal::listen(
            (new Flight($circuit, Given::catalogue(), $scenario, new RehearsalSettings(1)))->fly(),
            $circuit->program,
            $circuit->panel->transmitter,
            Given::catalogue(),
        );
    }

    public function test_where_the_motor_stops_the_ground_is_met_and_the_verdict_says_where(): void
    {
        $ready = ['arm' => 'armed', 'cut' => 'ready'];
        $heard = self::script(Given::circuit(Given::demo('petrel')), [
            new Leg('Wait', 35),
            new Leg('Ready', 4, does: $ready + ['task' => 'launch']),
            new Leg('Up', 6, 11, 4.0),
            new Leg('Far out', 60, 11, towards: SteeringTarget::Out, does: ['cut' => 'cut']),
        ]);

        $remark = array_values(array_filter($heard->verdict, fn (Remark $one): bool => $one->topic === 'Ground'))[0];
        self::assertSame(PointLevel::Wrong, $remark->level);
        self::assertMatchesRegularExpression(
            '/^It came down at 1:\d\d in “Far out”, with the motor off, \d+ m from home\.$/',
            $remark->says,
        );
        self::assertGreaterThan(50.0, $remark->at);
    }

    public function test_a_script_that_asks_for_an_unknown_step_or_ends_in_the_air_is_told(): void
    {
        $heard = self::script(Given::circuit(Given::demo('petrel')), [
            new Leg('Wait', 35),
            new Leg('Ready', 4, does: ['arm' => 'armed', 'cut' => 'ready', 'task' => 'lunch', 'pulpit' => 'up']),
            new Leg('Up', 6, 11, 4.0),
        ]);
        $says = array_map(
            fn (Remark $one): string => $one->says,
            array_values(array_filter($heard->verdict, fn (Remark $one): bool => $one->topic === 'Script')),
        );

        self::assertCount(
            2,
            $says,
            'what the program has no function for is passed over: a script is for many programs',
        );
        self::assertStringContainsString('has no step “lunch”; it has ', $says[0]);
        self::assertMatchesRegularExpression('/ends in the air, at 2\d m/', $says[1]);
    }

    #[DataProviderExternal(RehearsalTest::class, 'flights')]
    public function test_what_ships_asks_only_for_what_there_is(string $demo, string $scenario): void
    {
        $circuit = Given::circuit(Given::demo($demo));
        $topics = array_column(
            self::hear($circuit, Given::catalogue()->scenario($scenario) ?? self::fail())->verdict,
            'topic',
        );

        self::assertNotContains('Script', $topics);
        self::assertNotContains('Ground', $topics);
    }
}
