<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Flight\Checklists;
use PHPUnit\Framework\TestCase;

/** Checklists say what this aircraft needs, and nothing that it hasn't. */
final class ChecklistTest extends TestCase
{
    /** @return array<string, list<string>> items by list */
    private static function lists(string $demo): array
    {
        $circuit = Given::circuit(Given::demo($demo));
        $program = $circuit->program;
        $lists = (new Checklists($circuit, Given::shelf()->receiver($program->receiver ?? ''), Given::shelf()->controller($program->controller ?? '')))->all();

        return array_column($lists, 'items', 'id');
    }

    public function test_before_each_flight(): void
    {
        $nightjar = self::lists('nightjar')['each-flight'];

        self::assertSame('Local rules and club rules allow this flight, here and now', $nightjar[0]);
        self::assertContains('Switches at rest: Flick A toward, Flick B toward, Flick C toward, Flick D toward, Flick H toward', $nightjar);
        self::assertContains('Enough satellites; home is set', $nightjar);
        self::assertNotContains('Enough satellites; home is set', self::lists('tern')['each-flight'], 'no GPS on board');
        self::assertContains('Timer set: nothing tells you the voltage', self::lists('tern')['each-flight']);
    }

    public function test_before_the_first_flight_every_switch_says_what_it_must_do(): void
    {
        self::assertContains('Flight mode on Flick B: away Free, middle Come home, toward Self-level', self::lists('nightjar')['first-flight']);
        $rook = self::lists('rook')['first-flight'];
        self::assertNotSame([], array_filter($rook, fn (string $item): bool => str_contains($item, 'The blades must jump from −11.5° to −4.6°')));
        self::assertSame([], array_filter($rook, fn (string $item): bool => str_contains($item, 'scrap of paper')), 'that is for multirotors');
    }

    public function test_before_the_first_power_up(): void
    {
        $nightjar = self::lists('nightjar')['first-power'];

        self::assertSame('Propellers are off', $nightjar[0]);
        self::assertContains('The antenna is on the video transmitter before it gets power; air moves over it on the bench', $nightjar);
        self::assertContains('Bound: a command to the controller; 2 to 2.5 m away from the transmitter, then power off and on', $nightjar);
    }
}
