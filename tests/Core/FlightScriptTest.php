<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Fault\Faults;
use DuskSwitch\Core\Format\Json;
use DuskSwitch\Core\Format\ScenarioDecoder;
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
use DuskSwitch\Core\Telemetry\Sample;
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

    public function test_a_script_flips_switches_moves_dials_and_presses_buttons_by_their_names(): void
    {
        $nightjar = Given::circuit(Given::demo('nightjar'));
        $heard = self::script($nightjar, [
            new Leg('Wait', 2),
            new Leg('Flip', 2, hands: ['right-front' => 'away', 'dial-left' => 0.5]),
            new Leg('Press', 2, hands: ['button-left' => 'pressed']),
            new Leg('Back', 2, hands: ['right-front' => 'toward']),
        ]);
        $at = fn (float $time): array => array_values(
            array_filter($heard->samples, fn (Sample $one): bool => $one->time >= $time),
        )[0]->controls;

        $away = $nightjar->panel->transmitter->control('right-front')?->valueOf('away');
        self::assertSame([$away, 0.5], [$at(3.0)['right-front'], $at(3.0)['dial-left']]);
        self::assertSame(-$away, $at(7.0)['right-front']);
        $button = array_unique(array_map(fn (Sample $one): float => $one->controls['button-left'], $heard->samples));
        self::assertCount(2, $button, 'pressed for a moment');
        self::assertSame($heard->samples[0]->controls['button-left'], $at(6.0)['button-left'], 'and let go again');
    }

    public function test_a_control_that_the_transmitter_lacks_is_told_with_those_that_it_has(): void
    {
        $heard = self::script(Given::circuit(Given::demo('nightjar')), [
            new Leg('Flip', 2, hands: ['pedal' => 'away', 'right-front' => 'sideways']),
        ]);
        $says = implode("\n", array_column($heard->verdict, 'says'));

        self::assertStringContainsString('Harbour 16 has no control “pedal”; it has left-shoulder', $says);
        self::assertStringContainsString('has no position “sideways”', $says);
    }

    public function test_controls_and_functions_stand_beside_each_other_in_a_document(): void
    {
        $leg = fn (array $does): Leg => ScenarioDecoder::read(new JsonCursor(Json::decode((string) json_encode([
            'format' => 'dusk-switch/scenario', 'version' => 1, 'id' => 'mine', 'name' => 'Mine', 'says' => 'Mine',
            'families' => ['plane'],
            'legs' => [['says' => 'Up', 'seconds' => 9, 'speed' => 12, 'climb' => 3, 'does' => $does]],
        ])), '', $this->faults = new Faults()))->legs[0];

        $read = $leg([
            ['function' => 'flaps', 'step' => 'half'],
            ['control' => 'left-shoulder', 'at' => 'away'],
            ['control' => 'dial-left', 'value' => -0.25],
        ]);
        self::assertTrue($this->faults->none());
        self::assertSame(
            [['flaps' => 'half'], ['left-shoulder' => 'away', 'dial-left' => -0.25]],
            [$read->does, $read->hands],
        );
        $leg([['control' => 'left-shoulder', 'step' => 'away']]);
        self::assertFalse($this->faults->none());
        $leg([['control' => 'left-shoulder', 'at' => 'away', 'value' => 1]]);
        self::assertFalse($this->faults->none());
    }

    private Faults $faults;

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
