<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Airframe\DerivedMeanings;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Format\ProgramDecoder;
use DuskSwitch\Core\Format\ProgramEncoder;
use DuskSwitch\Core\Move\FormerNames;
use DuskSwitch\Core\Program\Output;
use DuskSwitch\Core\Program\PilotFunction;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\Step;
use DuskSwitch\Core\Program\SteppedFunction;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Documents of version 1, which didn't say what functions are for: they are brought up to version 2 once, when they're
 * read.
 */
final class Version1Test extends TestCase
{
    /** @return array<string, array{string}> */
    public static function demos(): array
    {
        // Those that came later never were of version 1.
        return array_filter(
            Given::demos(),
            fn (array $demo): bool => is_file(__DIR__."/version1/{$demo[0]}.json"),
        );
    }

    #[DataProvider('demos')]
    public function test_a_demo_of_version_1_becomes_the_demo_of_today(string $name): void
    {
        $old = (string) file_get_contents(__DIR__."/version1/{$name}.json");
        self::assertTrue(self::fits($old), 'the schema of version 1 stays as it was');
        $read = ProgramDecoder::decode($old);
        self::assertTrue($read->migrated);
        $meant = DerivedMeanings::withModes($read, Given::catalogue()->controller($read->controller ?? ''));
        $program = FormerNames::controls($meant, Given::transmitter($read->transmitter));

        // What else is on board was said later.
        $today = json_decode(Given::demo($name));
        unset($today->aboard->kit->parts);
        if (isset($today->sense)) {
            unset($today->sense->logging, $today->sense->pages);
        }
        $today = ProgramDecoder::decode((string) json_encode($today, JSON_PRESERVE_ZERO_FRACTION));
        self::assertSame(ProgramEncoder::encode($today), ProgramEncoder::encode($program));
    }

    public function test_what_came_with_version_2_is_refused_in_a_document_of_version_1(): void
    {
        $document = json_decode((string) file_get_contents(__DIR__.'/version1/tern.json'));
        $document->functions[0]->purpose = 'roll';
        $document->functions[0]->dualRates = [];
        $document->functions[0]->trim = (object) ['authority' => 0.1, 'perPhase' => true];
        $document->family = 'ground-vehicle';
        $document->functions[4]->steps[0]->means = 'motor-off';
        $document->outputs[1]->role = 'elevator';
        $document->trainer = (object) ['when' => (object) ['control' => 'left-front', 'at' => 'away']];
        $document->sense = (object) ['pages' => [], 'language' => 'de', 'logging' => (object) []];
        self::assertFalse(self::fits((string) json_encode($document)));
        try {
            ProgramDecoder::decode((string) json_encode($document));
            self::fail('It was taken');
        } catch (Refused $refused) {
            self::assertSame(
                [
                    'family',
                    'trainer',
                    'sense.logging',
                    'sense.pages',
                    'sense.language',
                    'functions[0].purpose',
                    'functions[0].dualRates',
                    'functions[0].trim.perPhase',
                    'functions[4].steps[0].means',
                    'outputs[1].role',
                ],
                array_column(array_map(fn ($one): array => [$one->path], $refused->faults), 0),
            );
        }
    }

    public function test_acceptances_lose_the_words_that_they_were_tied_to(): void
    {
        $document = json_decode((string) file_get_contents(__DIR__.'/version1/tern.json'));
        $document->aboard->accepted = [
            ['finding' => 'nothing-clips output:1 0123456789ab', 'reason' => 'only with brakes out'],
        ];

        self::assertSame(
            'nothing-clips output:1',
            ProgramDecoder::decode((string) json_encode($document))->aboard->accepted[0]->finding,
        );
    }

    public function test_functions_of_any_name_are_known_by_the_stick_that_moves_them_and_by_what_they_stop(): void
    {
        $program = self::program([
            'functions' => [
                ['id' => 'a', 'name' => 'Querruder', 'drive' => ['axis' => 'roll']],
                [
                    'id' => 'b',
                    'name' => 'Gas',
                    'drive' => ['axis' => 'throttle'],
                    'override' => [['when' => ['step' => ['c', 'zu']], 'value' => -1]],
                ],
                [
                    'id' => 'c',
                    'name' => 'Notaus',
                    'steps' => [['id' => 'zu', 'value' => -1], ['id' => 'auf', 'value' => 1]],
                ],
                [
                    'id' => 'd',
                    'name' => 'Rauch',
                    'steps' => [['id' => 'aus', 'value' => -1], ['id' => 'an', 'value' => 1]],
                ],
                ['id' => 'e', 'name' => 'Pitch head', 'drive' => ['axis' => 'pitch']],
            ],
            'outputs' => [
                ['channel' => 1, 'name' => 'Quer', 'feeds' => [['from' => 'a']]],
                ['channel' => 2, 'name' => 'Hauptmotor', 'feeds' => [['from' => 'b']]],
                ['channel' => 3, 'name' => 'Zweitmotor', 'feeds' => [['from' => ['output' => 2], 'weight' => 0.5]]],
                ['channel' => 4, 'name' => 'Rauch', 'feeds' => [['from' => 'd']]],
                ['channel' => 5, 'name' => 'Left flap', 'feeds' => [['from' => 'a'], ['from' => 'b', 'weight' => 0.1]]],
                ['channel' => 6, 'name' => 'Noch nichts', 'feeds' => []],
                ['channel' => 7, 'name' => 'Backbord vorn', 'feeds' => [['from' => ['axis' => 'throttle']]]],
            ],
        ]);

        self::assertSame(
            ['roll', 'throttle', 'motor-cut', 'other', 'pitch'],
            array_map(fn (PilotFunction $one): ?string => $one->purpose()?->value, $program->functions),
        );
        self::assertSame(
            ['other', 'motor', 'motor', 'other', 'left-flap', null, 'motor'],
            array_map(fn (Output $one): ?string => $one->role?->value, $program->outputs),
            'what the throttle stick moves is a motor, unless its name says what else it is',
        );
    }

    public function test_the_steps_of_a_migrated_program_mean_the_modes_whose_ids_or_names_they_bear(): void
    {
        $controller = Given::catalogue()->controller('keel-f4') ?? self::fail();
        $program = self::program([
            'family' => 'multirotor',
            'controller' => 'keel-f4',
            'functions' => [
                [
                    'id' => 'x',
                    'name' => 'Fly how',
                    'steps' => [
                        ['id' => 'one', 'name' => 'Self-Level', 'value' => -1],
                        ['id' => 'come-home', 'name' => 'Back', 'value' => 0],
                        ['id' => 'three', 'name' => 'Rates', 'value' => 1],
                    ],
                ],
                [
                    'id' => 'beeper',
                    'name' => 'Piep',
                    'steps' => [
                        ['id' => 'q', 'name' => 'Quiet', 'value' => -1],
                        ['id' => 's', 'name' => 'Loud', 'value' => 1],
                    ],
                ],
                [
                    'id' => 'arming',
                    'name' => 'Arming',
                    'steps' => [['id' => 'off', 'value' => -1], ['id' => 'on', 'value' => 1]],
                ],
                [
                    'id' => 'disarm',
                    'name' => 'Disarm',
                    'steps' => [['id' => 'off', 'value' => -1], ['id' => 'armed', 'value' => 1]],
                ],
            ],
        ]);

        self::assertSame(
            [
                ['mode self-level', 'mode come-home', 'other'],
                ['other', 'mode beeper'],
                ['disarmed', 'armed'],
                ['disarmed', 'armed'],
            ],
            self::meanings(DerivedMeanings::withModes($program, $controller)),
        );
        self::assertSame(
            [[null, null, null], [null, null], ['disarmed', 'armed'], ['disarmed', 'armed']],
            self::meanings(DerivedMeanings::withModes($program, null)),
            'without the controller nothing is guessed',
        );
        $today = $program->with(migrated: false);
        self::assertSame(
            $today,
            DerivedMeanings::withModes($today, $controller),
            'a document of version 2 says it itself',
        );
    }

    public function test_the_lists_of_the_schemas_by_hand_are_those_of_the_core(): void
    {
        $properties = fn (string $schema): array => json_decode(
            (string) file_get_contents(__DIR__."/../../schema/{$schema}.schema.json"),
            true,
        )['properties'];
        self::assertSame(
            array_column(\DuskSwitch\Core\Program\Family::cases(), 'value'),
            $properties('scenario')['families']['items']['enum'],
        );
        $definition = $properties('controller');
        self::assertSame(
            [
                array_column(\DuskSwitch\Core\Kit\ArmedBy::cases(), 'value'),
                \DuskSwitch\Core\Kit\ControllerSetup::INPUTS,
                array_column(\DuskSwitch\Core\Kit\LossAction::cases(), 'value'),
            ],
            [
                $definition['armedBy']['enum'],
                $definition['order']['items']['enum'],
                $definition['onLoss']['properties']['does']['enum'],
            ],
        );
    }

    /** @return list<list<string|null>> */
    private static function meanings(Program $program): array
    {
        return array_map(
            fn (PilotFunction $one): array => $one instanceof SteppedFunction
                ? array_map(fn (Step $step): ?string => $step->means?->says(), $one->steps)
                : [],
            $program->functions,
        );
    }

    /** @param  array<string, mixed>  $parts */
    private static function program(array $parts): Program
    {
        return ProgramDecoder::decode(Given::text($parts));
    }

    private static function fits(string $text): bool
    {
        $validator = new Validator();
        $validator
            ->resolver()
            ?->registerFile(
                'https://dusk-switch.example/schema/program.v1.schema.json',
                __DIR__.'/../../schema/program.v1.schema.json',
            );

        return $validator
            ->validate(json_decode($text), 'https://dusk-switch.example/schema/program.v1.schema.json')
            ->isValid();
    }
}
