<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Format\ProgramDecoder;
use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Program\ButtonUse;
use DuskSwitch\Core\Program\ControlAssignment;
use DuskSwitch\Core\Program\Press;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\SteppedFunction;
use DuskSwitch\Core\Proof\Rule\OneFunctionAControl;
use DuskSwitch\Core\Signal\Circuit;
use DuskSwitch\Core\Signal\Compiler;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a press of a button does. */
final class PressTest extends TestCase
{
    private const TICK = 0.02;

    private function transmitter(): Transmitter
    {
        return Given::transmitter();
    }

    private function program(): Program
    {
        return ProgramDecoder::decode(json_encode([
            'format' => 'dusk-switch/program', 'version' => 2, 'name' => 'Kiebitz', 'family' => 'multirotor',
            'transmitter' => $this->transmitter()->id,
            'phases' => [['id' => 'main', 'name' => 'Main']],
            'functions' => array_map(fn (string $id): array => [
                'id' => $id, 'name' => ucfirst($id), 'purpose' => 'other',
                'steps' => [['id' => 'quiet', 'value' => -1], ['id' => 'half', 'value' => 0], ['id' => 'loud', 'value' => 1]],
            ], ['siren', 'lamp']),
            'outputs' => [
                ['channel' => 1, 'name' => 'Siren', 'feeds' => [['from' => 'siren']]],
                ['channel' => 2, 'name' => 'Lamp', 'feeds' => [['from' => 'lamp']]],
            ],
        ], JSON_THROW_ON_ERROR));
    }

    private function on(Program $program, string $function, Press $press): Program
    {
        return ControlAssignment::drive($program, $function, $this->transmitter()->control('button-left'), $press);
    }

    /**
     * @param  list<array{bool, float}>  $presses  whether it is pressed, and for how many seconds
     * @return string the step that the siren is in afterwards
     */
    private function after(Circuit $circuit, array $presses, string $function = 'siren'): string
    {
        $state = null;
        $step = '';
        foreach ($presses as [$pressed, $seconds]) {
            $inputs = Given::inputs($circuit, controls: ['button-left' => $pressed ? 'pressed' : 'released']);
            for ($ticks = (int) round($seconds / self::TICK); $ticks > 0; $ticks--) {
                $tick = $circuit->tick($inputs, $state);
                $state = $tick->state;
                $step = $tick->frame->steps()[$function];
            }
        }

        return $step;
    }

    /** @return iterable<string, array{Press, list<array{bool, float}>, string}> */
    public static function hands(): iterable
    {
        [$short, $pause, $long] = [[true, 0.1], [false, 0.1], [true, 1.2]];
        $rest = [false, 1.0];
        yield 'held while it is held' => [Press::Held, [$rest, $short], 'loud'];
        yield 'held no longer' => [Press::Held, [$rest, $short, $pause], 'quiet'];
        yield 'each press' => [Press::Each, [$rest, $short, $pause], 'loud'];
        yield 'each press, again' => [Press::Each, [$rest, $short, $pause, $short, $pause], 'quiet'];
        yield 'single, waited for a second one' => [Press::Single, [$rest, $short, $rest], 'loud'];
        yield 'single, not yet' => [Press::Single, [$rest, $short, [false, 0.2]], 'quiet'];
        yield 'single isn’t double' => [Press::Single, [$rest, $short, $pause, $short, $rest], 'quiet'];
        yield 'double' => [Press::Double, [$rest, $short, $pause, $short], 'loud'];
        yield 'double isn’t two slow ones' => [Press::Double, [$rest, $short, [false, 0.5], $short, $rest], 'quiet'];
        yield 'long' => [Press::Long, [$rest, $long, $rest], 'loud'];
        yield 'long isn’t short' => [Press::Long, [$rest, [true, 0.9], $rest], 'quiet'];
        yield 'long, twice' => [Press::Long, [$rest, $long, $rest, $long], 'quiet'];
    }

    /** @param  list<array{bool, float}>  $hand */
    #[DataProvider('hands')]
    public function test_a_press_works_the_function(Press $press, array $hand, string $step): void
    {
        $program = $this->on($this->program(), 'siren', $press);

        self::assertSame($step, $this->after(Compiler::compile($program, $this->transmitter()), $hand));
        $siren = $program->function('siren');
        self::assertInstanceOf(SteppedFunction::class, $siren);
        $use = ButtonUse::of($siren);
        self::assertSame(['button-left', $press], [$use?->button, $use?->press]);
    }

    public function test_one_button_does_two_things_by_single_and_double_press(): void
    {
        $program = $this->on($this->on($this->program(), 'siren', Press::Single), 'lamp', Press::Double);
        $circuit = Compiler::compile($program, $this->transmitter());
        $double = [[false, 1.0], [true, 0.1], [false, 0.1], [true, 0.1], [false, 1.0]];

        self::assertSame(['quiet', 'loud'], [$this->after($circuit, $double), $this->after($circuit, $double, 'lamp')]);
        self::assertSame([], $this->shared($program));
    }

    /** @return iterable<string, array{Press, Press}> */
    public static function fights(): iterable
    {
        yield 'the same press' => [Press::Double, Press::Double];
        yield 'each press is a single one too' => [Press::Each, Press::Single];
        yield 'a long press holds it as well' => [Press::Long, Press::Held];
    }

    #[DataProvider('fights')]
    public function test_two_functions_on_one_press_are_told(Press $one, Press $other): void
    {
        $found = $this->shared($this->on($this->on($this->program(), 'siren', $one), 'lamp', $other));

        self::assertCount(1, $found);
        self::assertStringContainsString('Siren and Lamp together', $found[0]);
    }

    /** @return list<string> */
    private function shared(Program $program): array
    {
        return array_column((new OneFunctionAControl())->judge(Given::context($program))->findings, 'says');
    }

    public function test_a_press_is_for_buttons(): void
    {
        $this->expectException(Refused::class);
        $this->expectExceptionMessage('for a button alone');
        ControlAssignment::drive($this->program(), 'siren', $this->transmitter()->control('left-back'), Press::Long);
    }
}
