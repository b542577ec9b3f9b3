<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Fault\Faults;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Flight\EventKind;
use DuskSwitch\Core\Format\Json;
use DuskSwitch\Core\Format\ProgramDecoder;
use DuskSwitch\Core\Format\ProgramEncoder;
use DuskSwitch\Core\Format\ScenarioDecoder;
use DuskSwitch\Core\Format\TransmitterDecoder;
use DuskSwitch\Core\Kit\Axis;
use DuskSwitch\Core\Move\TransmitterMove;
use DuskSwitch\Core\Program\Condition\ControlAt;
use DuskSwitch\Core\Program\ConditionUsages;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Proof\Finding;
use DuskSwitch\Core\Proof\Proof;
use DuskSwitch\Core\Rehearsal\Flight;
use DuskSwitch\Core\Rehearsal\Rehearsal;
use DuskSwitch\Core\Rehearsal\RehearsalSettings;
use DuskSwitch\Core\Sheet\Line;
use DuskSwitch\Core\Sheet\Sheet;
use DuskSwitch\Core\Signal\Compiler;
use DuskSwitch\Core\Speech\English;
use DuskSwitch\Core\Speech\QueuedPhrase;
use DuskSwitch\Core\Speech\Voice;
use DuskSwitch\Core\Telemetry\Deriver;
use DuskSwitch\Core\Telemetry\Sample;
use DuskSwitch\Core\Telemetry\Values;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a transmitter does beside its channels: log, reset, trainer link, a word at power-up, warnings of its own. */
final class BesideChannelsTest extends TestCase
{
    /** @param  callable(object): void  $change */
    private static function program(string $demo, callable $change): Program
    {
        $document = json_decode(Given::demo($demo));
        $change($document);

        return ProgramDecoder::read(Json::decode((string) json_encode($document)));
    }

    public function test_all_of_it_is_kept_by_the_format(): void
    {
        $program = self::program('petrel', function (object $d): void {
            $d->sense->logging = ['when' => ['control' => 'face-left', 'at' => 'away'], 'every' => 0.5];
            $d->sense->reset = ['control' => 'face-left', 'at' => 'middle'];
            $d->trainer = ['when' => ['control' => 'top-right', 'at' => 'away'], 'sticks' => ['roll', 'pitch']];
            $d->sense->calls[0]->within = 12;
        });
        $again = ProgramDecoder::read(Json::decode(ProgramEncoder::encode($program)));

        self::assertEquals($program->sense, $again->sense);
        self::assertEquals($program->trainer, $again->trainer);
        self::assertSame(0.5, $again->sense->logging?->every);
        self::assertSame([Axis::Roll, Axis::Pitch], $again->trainer?->axes);
        self::assertSame('roll and pitch', $again->trainer->sticks());
    }

    public function test_a_switch_that_works_them_is_seen_to_do_something(): void
    {
        $program = self::program('petrel', function (object $d): void {
            $d->sense->logging = ['when' => ['control' => 'face-left', 'at' => 'away']];
            $d->sense->reset = ['control' => 'face-left', 'at' => 'middle'];
            $d->trainer = ['when' => ['control' => 'top-right', 'at' => 'away']];
        });

        self::assertSame(
            ['face-left' => ['the log', 'the reset of telemetry'], 'top-right' => ['the trainer link']],
            array_intersect_key(ConditionUsages::ofControls($program), ['face-left' => 1, 'top-right' => 1]),
        );
    }

    public function test_a_reset_begins_anew_each_time_it_is_asked_for_and_timers_go_on(): void
    {
        $program = self::program('petrel', function (object $d): void {
            $d->sense->reset = ['control' => 'face-left', 'at' => 'away'];
            $d->sense->values = [
                ['id' => 'over', 'name' => 'Over', 'does' => 'relative', 'of' => ['vario-height']],
                ['id' => 'top', 'name' => 'Top', 'does' => 'most', 'of' => ['over']],
                ['id' => 'time', 'name' => 'Time', 'does' => 'timer', 'while' => ['control' => 'top-left', 'at' => 'toward']],
            ];
            unset($d->conditions);
            $d->sense->calls = [];
        });
        $deriver = new Deriver($program, Given::transmitter('lamplight-12'), 3);
        $read = function (float $time, float $height, float $switch) use ($deriver): array {
            $values = $deriver->next(
                new Sample($time, ['vario-height' => $height], 'cruise', [], [], ['face-left' => $switch, 'top-left' => -1.0]),
            )->values;

            return [$values['over'], $values['top'], $values['time']];
        };

        self::assertSame([0.0, 0.0], array_slice($read(0.0, 7.0, -1.0), 0, 2));
        self::assertSame([13.0, 13.0], array_slice($read(1.0, 20.0, -1.0), 0, 2));
        self::assertSame([0.0, 0.0, 2.0], $read(2.0, 12.0, 1.0), 'the height of that moment is nought');
        self::assertSame([3.0, 3.0, 3.0], $read(3.0, 15.0, 1.0), 'held on it isn\'t asked for again');
        $read(4.0, 15.0, -1.0);
        self::assertSame([0.0, 0.0, 5.0], $read(5.0, 30.0, 1.0));
    }

    public function test_a_script_resets_telemetry_and_the_height_begins_again(): void
    {
        $scenario = ScenarioDecoder::read(new JsonCursor(Json::decode((string) json_encode([
            'format' => 'dusk-switch/scenario',
            'version' => 1,
            'id' => 'late-reset',
            'name' => 'Late reset',
            'says' => 'Resets in the air.',
            'families' => ['sailplane'],
            'legs' => [
                ['says' => 'Ready', 'seconds' => 6, 'does' => [['function' => 'cut', 'step' => 'ready']]],
                ['says' => 'Climb', 'seconds' => 20, 'speed' => 12, 'climb' => 3],
                ['says' => 'Reset', 'seconds' => 20, 'speed' => 12, 'does' => [['function' => 'telemetry', 'step' => 'reset']]],
                ['says' => 'Down', 'seconds' => 60, 'speed' => 10, 'climb' => -2, 'until' => 0],
            ],
        ])), '', new Faults()));
        $program = ProgramDecoder::read(Json::decode(Given::demo('petrel')));
        $circuit = Compiler::compile($program, Given::transmitter('lamplight-12'));
        $flight = (new Flight($circuit, Given::catalogue(), $scenario, new RehearsalSettings(3)))->fly();
        $heard = Rehearsal::listen($flight, $program, Given::transmitter('lamplight-12'), Given::catalogue());
        $heights = array_map(fn (Sample $one): ?float => $one->values['height'] ?? null, $heard->samples);

        self::assertSame([26.0], array_column($flight->events(EventKind::Reset), 'at'));
        $once = (new Flight($circuit, Given::catalogue(), $scenario, new RehearsalSettings(3, reset: 12.0)))->fly();
        self::assertSame([12.0, 26.0], array_column($once->events(EventKind::Reset), 'at'), 'by the pilot, by the script');
        self::assertSame([], $flight->events(EventKind::Unknown));
        self::assertGreaterThan(30.0, $heights[$flight->rowAt(25.5)]);
        self::assertLessThan(3.0, abs($heights[$flight->rowAt(26.5)]));
    }

    public function test_a_call_for_power_up_is_said_then_and_never_again(): void
    {
        $program = self::program('petrel', function (object $d): void {
            $d->sense->values = [];
            unset($d->conditions);
            $d->sense->calls = [[
                'id' => 'leer',
                'name' => 'Nicht voll',
                'when' => ['sensor' => 'power-volts', 'below' => 12.3],
                'hold' => 2,
                'within' => 10,
                'priority' => 'warning',
                'repeat' => 4,
                'says' => ['not full'],
            ]];
        });
        $transmitter = Given::transmitter('lamplight-12');
        $voice = new Voice($program, $transmitter, Values::of($program, Given::catalogue()), new English());
        $said = function (callable $volts) use ($voice): array {
            $flight = array_map(
                fn (int $i): Sample => new Sample((float) $i, ['power-volts' => $volts($i)], 'cruise', [], [], []),
                range(0, 30),
            );

            return array_map(fn (QueuedPhrase $one): float => $one->at, $voice->hear($flight)->offers);
        };

        self::assertSame([2.0, 6.0, 10.0], $said(fn (int $i): float => 11.9));
        self::assertSame([], $said(fn (int $i): float => $i < 9 ? 12.6 : 11.9), 'drained in flight it is another alarm\'s');
        self::assertSame([], $said(fn (int $i): float => 12.6));
    }

    /** @return array<string, array{array<string, mixed>, string|null}> when the student flies, and what is found */
    public static function trainers(): array
    {
        return [
            'on a switch of its own' => [['control' => 'top-right', 'at' => 'away'], null],
            'turned round' => [['control' => 'top-right', 'at' => 'toward'], 'With every switch at rest the student flies'],
            'always' => [['not' => ['all' => [['control' => 'top-right', 'at' => 'away'], ['control' => 'top-right', 'at' => 'toward']]]], 'With every switch at rest the student flies'],
            'on a dial' => [['control' => 'dial-right', 'above' => 0.2], 'Not proven: the teacher flies at power-up'],
            'remembered' => [['toggle' => ['control' => 'top-right', 'at' => 'away']], 'can\'t take the sticks back by letting go'],
            'on telemetry' => [['sensor' => 'vario-height', 'above' => 30], 'can\'t take the sticks back by letting go'],
            'by a name that remembers' => ['drin', 'can\'t take the sticks back by letting go'],
        ];
    }

    /** @param  array<string, mixed>|string  $when */
    #[DataProvider('trainers')]
    public function test_the_teacher_flies_at_power_up_and_whenever_he_wants(
        array|string $when,
        ?string $wanted,
    ): void {
        $program = self::program('petrel', function (object $d) use ($when): void {
            $d->trainer = ['when' => $when];
            $d->conditions = (object) [...(array) ($d->conditions ?? []), 'drin' => ['toggle' => ['control' => 'top-right', 'at' => 'away']]];
        });
        $found = array_map(
            fn (Finding $one): string => $one->says,
            array_values(
                array_filter(
                    Proof::of(Given::context($program))->findings,
                    fn (Finding $one): bool => $one->rule === 'teacher-flies',
                ),
            ),
        );

        if ($wanted === null) {
            self::assertSame([], $found);
        } else {
            self::assertCount(1, $found);
            self::assertStringContainsString($wanted, $found[0]);
        }
    }

    public function test_it_all_stands_on_the_sheet(): void
    {
        $program = self::program('petrel', function (object $d): void {
            $d->sense->logging = ['when' => ['control' => 'face-left', 'at' => 'away'], 'every' => 0.5];
            $d->sense->reset = ['control' => 'face-left', 'at' => 'middle'];
            $d->sense->blanked = [2];
            $d->trainer = ['when' => ['control' => 'top-right', 'at' => 'away'], 'sticks' => ['roll', 'pitch']];
        });
        $definition = json_decode((string) file_get_contents(Given::DEMO.'/stores/transmitters/lamplight-12.json'));
        $definition->warnings = ['battery' => 6.9, 'idle' => 15];
        $transmitter = TransmitterDecoder::decode((string) json_encode($definition));
        $lines = array_map(
            fn (Line $one): string => "{$one->what}: {$one->value}",
            array_values(Sheet::of($program, $transmitter, Given::catalogue())->lines()),
        );

        foreach (
            [
                'Own battery: warns at 6.9 V',
                'Left on: reminds after 15 min without a touch',
                'The student flies: while Right top away',
                'Sticks of the student: roll and pitch',
                'Log: a row every 0.5 s, while Left face away',
                'Reset telemetry: when Left face middle',
                'Slots 2 to 5: blank them: a voltage sensor for two packs is there by default',
            ] as $line
        ) {
            self::assertContains($line, $lines);
        }
    }

    public function test_it_moves_to_another_transmitter_or_says_what_is_lost(): void
    {
        $program = self::program('petrel', function (object $d): void {
            $d->sense->logging = ['when' => ['control' => 'face-left', 'at' => 'away']];
            $d->trainer = ['when' => ['control' => 'top-right', 'at' => 'away']];
        });
        $to = Given::transmitter('harbour-16');
        $moved = TransmitterMove::to($program, Given::transmitter('lamplight-12'), $to);

        $when = $moved->program->trainer?->when;
        self::assertInstanceOf(ControlAt::class, $when);
        self::assertNotNull($to->control($when->control));
        self::assertInstanceOf(ControlAt::class, $moved->program->sense->logging?->when);

        $definition = json_decode((string) file_get_contents(Given::DEMO.'/stores/transmitters/quayside-8.json'));
        $definition->controls = array_slice($definition->controls, 0, 2);
        $small = TransmitterDecoder::decode((string) json_encode($definition));
        $lost = TransmitterMove::to($program, Given::transmitter('lamplight-12'), $small);
        self::assertNull($lost->program->trainer);
        self::assertContains('The trainer link is left out: nothing is left to switch it with', $lost->losses);
    }

    public function test_a_trainer_link_on_a_control_that_is_not_there_is_refused_with_its_place(): void
    {
        $program = self::program('petrel', function (object $d): void {
            $d->trainer = ['when' => ['any' => [['control' => 'pedal', 'at' => 'away'], 'nowhere']]];
        });
        $this->expectException(Refused::class);
        $this->expectExceptionMessageMatches('/trainer\.when.*pedal.*\n.*trainer\.when.*nowhere/s');
        Compiler::compile($program, Given::transmitter('lamplight-12'));
    }

    public function test_a_trainer_link_names_each_stick_once(): void
    {
        $this->expectException(Refused::class);
        $this->expectExceptionMessage('trainer.sticks: must name each stick once');
        self::program('petrel', function (object $d): void {
            $d->trainer = ['when' => ['control' => 'top-right', 'at' => 'away'], 'sticks' => ['roll', 'roll']];
        });
    }
}
