<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Airframe\FirstProgram;
use DuskSwitch\Core\Checklist\Checklists;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Format\ProgramDecoder;
use DuskSwitch\Core\Format\ProgramEncoder;
use DuskSwitch\Core\Program\Family;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Proof\Finding;
use DuskSwitch\Core\Proof\Proof;
use DuskSwitch\Core\Proof\Severity;
use DuskSwitch\Core\Sheet\Sheet;
use DuskSwitch\Core\Signal\Compiler;
use DuskSwitch\Core\Solve\SafeFailsafe;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A new aircraft of any family on any transmitter: from the first minute to the sheet. */
final class NewAircraftTest extends TestCase
{
    /** @return iterable<string, array{Family, string}> */
    public static function aircraft(): iterable
    {
        foreach (Family::cases() as $family) {
            foreach (['harbour-16', 'quayside-8', 'lamplight-12'] as $transmitter) {
                yield "{$family->value} on {$transmitter}" => [$family, $transmitter];
            }
        }
    }

    #[DataProvider('aircraft')]
    public function test_the_proof_asks_for_nothing_but_what_is_not_chosen_yet(
        Family $family,
        string $transmitter,
    ): void {
        $errors = self::errors(self::program($family, $transmitter));

        self::assertSame([], array_values(array_diff($errors, ['failsafe'])), 'only the failsafe is still to be set');
    }

    public function test_a_multirotor_without_a_controller_is_asked_for_one_and_nothing_is_said_of_its_arming(): void
    {
        $errors = self::errors(FirstProgram::program(Family::TinyMultirotor, 'New', Given::transmitter('harbour-16')));

        self::assertSame(['controller-chosen', 'failsafe'], $errors);
    }

    #[DataProvider('aircraft')]
    public function test_with_its_failsafe_set_it_is_safe_in_every_state(Family $family, string $transmitter): void
    {
        $safe = SafeFailsafe::for(
            self::program($family, $transmitter),
            Given::transmitter($transmitter),
            Given::catalogue()->controller(self::program($family, $transmitter)->controller ?? ''),
        );

        self::assertSame([], self::errors($safe));
        self::assertTrue(Proof::of(Given::context($safe))->isSafe());
    }

    #[DataProvider('aircraft')]
    public function test_it_can_be_kept_keyed_in_and_checked(Family $family, string $transmitter): void
    {
        $program = self::program($family, $transmitter);
        $circuit = Compiler::compile($program, Given::transmitter($transmitter));

        self::assertEquals($program, ProgramDecoder::decode(ProgramEncoder::encode($program)));
        self::assertSame([], Sheet::of($program, Given::transmitter($transmitter), Given::catalogue())->losses);
        foreach ((new Checklists($circuit, null, null, false))->all() as $list) {
            self::assertNotSame([], $list->items, $list->title);
        }
    }

    #[DataProvider('aircraft')]
    public function test_its_motor_stands_at_power_up(Family $family, string $transmitter): void
    {
        $context = Given::context(self::program($family, $transmitter));
        foreach ($context->motors() as $motor) {
            $pulse = Given::frame(Compiler::compile($context->program, $context->transmitter))->pulse($motor->channel);
            self::assertTrue(
                $family === Family::GroundVehicle ? $pulse === 1500 : $pulse <= 1050,
                "{$motor->name} at {$pulse} µs",
            );
        }
        self::assertNotSame([], $context->program->outputs);
    }

    private static function program(Family $family, string $transmitter): Program
    {
        try {
            $program = FirstProgram::program($family, 'New', Given::transmitter($transmitter));

            // A multirotor is armed by its controller: without one there is nothing to judge.
            return in_array($family, [Family::Multirotor, Family::TinyMultirotor], true)
                ? $program->with(controller: 'keel-f4')
                : $program;
        } catch (Refused $refused) {
            self::fail($refused->getMessage());
        }
    }

    /** @return list<string> the rules that errors break */
    private static function errors(Program $program): array
    {
        $errors = array_filter(
            Proof::of(Given::context($program))->findings,
            fn (Finding $one): bool => $one->severity === Severity::Error,
        );

        return array_values(array_unique(array_map(fn (Finding $one): string => $one->rule, $errors)));
    }
}
