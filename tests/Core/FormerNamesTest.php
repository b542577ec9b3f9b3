<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\App\Equipment\DefinitionKind;
use DuskSwitch\Core\Format\ProgramDecoder;
use DuskSwitch\Core\Format\ProgramEncoder;
use DuskSwitch\Core\Format\TransmitterDecoder;
use DuskSwitch\Core\Kit\Controller;
use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Move\FormerNames;
use DuskSwitch\Core\Program\Condition\ControlAt;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Signal\Circuit;
use DuskSwitch\Core\Signal\Compiler;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Parts of the equipment are called otherwise: programs of before go on, and name them as they are called now. */
final class FormerNamesTest extends TestCase
{
    private static function program(): Program
    {
        return ProgramDecoder::decode(Everything::text());
    }

    /** The transmitter of "everything" with every control under another id. */
    private static function renamed(): Transmitter
    {
        $document = json_decode((string) file_get_contents(Given::DEMO.'/stores/transmitters/lamplight-12.json'));
        foreach ($document->controls as $control) {
            $control->formerly = ['older-'.$control->id, $control->id];
            $control->id = "neu-{$control->id}";
        }

        return TransmitterDecoder::decode((string) json_encode($document));
    }

    public function test_every_control_of_a_program_is_named_as_it_is_called_now(): void
    {
        $now = FormerNames::controls(self::program(), self::renamed());
        $text = ProgramEncoder::encode($now);
        foreach (Given::transmitter('lamplight-12')->controls as $control) {
            self::assertStringNotContainsString("\"{$control->id}\"", $text);
        }
        $expected = Everything::text();
        foreach (Given::transmitter('lamplight-12')->controls as $control) {
            $expected = str_replace("\"{$control->id}\"", "\"neu-{$control->id}\"", $expected);
        }
        self::assertEquals(ProgramDecoder::decode($expected), $now);
    }

    public function test_and_does_what_it_did(): void
    {
        $now = Compiler::compile(FormerNames::controls(self::program(), self::renamed()), self::renamed());
        $was = Compiler::compile(self::program(), Given::transmitter('lamplight-12'));
        $pulses = fn (Circuit $circuit, array $controls): array => array_map(
            fn ($output): ?int => Given::frame($circuit, ['roll' => 0.4, 'throttle' => 0.2], $controls)->pulse($output->channel),
            $circuit->program->outputs,
        );
        foreach ([[], ['top-left' => 'away'], ['shoulder-right' => 'middle', 'slider-left' => -0.7], ['dial-right' => 0.9]] as $hand) {
            $moved = array_combine(array_map(fn (string $id): string => "neu-{$id}", array_keys($hand)), $hand);
            self::assertSame($pulses($was, $hand), $pulses($now, $moved));
        }
    }

    public function test_nothing_changes_where_nothing_was_renamed(): void
    {
        $program = self::program();
        self::assertSame($program, FormerNames::controls($program, Given::transmitter('lamplight-12')));
        $keel = Given::catalogue()->controller('keel-f4') ?? self::fail();
        self::assertSame($program, FormerNames::modes($program, $keel));
    }

    private static function controller(bool $modes, bool $ports): Controller
    {
        $document = json_decode((string) file_get_contents(Given::DEMO.'/stores/controllers/keel-f4.json'));
        foreach ($modes ? $document->modes : [] as $mode) {
            [$mode->formerly, $mode->id] = [[$mode->id], "neu-{$mode->id}"];
        }
        foreach ($modes ? $document->slots : [] as $slot) {
            $slot->mode = "neu-{$slot->mode}";
        }
        foreach ($modes ? ['none', 'priority'] : [] as $key) {
            unset($document->{$key});
        }
        foreach ($ports ? $document->ports : [] as $port) {
            [$port->formerly, $port->id] = [[$port->id], "p{$port->id}"];
        }
        $found = DefinitionKind::Controllers->decode((string) json_encode($document));

        return $found instanceof Controller ? $found : self::fail();
    }

    /** A program that names modes and ports wherever it can. */
    private static function nightjar(string $mode = '', string $port = ''): Program
    {
        $document = json_decode(Given::demo('nightjar'));
        $document->aboard->kit->ports = [
            (object) ['port' => "{$port}1", 'owner' => 'receiver'],
            (object) ['port' => "{$port}2", 'owner' => 'gps'],
        ];
        // What is aboard beside what is renamed comes along.
        $document->aboard->kit->parts = [(object) ['id' => 'haube', 'name' => 'Haube', 'kind' => 'servo']];
        $document->aboard->kit->memory = 'model 7';
        $document->aboard->kit->match = 11;
        $document->aboard->controller = (object) [
            'modes' => [(object) ['mode' => "{$mode}self-level", 'channel' => 6, 'from' => 900, 'to' => 1200]],
            'none' => "{$mode}self-level",
            'priority' => ["{$mode}come-home", "{$mode}self-level"],
        ];
        foreach ($document->functions as $function) {
            foreach ($function->steps ?? [] as $step) {
                if (is_object($step->means ?? null)) {
                    $step->means->mode = $mode.$step->means->mode;
                }
            }
        }

        return ProgramDecoder::decode((string) json_encode($document, JSON_PRESERVE_ZERO_FRACTION));
    }

    public function test_modes_and_ports_of_a_controller_are_named_as_they_are_called_now(): void
    {
        $meant = self::nightjar();
        self::assertEquals(self::nightjar('neu-', 'p'), FormerNames::modes($meant, self::controller(true, true)));
        self::assertEquals(self::nightjar('neu-'), FormerNames::modes($meant, self::controller(true, false)));
        self::assertEquals(self::nightjar('', 'p'), FormerNames::modes($meant, self::controller(false, true)));
    }

    /** @param  list<string>  $switches  the ids of before that drive something */
    private static function onSwitches(array $switches): Program
    {
        return ProgramDecoder::decode(Given::text([
            'phases' => [
                ['id' => 'plain', 'name' => 'Plain'],
                ...array_map(
                    fn (string $id): array => ['id' => "p-{$id}", 'name' => $id, 'when' => ['control' => $id, 'at' => 'away']],
                    $switches,
                ),
            ],
            'aboard' => ['startCheck' => array_map(fn (string $letter): string => "flick-{$letter}", range('a', 'h'))],
        ]));
    }

    /** @return iterable<string, array{list<string>, list<string>}> switches of before, and what they are now */
    public static function switches(): iterable
    {
        yield 'each has one heir' => [['flick-a', 'flick-g'], ['left-shoulder', 'right-side']];
        yield 'the one that is gone goes to the first that is free' => [['flick-f'], ['left-front']];
        yield 'and past what is in use, by its old name' => [['flick-b', 'flick-f', 'flick-c'], ['left-front', 'right-front', 'left-side']];
        yield 'or by its name of now' => [['left-front', 'flick-f'], ['left-front', 'left-side']];
        yield 'with all in use the pilot chooses' => [
            ['flick-b', 'flick-c', 'flick-e', 'flick-f', 'flick-g'],
            ['left-front', 'left-side', 'right-front', 'flick-f', 'right-side'],
        ];
    }

    /**
     * @param  list<string>  $before
     * @param  list<string>  $now
     */
    #[DataProvider('switches')]
    public function test_no_two_switches_of_before_become_one(array $before, array $now): void
    {
        $program = FormerNames::controls(self::onSwitches($before), Given::transmitter());
        $used = array_map(
            fn ($phase): string => $phase->when instanceof ControlAt ? $phase->when->control : '',
            $program->phases,
        );
        self::assertSame($now, array_slice($used, 1));
        $checks = in_array('flick-f', $now, true) ? 'flick-f' : 'left-shoulder';
        self::assertContains($checks, $program->aboard->startCheck, 'checks at power-up come along');
        self::assertSame(array_values(array_unique($program->aboard->startCheck)), $program->aboard->startCheck);
    }
}
