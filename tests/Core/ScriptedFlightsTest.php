<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Rehearsal\Flight;
use DuskSwitch\Core\Rehearsal\RehearsalSettings;
use DuskSwitch\Core\Rehearsal\ScriptedStep;
use DuskSwitch\Core\Signal\Compiler;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A script for many programs is flown with each school, whatever its functions and steps are called. */
final class ScriptedFlightsTest extends TestCase
{
    /** @return iterable<string, array{string, string}> a school with a switch or a button that lets it fly, and a script */
    public static function schools(): iterable
    {
        yield 'a button that toggles arm' => ['a button that toggles arm', 'hover-and-land'];
        yield 'one switch for arm and mode' => ['one switch for arm and mode', 'hover-and-land'];
        yield 'one channel for arm and modes' => ['one channel for arm and modes', 'hover-and-land'];
        yield 'two channels, two switches' => ['two channels two switches', 'hover-and-land'];
        yield 'armed by the sticks' => ['armed by the sticks', 'hover-and-land'];
        yield 'a plane with a cut of its own name' => ['plane with a motor cut', 'circuit'];
        yield 'a helicopter with a hold' => ['helicopter with a hold', 'first-hover'];
        yield 'a governed cut on a button' => ['a governed cut on a button', 'first-hover'];
        yield 'a ground vehicle' => ['ground vehicle', 'laps'];
    }

    /** @return list<bool> where it flies, or drives, row by row */
    private static function flies(Program $program, string $script): array
    {
        $circuit = Compiler::compile($program, Given::transmitter($program->transmitter));
        $scenario = Given::catalogue()->scenario($script) ?? self::fail();
        $flight = (new Flight($circuit, Given::catalogue(), $scenario, new RehearsalSettings(7)))->fly();

        return array_map(fn (mixed $one): bool => $one === 1.0, array_column(Flown::rows($flight), 'flies'));
    }

    #[DataProvider('schools')]
    public function test_it_takes_off_and_is_safe_in_the_end(string $school, string $script): void
    {
        $flies = self::flies(Schools::program(Schools::document($school)), $script);

        self::assertContains(true, $flies, 'it flew');
        self::assertFalse($flies[count($flies) - 1], 'it stands at the end');
    }

    public function test_a_script_asks_by_meaning_where_names_are_the_pilots_own(): void
    {
        $program = Schools::program(Schools::document('a button that toggles arm'));
        $found = ScriptedStep::of($program, 'arm', 'armed');

        self::assertSame([['snap', 'live']], array_map(fn ($one): array => [$one->function, $one->wanted], $found));
        self::assertSame('dead', ScriptedStep::of($program, 'arm', 'safe')[0]->wanted);
        self::assertSame([], ScriptedStep::of($program, 'arm', 'lunch'));
        self::assertSame([], ScriptedStep::of($program, 'parachute', 'out'));
        $cut = Schools::program(Schools::document('a governed cut on a button'));
        foreach (['cut' => ['ready' => 'los', 'cut' => 'halt'], 'hold' => ['released' => 'los', 'hold' => 'halt']] as $name => $steps) {
            foreach ($steps as $asked => $is) {
                self::assertSame($is, ScriptedStep::of($cut, $name, $asked)[0]->wanted, "{$name}: {$asked}");
            }
        }
    }
}
