<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Airframe\FirstProgram;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Format\ProgramDecoder;
use DuskSwitch\Core\Format\ProgramEncoder;
use DuskSwitch\Core\Kit\Axis;
use DuskSwitch\Core\Kit\StickMode;
use DuskSwitch\Core\Program\ControlAssignment;
use DuskSwitch\Core\Program\Family;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\Routing;
use DuskSwitch\Core\Program\UnfinishedParts;
use DuskSwitch\Core\Signal\Circuit;
use DuskSwitch\Core\Signal\Compiler;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Putting functions on controls, and what a new aircraft begins with. */
final class AssignTest extends TestCase
{
    private function nightjar(): Program
    {
        return ProgramDecoder::decode(Given::demo('nightjar'));
    }

    private function on(string $function, ?string $control): Circuit
    {
        $transmitter = Given::transmitter();

        return Compiler::compile(
            ControlAssignment::drive(
                $this->nightjar(),
                $function,
                $control === null ? null : $transmitter->control($control),
            ),
            $transmitter,
        );
    }

    public function test_arm_moved_to_another_switch_keeps_its_detents(): void
    {
        $circuit = $this->on('arm', 'left-back');

        self::assertSame(1000, Given::frame($circuit, controls: ['left-shoulder' => 'away'])->pulse(5));
        self::assertSame(2000, Given::frame($circuit, controls: ['left-back' => 'away'])->pulse(5));
    }

    public function test_on_three_positions_rest_stays_safe_and_only_the_far_end_arms(): void
    {
        $circuit = $this->on('arm', 'right-front');
        $step = fn (string $detent): string => Given::frame($circuit, controls: ['right-front' => $detent])->steps()['arm'];

        self::assertSame(['safe', 'safe', 'armed'], [$step('toward'), $step('middle'), $step('away')]);
    }

    public function test_three_steps_on_a_button_use_the_first_and_the_last(): void
    {
        $circuit = $this->on('mode', 'button-left');

        self::assertSame('self-level', Given::frame($circuit)->steps()['mode']);
        self::assertSame('free', Given::frame($circuit, controls: ['button-left' => 'pressed'])->steps()['mode']);
    }

    public function test_three_steps_on_a_dial_get_a_zone_each(): void
    {
        $circuit = $this->on('mode', 'dial-right');
        $step = fn (float $at): string => Given::frame($circuit, controls: ['dial-right' => $at])->steps()['mode'];

        self::assertSame(
            ['self-level', 'self-level', 'come-home', 'come-home', 'free', 'free'],
            [$step(-1), $step(-0.34), $step(-0.3), $step(0.33), $step(0.34), $step(1)],
        );
    }

    public function test_a_stick_given_to_a_dial_loses_its_trim_and_its_stick(): void
    {
        $program = ProgramDecoder::decode(Given::demo('tern'));
        $transmitter = Given::transmitter('quayside-8');
        $circuit = Compiler::compile(
            ControlAssignment::drive($program, 'yaw', $transmitter->control('dial')),
            $transmitter,
        );

        self::assertSame(0.0, Given::frame($circuit, ['yaw' => 1], trims: ['yaw' => 1])->functions()['yaw']);
        self::assertGreaterThan(0.5, Given::frame($circuit, controls: ['dial' => 1])->functions()['yaw']);
    }

    public function test_nothing_moves_what_was_taken_off(): void
    {
        $circuit = $this->on('roll', null);

        self::assertSame(0.0, Given::frame($circuit, ['roll' => 1])->functions()['roll']);
        self::assertSame(['function:roll' => 'Nothing moves Roll'], UnfinishedParts::of($circuit->program));
        self::assertNull($circuit->line('roll'));
    }

    public function test_a_switched_function_refuses_a_stick(): void
    {
        $this->expectException(Refused::class);
        $this->expectExceptionMessage('to: Arm has steps; put it on a switch');
        ControlAssignment::drive($this->nightjar(), 'arm', Axis::Yaw);
    }

    public function test_a_function_that_is_not_there_is_named(): void
    {
        $this->expectExceptionMessage('there is no function "wings" in Nightjar');
        ControlAssignment::drive($this->nightjar(), 'wings', Axis::Yaw);
    }

    public function test_the_loom_has_a_thread_from_the_arm_switch_to_channel_5(): void
    {
        $threads = array_map(
            fn ($thread): string => "{$thread->from} {$thread->to} {$thread->how}",
            Routing::threads($this->nightjar()),
        );

        self::assertContains('control:left-shoulder function:arm drive', $threads);
        self::assertContains('function:arm output:5 feed', $threads);
        self::assertContains('control:left-side phase:calm condition', $threads);
        self::assertSame($threads, array_values(array_unique($threads)));
    }

    /** @return list<array{Family, string}> */
    public static function beginnings(): array
    {
        $all = [];
        foreach (Family::cases() as $family) {
            foreach (['harbour-16', 'quayside-8', 'lamplight-12'] as $transmitter) {
                $all[] = [$family, $transmitter];
            }
        }

        return $all;
    }

    #[DataProvider('beginnings')]
    public function test_a_new_aircraft_runs_and_powers_up_with_its_motor_stopped(Family $family, string $id): void
    {
        $transmitter = Given::transmitter($id);
        $program = FirstProgram::program($family, 'New', $transmitter);
        $circuit = Compiler::compile($program, $transmitter);
        $names = array_column($program->outputs, 'channel', 'name');
        $motor = $names['Throttle'] ?? $names['Motor'];

        self::assertEquals($program, ProgramDecoder::decode(ProgramEncoder::encode($program)));
        self::assertSame([], UnfinishedParts::of($program));
        $stopped = $family === Family::GroundVehicle ? 1500 : 1000;
        self::assertSame($stopped, Given::frame($circuit)->pulse($motor));
        if (! in_array($family, [Family::Multirotor, Family::TinyMultirotor], true)) {
            self::assertSame(
                $stopped,
                Given::frame($circuit, ['throttle' => 1])->pulse($motor),
                'the cut is on at rest',
            );
        }
        // Behind a controller exactly; a wing's surfaces may be asked for roll and pitch at once.
        $most = max(
            array_map(
                fn ($output) => $output->pulse,
                Given::frame($circuit, ['roll' => 1, 'pitch' => 1, 'yaw' => 1])->outputs(),
            ),
        );
        self::assertGreaterThanOrEqual(2000, $most);
        self::assertLessThanOrEqual($program->functions[0]->trim === null ? 2000 : 2150, $most);
    }

    public function test_a_new_aircraft_is_safe_on_a_switch_that_rests_away_from_the_pilot(): void
    {
        $text = str_replace(
            '"name": "Left shoulder", "kind": "switch"',
            '"name": "Left shoulder", "kind": "switch", "rest": "away"',
            (string) file_get_contents(Given::DEMO.'/stores/transmitters/harbour-16.json'),
        );
        $transmitter = \DuskSwitch\Core\Format\TransmitterDecoder::decode($text);
        $circuit = Compiler::compile(FirstProgram::program(Family::Multirotor, 'New', $transmitter), $transmitter);

        self::assertSame('safe', Given::frame($circuit)->steps()['arm']);
        self::assertSame('armed', Given::frame($circuit, controls: ['left-shoulder' => 'toward'])->steps()['arm']);
    }

    public function test_stick_modes_put_the_axes_where_pilots_know_them(): void
    {
        // Mode 2: throttle and yaw left, pitch and roll right; the others as their names are used (common practice).
        $order = fn (StickMode $mode): string => implode(
            ' ',
            array_map(fn (Axis $axis): string => $axis->value, $mode->axes()),
        );

        self::assertSame('pitch yaw throttle roll', $order(StickMode::One));
        self::assertSame('throttle yaw pitch roll', $order(StickMode::Two));
        self::assertSame('pitch roll throttle yaw', $order(StickMode::Three));
        self::assertSame('throttle roll pitch yaw', $order(StickMode::Four));
    }
}
