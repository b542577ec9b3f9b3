<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\App\Equipment\DefinitionKind;
use DuskSwitch\Core\Format\ProgramEncoder;
use DuskSwitch\Core\Kit\Receiver;
use DuskSwitch\Core\Link\BindingAction;
use DuskSwitch\Core\Link\BindingGuide;
use DuskSwitch\Core\Link\InstalledKit;
use DuskSwitch\Core\Link\Lamp;
use PHPUnit\Framework\TestCase;

/** Ways to bind that the demo's receivers haven't, or have in a form of their own (common practice). */
final class BindingWaysTest extends TestCase
{
    public function test_what_binds_by_itself_does_so_only_where_it_hears_no_transmitter(): void
    {
        $tern = BindingTest::kit('tern');
        $on = [BindingAction::StepBack, BindingAction::TransmitterOn, BindingAction::PowerOn];

        self::assertStringContainsString('transmitter off, then power it', BindingTest::after($tern, $on)->says());
        self::assertFalse(BindingTest::after($tern, [...$on, BindingAction::TransmitterBinds])->hears());
        self::assertStringContainsString(
            'at a power-up with the transmitter off',
            BindingTest::after($tern, [...$on, BindingAction::TransmitterBinds])->says(),
        );
        $off = [BindingAction::TransmitterOff, BindingAction::PowerOff, BindingAction::PowerOn];
        self::assertSame(Lamp::Quick, BindingTest::after($tern, [...$on, ...$off])->lamp(), 'it can be tried again');
    }

    public function test_two_parts_at_once_both_have_to_wait(): void
    {
        $kit = BindingTest::kit('tern');
        $twin = self::with($kit, ['binding' => 'together']);
        $acts = BindingGuide::acts($twin->receiver ?? self::fail());
        $without = fn (BindingAction $left): array => array_values(
            array_filter($acts, fn (BindingAction $act): bool => $act !== $left),
        );

        self::assertTrue(BindingTest::after($twin, $acts)->hears());
        self::assertFalse(BindingTest::after($twin, $without(BindingAction::OtherPart))->hears());
        self::assertStringContainsString(
            'power both',
            BindingTest::after($twin, array_slice($without(BindingAction::OtherPart), 0, 4))->says(),
        );
        self::assertContains(BindingAction::OtherPart, BindingGuide::possible($twin->receiver));
        self::assertNotContains(BindingAction::OtherPart, BindingGuide::possible($kit->receiver ?? self::fail()));
    }

    public function test_the_bind_command_says_its_number_where_it_has_one(): void
    {
        $says = fn (array $more): string => BindingGuide::says(
            BindingAction::Command,
            self::with(BindingTest::kit('nightjar'), $more)->receiver ?? self::fail(),
        );

        self::assertSame('Type the bind command with the number 12', $says(['bindNumber' => 12]));
        self::assertSame('Type the bind command with the number 0', $says(['bindNumber' => 0]));
        self::assertSame(BindingAction::Command->says(), $says([]));
    }

    /** @param  array<string, mixed>  $more */
    private static function with(InstalledKit $kit, array $more): InstalledKit
    {
        $own = DefinitionKind::Receivers->decode(
            (string) json_encode([
                'format' => 'dusk-switch/receiver',
                'version' => 1,
                'id' => 'eigener',
                'name' => 'Eigener Empfänger',
                'link' => $kit->receiver?->link,
                'subtype' => $kit->receiver?->subtype,
                'generation' => $kit->receiver?->generation,
                'channels' => 8,
                'wires' => ['serial'],
                'supply' => [4, 9],
                'draw' => 80,
                'binding' => 'command',
                ...$more,
            ]),
        );
        $program = json_decode(ProgramEncoder::encode($kit->program), true);

        return InstalledKit::of(
            Schools::program(['receiver' => 'eigener'] + (is_array($program) ? $program : [])),
            $kit->transmitter,
            new OwnEquipment(['eigener' => $own instanceof Receiver ? $own : self::fail()]),
        );
    }
}
