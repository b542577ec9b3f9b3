<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\App\Equipment\DefinitionKind;
use DuskSwitch\Core\Airframe\FirstProgram;
use DuskSwitch\Core\Airframe\RecipeSettings;
use DuskSwitch\Core\Airframe\RecipeWriter;
use DuskSwitch\Core\Airframe\VehicleRecipe;
use DuskSwitch\Core\Flight\EventKind;
use DuskSwitch\Core\Format\ProgramEncoder;
use DuskSwitch\Core\Program\Family;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Proof\Answer;
use DuskSwitch\Core\Proof\Finding;
use DuskSwitch\Core\Proof\Proof;
use DuskSwitch\Core\Proof\ProofContext;
use DuskSwitch\Core\Proof\Severity;
use DuskSwitch\Core\Rehearsal\Body;
use DuskSwitch\Core\Rehearsal\FlightModel;
use DuskSwitch\Core\Rehearsal\Leg;
use DuskSwitch\Core\Rehearsal\Motion;
use DuskSwitch\Core\Rehearsal\RehearsalSettings;
use DuskSwitch\Core\Signal\Compiler;
use DuskSwitch\Core\Solve\SafeFailsafe;
use PHPUnit\Framework\TestCase;

/**
 * What stays on the ground: its motor stands still with the stick in the middle, and runs both ways (common practice).
 */
final class VehicleTest extends TestCase
{
    /** @param  array<string, float|bool|string>  $settings */
    private static function program(array $settings = [], string $transmitter = 'quayside-8'): Program
    {
        $recipe = new VehicleRecipe();
        $program = RecipeWriter::fit(
            $recipe,
            RecipeSettings::of($recipe->settings(), $settings),
            FirstProgram::program(Family::GroundVehicle, 'Truggy', Given::transmitter($transmitter)),
            Given::transmitter($transmitter),
        )->program;

        return $program->with(aboard: SafeFailsafe::for($program, Given::transmitter($transmitter), null)->aboard);
    }

    public function test_forward_brake_and_neutral(): void
    {
        $circuit = Compiler::compile(self::program(['backward' => 0.5]), Given::transmitter('quayside-8'));
        $cut = $circuit->program->functions[2]->drive->control ?? '';
        $ready = [$cut => 'away'];
        $motor = fn (float $stick, array $controls): int => (int) Given::frame(
            $circuit,
            ['throttle' => $stick],
            $controls,
        )->pulse(2);

        self::assertSame([1500, 2000, 1250], [$motor(0, $ready), $motor(1, $ready), $motor(-1, $ready)]);
        self::assertSame(
            [1500, 1500],
            [$motor(0.04, $ready), $motor(-0.04, $ready)],
            'a stick that doesn\'t centre well moves nothing',
        );
        self::assertSame([1500, 1500], [$motor(1, []), $motor(-1, [])], 'cut at rest');
        self::assertSame(1500, Given::frame($circuit)->pulse(2), 'the throttle rests in its middle');
    }

    public function test_the_rear_wheels_steer_against_the_front(): void
    {
        $circuit = Compiler::compile(
            self::program(['rear' => 'against', 'steering' => 0.8, 'expo' => 0.0]),
            Given::transmitter('quayside-8'),
        );
        $frame = Given::frame($circuit, ['roll' => 1]);

        self::assertSame([1900, 1100], [$frame->pulse(1), $frame->pulse(3)]);
    }

    public function test_a_new_one_is_safe_and_its_failsafe_stops_it(): void
    {
        $proof = Proof::of(Given::context(self::program()));
        self::assertSame([], self::errors($proof));
        self::assertSame(1500, self::program()->aboard->failsafe[2]->pulse);
    }

    /** @return list<string> */
    private static function errors(Proof $proof): array
    {
        return array_values(
            array_map(
                fn (Finding $one): string => $one->says,
                array_filter($proof->findings, fn (Finding $one): bool => $one->severity === Severity::Error),
            ),
        );
    }

    /** @return array<string, array{callable(\stdClass): mixed, string}> */
    public static function spoilt(): array
    {
        return [
            'it crawls backwards' => [
                fn ($d) => ($d->outputs[1]->subtrim = -0.14),
                'Motor is at 1444 µs at power-up, outside of 1450 to 1550 µs',
            ],
            'it crawls forwards' => [
                fn ($d) => ($d->outputs[1]->subtrim = 0.14),
                'Motor is at 1556 µs at power-up, outside of 1450 to 1550 µs',
            ],
            'without a link it reverses' => [
                fn ($d) => ($d->aboard->failsafe[1]->does = 1000),
                'its failsafe gives 1000 µs, outside of 1450 to 1550 µs: the motor runs on without a link. Put the '.
                    'throttle in the middle',
            ],
            'without a link it goes on' => [
                fn ($d) => ($d->aboard->failsafe[1]->does = 'hold'),
                'without a link it goes on with the motor running. Put the throttle in the middle instead',
            ],
            'without a link nothing comes' => [
                fn ($d) => ($d->aboard->failsafe[1]->does = 'off'),
                'Give it a pulse in the middle',
            ],
            'the steering starts it' => [
                fn ($d) => ($d->outputs[1]->feeds[] = (object) ['from' => 'steering', 'weight' => -0.5]),
                'with the throttle in the middle',
            ],
        ];
    }

    #[\PHPUnit\Framework\Attributes\DataProvider('spoilt')]
    public function test_a_motor_that_does_not_stand_still_is_found(callable $spoil, string $says): void
    {
        $document = json_decode(ProgramEncoder::encode(self::program()));
        $spoil($document);
        $proof = Proof::of(
            Given::context(\DuskSwitch\Core\Format\ProgramDecoder::decode((string) json_encode($document))),
        );

        self::assertStringContainsString($says, implode("\n", self::errors($proof)));
    }

    public function test_a_little_off_the_middle_is_no_danger(): void
    {
        $document = json_decode(ProgramEncoder::encode(self::program()));
        $document->outputs[1]->subtrim = 0.12;
        $context = new ProofContext(
            \DuskSwitch\Core\Format\ProgramDecoder::decode((string) json_encode($document)),
            Given::transmitter('quayside-8'),
            null,
            null,
        );

        self::assertSame(1548, Given::frame($context->circuit())->pulse(2));
        $answers = array_map(
            fn (array $one): Answer => $one[1]->answer,
            array_filter(Proof::of($context)->rules, fn (array $one): bool => $one[0]->id() === 'no-start-above-idle'),
        );
        self::assertSame([Answer::Proven], array_values($answers));
    }

    public function test_it_rolls_out_where_its_motor_stops_and_turns_only_while_it_rolls(): void
    {
        $motion = new Motion(FlightModel::of(Family::GroundVehicle), new RehearsalSettings(1, 8.0, 270.0));
        $body = new Body();
        $motion->step($body, new Leg('', 1, turn: 30), true, 0.0, 0.0, 0.2);
        self::assertSame([0.0, false], [$body->heading, $body->flies], 'no wind moves it, standing it doesn\'t turn');
        for ($i = 0; $i < 50; $i++) {
            $motion->step($body, new Leg('', 10, 8.0), true, 0.0, 0.0, 0.2);
        }
        self::assertEqualsWithDelta(8.0, $body->airspeed, 0.01);
        self::assertTrue($body->flies);
        // Ten seconds with a little less than the speed asked for at first.
        self::assertEqualsWithDelta(8.0 * 10, $body->north, 8.0);
        self::assertSame([0.0, 0.0], [round($body->east, 6), $body->height]);
        for ($i = 0; $i < 50; $i++) {
            $motion->step($body, new Leg('', 10, 8.0), true, 0.0, 0.0, 0.2, lost: true);
        }
        self::assertSame([0.0, false], [$body->airspeed, $body->flies], 'without a link it stops');
    }

    public function test_laps_are_rehearsed_to_their_end(): void
    {
        $scenario = DefinitionKind::Scenarios->decode(
            (string) file_get_contents(Given::DEMO.'/stores/scenarios/laps.json'),
        );
        self::assertInstanceOf(\DuskSwitch\Core\Rehearsal\Scenario::class, $scenario);
        $circuit = Compiler::compile(self::program(), Given::transmitter('quayside-8'));
        $flight = (new \DuskSwitch\Core\Rehearsal\Flight(
            $circuit,
            Given::catalogue(),
            $scenario,
            new RehearsalSettings(3, 4.0, 200.0),
        ))->fly();

        $rows = Flown::rows($flight);
        self::assertSame([0.0], array_values(array_unique(array_column($rows, 'height'))));
        self::assertGreaterThan(7.0, max(array_column($rows, 'speed')));
        $last = $rows[count($rows) - 1];
        self::assertSame([0.0, 0.0], [$last['speed'], $last['flies']]);
        self::assertSame([], $flight->events(EventKind::Ground));
        $pulses = $flight->handheld->pulses ?? self::fail();
        self::assertGreaterThan(1700, max(array_column($pulses, 1)), 'it drives');
        self::assertSame(1500, $pulses[0][1]);
    }
}
