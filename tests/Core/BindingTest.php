<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Format\ProgramDecoder;
use DuskSwitch\Core\Format\TransmitterDecoder;
use DuskSwitch\Core\Kit\Binding;
use DuskSwitch\Core\Link\BindingAction;
use DuskSwitch\Core\Link\BindingGuide;
use DuskSwitch\Core\Link\InstalledKit;
use DuskSwitch\Core\Link\Lamp;
use DuskSwitch\Core\Link\LinkLoss;
use DuskSwitch\Core\Link\ReceiverFault;
use DuskSwitch\Core\Link\ReceiverPort;
use DuskSwitch\Core\Program\Failsafe;
use DuskSwitch\StandIn\SimulatedReceiver;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Binding with the simulated receiver: it needs the right order, distance, sub-type and firmware, and fails as real
 * ones do.
 */
final class BindingTest extends TestCase
{
    public static function kit(string $demo, ?callable $spoil = null): InstalledKit
    {
        $document = json_decode(Given::demo($demo));
        $spoil === null ?: $spoil($document);
        $program = ProgramDecoder::decode((string) json_encode($document));

        return InstalledKit::of($program, Given::transmitter($program->transmitter), Given::catalogue());
    }

    /** @param  list<BindingAction>  $acts */
    public static function after(InstalledKit $kit, array $acts, ?ReceiverFault $trouble = null): ReceiverPort
    {
        return array_reduce(
            $acts,
            fn (ReceiverPort $receiver, BindingAction $act): ReceiverPort => $receiver->after($act),
            SimulatedReceiver::of($kit, $trouble),
        );
    }

    /** @return array<string, array{InstalledKit}> */
    public static function pairs(): array
    {
        return [
            'a command to the controller' => [self::kit('nightjar')],
            'menu, then power' => [self::kit('petrel')],
            'by itself at first power-up' => [self::kit('tern')],
            'a button held' => [
                self::kit('nightjar', fn ($d) => ([$d->receiver, $d->aboard->kit->subtype] = ['lantern-r4', 'wide-8'])),
            ],
        ];
    }

    public function test_usb_power_is_told_where_a_command_binds_and_the_antenna_where_there_is_a_controller(): void
    {
        $usb = 'USB power is often enough for binding a receiver on a flight controller.';
        self::assertContains($usb, BindingGuide::cautions(self::kit('nightjar')));
        self::assertNotContains($usb, BindingGuide::cautions(self::kit('petrel')));
        $antenna = 'A video transmitter has its antenna on before it gets power, and air moves over it.';
        self::assertContains(
            $antenna,
            BindingGuide::cautions(
                self::kit('nightjar', fn ($d) => ($d->aboard->kit->ports[1]->owner = 'Bildsender')),
            ),
        );
        self::assertNotContains($antenna, BindingGuide::cautions(self::kit('petrel')));
    }

    #[DataProvider('pairs')]
    public function test_the_guides_steps_bind_the_pair(InstalledKit $kit): void
    {
        $receiver = self::after($kit, BindingGuide::acts($kit->receiver ?? self::fail()));

        self::assertSame(Lamp::Solid, $receiver->lamp());
        self::assertTrue($receiver->hears());
        self::assertSame($kit->receiver->telemetry, $receiver->telemetry());
        self::assertStringContainsString('bound', $receiver->says());
    }

    #[DataProvider('pairs')]
    public function test_too_close_swamps_it(InstalledKit $kit): void
    {
        $acts = array_filter(
            BindingGuide::acts($kit->receiver ?? self::fail()),
            fn (BindingAction $act): bool => $act !== BindingAction::StepBack,
        );

        self::assertFalse(self::after($kit, array_values($acts))->hears(), 'it begins half a metre away');
    }

    public function test_what_goes_wrong_is_said_with_its_cure(): void
    {
        $steps = fn (InstalledKit $kit): array => BindingGuide::acts($kit->receiver ?? self::fail());
        $wrong = self::kit('nightjar', fn ($d) => ($d->aboard->kit->subtype = 'wide-8'));
        $bind = array_slice($steps($wrong), 0, 5);
        self::assertStringContainsString(
            'The wrong sub-type is chosen in the program: it goes on blinking. Choose Wide, 16 channels.',
            self::after($wrong, $bind)->says(),
        );
        self::assertSame(Lamp::Quick, self::after($wrong, $bind)->lamp());

        $close = self::kit('nightjar');
        self::assertStringContainsString(
            'Too close',
            self::after($close, [
                BindingAction::TransmitterOn,
                BindingAction::PowerOn,
                BindingAction::Command,
                BindingAction::TransmitterBinds,
            ])->says(),
        );
        self::assertStringContainsString(
            'type the command first',
            self::after($close, [
                BindingAction::StepBack,
                BindingAction::TransmitterOn,
                BindingAction::PowerOn,
                BindingAction::TransmitterBinds,
            ])->says(),
        );

        $button = self::kit(
            'nightjar',
            fn ($d) => ([$d->receiver, $d->aboard->kit->subtype] = ['lantern-r4', 'wide-8']),
        );
        self::assertStringContainsString(
            'must be held while it gets power',
            self::after($button, [
                BindingAction::StepBack,
                BindingAction::TransmitterOn,
                BindingAction::PowerOn,
                BindingAction::ButtonHeld,
                BindingAction::TransmitterBinds,
            ])->says(),
        );
    }

    public function test_a_lost_link_is_failsafe_and_comes_back(): void
    {
        $kit = self::kit('nightjar');
        $bound = self::after($kit, BindingGuide::acts($kit->receiver ?? self::fail()));
        $lost = $bound->after(BindingAction::TransmitterOff);

        self::assertSame([false, Lamp::Slow, false], [$lost->hears(), $lost->lamp(), $lost->telemetry()]);
        self::assertStringContainsString('failsafe', $lost->says());
        self::assertTrue($lost->after(BindingAction::TransmitterOn)->hears());
        self::assertSame(Lamp::Off, $bound->after(BindingAction::PowerOff)->lamp());
    }

    public function test_whatever_one_does_it_hears_only_with_power_and_a_transmitter(): void
    {
        $random = new Randomizer(new Mt19937(5));
        $acts = BindingAction::cases();
        foreach (self::pairs() as $name => [$kit]) {
            $heard = 0;
            for ($try = 0; $try < 200; $try++) {
                $receiver = SimulatedReceiver::of($kit);
                [$power, $transmitter, $done] = [false, false, []];
                for ($step = 0; $step < 12; $step++) {
                    $act =
                        $random->getInt(0, 2) === 0
                            ? $acts[$random->getInt(0, count($acts) - 1)]
                            : BindingGuide::acts($kit->receiver ?? self::fail())[
                                $step % count(BindingGuide::acts($kit->receiver))
                            ];
                    $done[] = $act->value;
                    $receiver = $receiver->after($act);
                    $power =
                        in_array($act, [BindingAction::PowerOn, BindingAction::FlightPack], true) ||
                        ($power && $act !== BindingAction::PowerOff);
                    $transmitter =
                        $act === BindingAction::TransmitterOn ||
                        ($transmitter && $act !== BindingAction::TransmitterOff);
                    $heard += $receiver->hears() ? 1 : 0;
                    self::assertFalse(
                        $receiver->hears() && ! ($power && $transmitter),
                        "{$name}: ".implode(', ', $done),
                    );
                    self::assertFalse(
                        $receiver->telemetry() && ! $receiver->hears(),
                        "{$name}: ".implode(', ', $done),
                    );
                    self::assertTrue($power || $receiver->lamp() === Lamp::Off, "{$name}: ".implode(', ', $done));
                    self::assertNotSame('', $receiver->says());
                }
            }
            self::assertGreaterThan(20, $heard, "{$name} is bound now and then");
        }
    }

    public function test_who_has_a_video_transmitter_is_told_of_its_antenna(): void
    {
        $told = fn (string $demo): bool => array_filter(
            BindingGuide::cautions(self::kitOf($demo)),
            fn (string $one): bool => str_contains($one, 'antenna'),
        ) !== [];

        self::assertSame([true, false], [$told('nightjar'), $told('petrel')]);
    }

    private static function kitOf(string $demo): InstalledKit
    {
        $program = ProgramDecoder::decode(Given::demo($demo));

        return InstalledKit::of($program, Given::transmitter($program->transmitter), Given::catalogue());
    }

    public function test_an_act_changes_nothing_of_what_was(): void
    {
        $new = SimulatedReceiver::of(self::kit('petrel'));
        $new->after(BindingAction::PowerOn);

        self::assertSame(Lamp::Off, $new->lamp());
    }

    public function test_firmware_that_does_not_match_drops_into_failsafe_at_once(): void
    {
        $kit = self::kit('nightjar');
        $text = str_replace(
            '"generation": 3',
            '"generation": 2',
            (string) file_get_contents(Given::DEMO.'/stores/transmitters/harbour-16.json'),
        );
        $old = InstalledKit::of($kit->program, TransmitterDecoder::decode($text), Given::catalogue());
        $receiver = self::after($old, BindingGuide::acts($old->receiver ?? self::fail()));

        self::assertSame([Lamp::Slow, false], [$receiver->lamp(), $receiver->hears()]);
        self::assertStringContainsString(
            'drops into failsafe at once: the firmware of the two sides doesn\'t match',
            $receiver->says(),
        );
    }

    /**
     * @return iterable<string, array{ReceiverFault, list<BindingAction>, string, bool, bool, bool}> after binding:
     * acts, what is said, hears, reads, arrives
     */
    public static function troubles(): iterable
    {
        yield 'two generations' => [
            ReceiverFault::FirmwareApart,
            [],
            'drops into failsafe at once',
            false,
            false,
            false,
        ];
        yield 'a broken antenna, on the bench' => [
            ReceiverFault::BrokenAntenna,
            [BindingAction::MoveSticks],
            'Each stick moves its own bar',
            true,
            true,
            true,
        ];
        yield 'a broken antenna, range check' => [
            ReceiverFault::BrokenAntenna,
            [BindingAction::RangeCheck],
            'the link is gone: don\'t fly',
            true,
            true,
            true,
        ];
        yield 'a broken antenna, far out' => [
            ReceiverFault::BrokenAntenna,
            [BindingAction::FarOut],
            '400 m away: failsafe',
            false,
            false,
            false,
        ];
        yield 'a broken antenna, saved by power' => [
            ReceiverFault::BrokenAntenna,
            [BindingAction::FarOut, BindingAction::MorePower],
            '100 mW: 10 dB more. Solid light',
            true,
            true,
            true,
        ];
        yield 'the wrong input' => [
            ReceiverFault::WrongInput,
            [BindingAction::MoveSticks],
            'no bar moves at the controller',
            true,
            true,
            false,
        ];
        yield 'no port' => [
            ReceiverFault::NoPort,
            [BindingAction::MoveSticks],
            'no bar moves at the controller',
            true,
            true,
            false,
        ];
        yield 'no telemetry' => [
            ReceiverFault::NoTelemetry,
            [BindingAction::MoveSticks],
            'Each stick moves its own bar',
            true,
            false,
            true,
        ];
        yield 'a weak supply' => [
            ReceiverFault::WeakSupply,
            [BindingAction::MoveSticks],
            'it goes dark',
            false,
            false,
            false,
        ];
        yield 'a weak supply, cured' => [
            ReceiverFault::WeakSupply,
            [BindingAction::MoveSticks, BindingAction::FlightPack, BindingAction::MoveSticks],
            'Each stick moves its own bar',
            true,
            true,
            true,
        ];
        yield 'another order' => [
            ReceiverFault::OtherOrder,
            [BindingAction::MoveSticks],
            'The roll stick moves the yaw bar',
            true,
            true,
            true,
        ];
        yield 'no failsafe' => [
            ReceiverFault::NoFailsafe,
            [BindingAction::TransmitterOff],
            'keeps its last position',
            false,
            false,
            false,
        ];
        yield 'a bare video transmitter' => [
            ReceiverFault::BareVideo,
            [],
            'The video transmitter gets hot',
            true,
            true,
            true,
        ];
    }

    /** @param  list<BindingAction>  $acts */
    #[DataProvider('troubles')]
    public function test_each_trouble_shows_as_in_the_trade(
        ReceiverFault $trouble,
        array $acts,
        string $says,
        bool $hears,
        bool $reads,
        bool $arrives,
    ): void {
        $kit = self::kit('nightjar');
        $receiver = self::after($kit, [...BindingGuide::acts($kit->receiver ?? self::fail()), ...$acts], $trouble);

        self::assertStringContainsString($says, $receiver->says());
        self::assertSame(
            [$hears, $reads, $arrives],
            [$receiver->hears(), $receiver->telemetry(), $receiver->arrives()],
        );
    }

    #[DataProvider('pairs')]
    public function test_what_can_be_done_holds_the_guides_steps_and_nothing_of_other_ways(InstalledKit $kit): void
    {
        $receiver = $kit->receiver ?? self::fail();
        $possible = BindingGuide::possible($receiver);
        foreach (BindingGuide::acts($receiver) as $act) {
            self::assertContains($act, $possible);
        }
        self::assertSame(
            $receiver->binding->by === Binding::Button,
            in_array(BindingAction::ButtonHeld, $possible, true),
        );
        self::assertSame($receiver->binding->by === Binding::Command, in_array(BindingAction::Save, $possible, true));
        self::assertContains(BindingAction::RangeCheck, $possible);
    }

    public function test_a_sound_receiver_passes_its_range_check_and_flies_far(): void
    {
        $kit = self::kit('nightjar');
        $bound = self::after($kit, BindingGuide::acts($kit->receiver ?? self::fail()));

        self::assertStringContainsString(
            'every channel answers, with 15 dB in hand',
            $bound->after(BindingAction::RangeCheck)->says(),
        );
        self::assertTrue($bound->after(BindingAction::FarOut)->hears());
    }

    public function test_every_trouble_has_a_name_a_sign_and_a_cure_of_its_own(): void
    {
        foreach (['says', 'cure'] as $word) {
            self::assertCount(
                count(ReceiverFault::cases()),
                array_unique(array_map(fn (ReceiverFault $one): string => $one->{$word}(), ReceiverFault::cases())),
            );
        }
        foreach (ReceiverFault::cases() as $one) {
            self::assertNotSame('', $one->shows());
        }
    }

    public function test_after_a_second_every_channel_does_what_its_failsafe_says(): void
    {
        $petrel = Given::circuit(Given::demo('petrel'));
        $flying = Given::frame($petrel, ['throttle' => 1.0, 'roll' => 0.5], ['top-left' => 'away']);

        self::assertSame(2000, LinkLoss::pulses($petrel->program, $flying, 0.5)[7], 'it keeps the last at first');
        self::assertSame(
            [1540, 1000],
            [LinkLoss::pulses($petrel->program, $flying, 1.0)[1], LinkLoss::pulses($petrel->program, $flying, 1.0)[7]],
        );

        $set = fn (array $failsafe): ?int => LinkLoss::pulses(
            $petrel->program->with(aboard: $petrel->program->aboard->with(failsafe: $failsafe)),
            $flying,
            5.0,
        )[7];
        self::assertSame(
            [2000, null, 2000],
            [$set([7 => Failsafe::hold()]), $set([7 => Failsafe::off()]), $set([])],
            'one that was never set flies on with the motor running',
        );
    }
}
