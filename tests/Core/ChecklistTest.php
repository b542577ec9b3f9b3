<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Checklist\Checklists;
use DuskSwitch\Core\Telemetry\Values;
use PHPUnit\Framework\TestCase;

/** Checklists say what this aircraft needs, and nothing that it hasn't. */
final class ChecklistTest extends TestCase
{
    /** @return array<string, list<string>> items by list */
    private static function lists(string $demo): array
    {
        $circuit = Given::circuit(Given::demo($demo));
        $program = $circuit->program;
        $lists = (new Checklists(
            $circuit,
            Given::catalogue()->receiver($program->receiver ?? ''),
            Given::catalogue()->controller($program->controller ?? ''),
            Values::of($program, Given::catalogue())->tellVoltage(),
        ))->all();

        return array_column($lists, 'items', 'id');
    }

    public function test_the_packs_voltage_is_asked_for_only_where_something_tells_it(): void
    {
        $document = json_decode(Given::demo('petrel'));
        $document->sense->chain = [$document->sense->chain[0]];
        $without = Given::circuit((string) json_encode($document, JSON_PRESERVE_ZERO_FRACTION))->program;
        self::assertFalse(Values::of($without, Given::catalogue())->tellVoltage(), 'a variometer alone tells none');
        self::assertContains('The pack\'s voltage is what it should be', self::lists('petrel')['each-flight']);
        $items = (new Checklists(Given::circuit(Given::demo('petrel')), Given::catalogue()->receiver('lantern-r12'), null, false))
            ->all()[0]->items;
        self::assertContains('Telemetry reset', $items);
        self::assertContains('Timer set: nothing tells you the voltage', $items);
    }

    public function test_before_each_flight(): void
    {
        $nightjar = self::lists('nightjar')['each-flight'];

        self::assertSame('Local rules and club rules allow this flight, here and now', $nightjar[0]);
        self::assertContains(
            'Switches at rest: Left shoulder toward, Left front toward, Left side toward, Left back toward, Right shoulder toward',
            $nightjar,
        );
        self::assertContains('Enough satellites; home is set', $nightjar);
        self::assertNotContains(
            'Enough satellites; home is set',
            self::lists('tern')['each-flight'],
            'no GPS on board',
        );
        self::assertContains('Timer set: nothing tells you the voltage', self::lists('tern')['each-flight']);
    }

    public function test_before_the_first_flight_every_switch_says_what_it_must_do(): void
    {
        self::assertContains(
            'Flight mode on Left front: away Free, middle Come home, toward Self-level',
            self::lists('nightjar')['first-flight'],
        );
        $rook = self::lists('rook')['first-flight'];
        self::assertNotSame(
            [],
            array_filter(
                $rook,
                fn (string $item): bool => str_contains($item, 'The blades must jump from −11.5° to −4.6°'),
            ),
        );
        self::assertSame(
            [],
            array_filter($rook, fn (string $item): bool => str_contains($item, 'scrap of paper')),
            'that is for multirotors',
        );
    }

    public function test_before_the_first_power_up(): void
    {
        $nightjar = self::lists('nightjar')['first-power'];

        self::assertSame('Propellers are off', $nightjar[0]);
        self::assertContains(
            'The antenna is on the video transmitter before it gets power; air moves over it on the bench',
            $nightjar,
        );
        self::assertContains(
            'Bound: a command to the controller; 2 to 2.5 m away from the transmitter, then power off and on',
            $nightjar,
        );
    }

    public function test_a_helicopter_has_blades_and_the_rest_propellers(): void
    {
        foreach (array_keys(Given::demos()) as $demo) {
            $lists = self::lists($demo);
            $says = implode("\n", [...$lists['each-flight'], ...$lists['first-flight']]);
            self::assertSame(
                $demo === 'rook',
                str_contains($says, 'Blades on last') && str_contains($says, 'Blades whole'),
                $demo,
            );
            $propellers = ! in_array($demo, ['rook', 'wheatear'], true);
            self::assertSame($propellers, str_contains($says, 'Propellers on last'), $demo);
            self::assertSame($propellers, str_contains($says, 'Propellers are off for all of this'), $demo);
        }
    }

    public function test_every_list_begins_and_ends_with_what_keeps_people_whole(): void
    {
        foreach (array_keys(Given::demos()) as $demo) {
            $lists = self::lists($demo);
            self::assertStringStartsWith('Local rules and club rules', $lists['each-flight'][0], $demo);
            self::assertSame(
                'Area clear, people behind you',
                $lists['each-flight'][count($lists['each-flight']) - 1],
                $demo,
            );
            $drives = $demo === 'wheatear';
            self::assertStringStartsWith(
                $drives ? 'The wheels are off the ground' : 'Propellers are off',
                $lists['first-power'][0],
                $demo,
            );
            self::assertSame('Failsafe is set', $lists['first-power'][count($lists['first-power']) - 1], $demo);
            self::assertStringContainsString(
                $drives ? 'away from people' : 'Beside a beginner stands someone who can fly it',
                $lists['first-flight'][count($lists['first-flight']) - 1],
                $demo,
            );
            foreach ($lists as $items) {
                self::assertSame($items, array_values(array_unique($items)), $demo);
            }
        }
    }
}
