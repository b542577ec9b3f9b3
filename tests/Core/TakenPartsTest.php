<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Format\ProgramDecoder;
use DuskSwitch\Core\Format\ProgramEncoder;
use DuskSwitch\Core\Move\Taken\TakenPart;
use DuskSwitch\Core\Move\Taken\TakenParts;
use DuskSwitch\Core\Move\Taken\TakenProgram;
use DuskSwitch\Core\Program\Condition\ControlAt;
use DuskSwitch\Core\Program\Condition\StepIs;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\ProportionalFunction;
use DuskSwitch\Core\Signal\Compiler;
use DuskSwitch\Core\Units\Range;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Parts of one aircraft in another: by what functions are for, whatever they are called. */
final class TakenPartsTest extends TestCase
{
    /** @param  list<TakenPart>  $parts */
    private function taken(Program $from, Program $to, TakenPart ...$parts): TakenProgram
    {
        $taken = (new TakenParts($from, Given::transmitter($to->transmitter), Given::catalogue()))->into($to, $parts);
        // What is taken runs, and can be kept.
        Compiler::compile(
            ProgramDecoder::decode(ProgramEncoder::encode($taken->program)),
            Given::transmitter($to->transmitter),
        );

        return $taken;
    }

    private function demo(string $name): Program
    {
        return ProgramDecoder::decode(Given::demo($name));
    }

    /** The same aircraft with everything called otherwise. */
    private function renamed(string $demo): Program
    {
        $document = str_replace(
            ['"roll"', '"Roll"', '"pitch"', '"flaps"', '"learner"'],
            ['"quer"', '"Quer"', '"nick"', '"klappen"', '"anfang"'],
            Given::demo($demo),
        );
        $document = str_replace(
            [
                '"purpose": "quer"',
                '"axis": "quer"',
                '"purpose": "nick"',
                '"axis": "nick"',
                '"purpose": "klappen"',
                '"role": "klappen"',
            ],
            [
                '"purpose": "roll"',
                '"axis": "roll"',
                '"purpose": "pitch"',
                '"axis": "pitch"',
                '"purpose": "flaps"',
                '"role": "flaps"',
            ],
            $document,
        );

        return ProgramDecoder::decode($document);
    }

    private function rate(Program $program, string $function, string $phase): ?Range
    {
        $found = $program->function($function);
        self::assertInstanceOf(ProportionalFunction::class, $found);

        return ($found->shapes[$phase] ?? null)?->rate;
    }

    public function test_rates_go_to_the_functions_of_the_same_purpose(): void
    {
        $taken = $this->taken($this->demo('tern'), $this->renamed('tern'), TakenPart::Rates);

        self::assertEquals(Range::both(0.6), $this->rate($taken->program, 'quer', 'anfang'));
        self::assertSame([], $taken->losses, 'a phase of the same name is the same');
        $straight = $this->demo('midge');
        $into = $this->taken($this->demo('tern'), $straight, TakenPart::Rates);
        self::assertEquals(Range::both(1.0), $this->rate($into->program, 'roll', $straight->base()->id));
        self::assertContains('Roll, phase Learner: there is no such phase there', $into->losses);
        self::assertSame($straight->outputs, $into->program->outputs);
    }

    public function test_curves_come_along_under_an_id_that_is_free(): void
    {
        $rook = $this->demo('rook');
        $other = json_decode(Given::demo('rook'), true);
        $curve = array_key_first($other['curves']);
        $other['curves'][$curve]['points'] = [[-1, -0.5], [1, 0.5]];
        $other = ProgramDecoder::decode((string) json_encode($other));
        $taken = $this->taken($rook, $other, TakenPart::Rates)->program;

        self::assertSame([[-1.0, -0.5], [1.0, 0.5]], $taken->curves[$curve]->points, 'what is there stays');
        self::assertEquals($rook->curves[$curve]->points, $taken->curves["{$curve}-2"]->points);
    }

    public function test_phases_hang_on_the_switches_and_functions_there(): void
    {
        $petrel = $this->demo('petrel');
        $bare = $petrel->with(phases: [$petrel->base()]);
        $taken = $this->taken($petrel, $bare, TakenPart::Phases)->program;
        self::assertEquals($petrel->phases, $taken->phases);

        $elsewhere = $this->taken($petrel, $this->demo('tern'), TakenPart::Phases);
        self::assertCount(3, $elsewhere->losses);
        self::assertSame(['main', 'learner'], array_column($elsewhere->program->phases, 'id'));
    }

    public function test_a_condition_asks_for_the_step_of_the_function_that_does_the_same(): void
    {
        $tern = json_decode(Given::demo('tern'), true);
        $tern['phases'][] = [
            'id' => 'landing',
            'name' => 'Landing',
            'when' => ['step' => ['flaps', 'full']],
            'fade' => 1,
        ];
        $tern['conditions'] = ['low' => ['control' => 'face-right', 'at' => 'away']];
        $tern['phases'][] = ['id' => 'gust', 'name' => 'Gust', 'when' => 'low'];
        $taken = $this->taken(
            ProgramDecoder::decode((string) json_encode($tern)),
            $this->renamed('tern'),
            TakenPart::Phases,
        )->program;
        $when = array_column($taken->phases, 'when', 'id');

        self::assertEquals(new StepIs('klappen', 'full'), $when['landing']);
        self::assertEquals(new ControlAt('face-right', 'away'), $when['gust'], 'a name means something else there');
    }

    public function test_alarms_come_along_where_their_sensors_are(): void
    {
        $petrel = $this->demo('petrel');
        $bare = $petrel->with(sense: $petrel->sense->with(values: [], calls: []));
        $taken = $this->taken($petrel, $bare, TakenPart::Alarms);
        self::assertSame(
            array_column($petrel->sense->calls, 'id'),
            array_column($taken->program->sense->calls, 'id'),
            implode("\n", $taken->losses),
        );

        $tern = $this->taken($petrel, $this->demo('tern'), TakenPart::Alarms);
        self::assertSame([], $tern->program->sense->calls, 'it has no sensor');
        self::assertNotSame([], $tern->losses);
    }

    public function test_a_set_up_is_for_the_same_controller(): void
    {
        $nightjar = json_decode(Given::demo('nightjar'), true);
        $nightjar['aboard']['controller'] = ['low' => 1090];
        $nightjar = ProgramDecoder::decode((string) json_encode($nightjar));

        self::assertSame(
            1090,
            $this->taken($nightjar, $this->demo('nightjar'), TakenPart::Setup)->program->aboard->controller->low,
        );
        $refused = $this->taken($nightjar, $this->demo('dunlin'), TakenPart::Setup);
        self::assertNull($refused->program->aboard->controller->low);
        self::assertSame(['The controller\'s set-up is left out: it is another controller'], $refused->losses);
    }

    public function test_with_the_kit_the_set_up_comes_along_too(): void
    {
        $nightjar = json_decode(Given::demo('nightjar'), true);
        $nightjar['aboard']['controller'] = ['low' => 1090];
        $nightjar = ProgramDecoder::decode((string) json_encode($nightjar));
        $taken = $this->taken($nightjar, $this->demo('dunlin'), TakenPart::Setup, TakenPart::Kit)->program;

        self::assertSame(['keel-f4', 1090], [$taken->controller, $taken->aboard->controller->low]);
        self::assertEquals($nightjar->aboard->kit, $taken->aboard->kit);
    }

    /** @return iterable<string, array{string, string}> */
    public static function pairs(): iterable
    {
        $demos = array_keys(Given::demos());
        foreach ($demos as $from) {
            foreach ($demos as $to) {
                yield "{$from} into {$to}" => [$from, $to];
            }
        }
    }

    #[DataProvider('pairs')]
    public function test_whatever_is_taken_runs_and_from_itself_nothing_changes(string $from, string $to): void
    {
        $taken = $this->taken($this->demo($from), $this->demo($to), ...TakenPart::cases());
        if ($from === $to) {
            self::assertSame(ProgramEncoder::encode($this->demo($to)), ProgramEncoder::encode($taken->program));
            self::assertSame([], $taken->losses);
        }
        $again = $this->taken($this->demo($from), $taken->program, ...TakenPart::cases());
        self::assertSame(ProgramEncoder::encode($taken->program), ProgramEncoder::encode($again->program));
    }
}
