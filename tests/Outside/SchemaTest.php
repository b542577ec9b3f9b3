<?php

namespace DuskSwitch\Tests\Outside;

use DuskSwitch\App\Equipment\DefinitionKind;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Format\ProgramDecoder;
use DuskSwitch\Core\Format\TransmitterDecoder;
use DuskSwitch\Tests\Core\Given;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use stdClass;

/**
 * The published schemas (JSON Schema 2020-12) against the core's decoder, by an independent validator,
 * opis/json-schema: a document that one of them refuses must not be taken by the other.
 */
final class SchemaTest extends TestCase
{
    private const SCHEMA = __DIR__.'/../../schema';

    private static function validator(): Validator
    {
        $validator = new Validator();
        foreach (
            ['program', 'transmitter', 'receiver', 'controller', 'pack', 'speed-controller', 'sensor', 'scenario'] as $name
        ) {
            $validator
                ->resolver()
                ?->registerFile(
                    "https://dusk-switch.example/schema/{$name}.schema.json",
                    self::SCHEMA."/{$name}.schema.json",
                );
        }

        return $validator;
    }

    private static function fits(mixed $document, string $schema = 'program'): bool
    {
        return self::validator()
            ->validate($document, "https://dusk-switch.example/schema/{$schema}.schema.json")
            ->isValid();
    }

    #[DataProviderExternal(Given::class, 'demos')]
    public function test_a_demo_document_fits_the_schema(string $name): void
    {
        self::assertTrue(self::fits(json_decode(Given::demo($name))));
    }

    /** @return array<string, array{string}> */
    public static function transmitters(): array
    {
        $files = glob(Given::DEMO.'/stores/transmitters/*.json') ?: [];

        return array_combine(array_map('basename', $files), array_map(fn (string $file): array => [$file], $files));
    }

    /** @return iterable<string, array{string, string}> */
    public static function definitions(): iterable
    {
        foreach (
            [
                'receivers' => 'receiver',
                'controllers' => 'controller',
                'packs' => 'pack',
                'speed-controllers' => 'speed-controller',
                'sensors' => 'sensor',
                'scenarios' => 'scenario',
            ] as $folder => $schema
        ) {
            foreach (glob(Given::DEMO."/stores/{$folder}/*.json") ?: [] as $file) {
                yield "{$schema} ".basename($file, '.json') => [$file, $schema];
            }
        }
    }

    #[DataProvider('definitions')]
    public function test_what_is_in_stores_fits_its_schema_and_is_decoded(string $file, string $schema): void
    {
        $id = basename($file, '.json');
        $catalogue = Given::catalogue();
        $found = match ($schema) {
            'receiver' => $catalogue->receiver($id),
            'controller' => $catalogue->controller($id),
            'pack' => $catalogue->pack($id),
            'sensor' => $catalogue->sensor($id),
            'scenario' => $catalogue->scenario($id),
            default => $catalogue->speedController($id),
        };

        self::assertTrue(self::fits(json_decode((string) file_get_contents($file)), $schema));
        self::assertSame($id, $found?->id);
    }

    #[DataProvider('transmitters')]
    public function test_a_transmitter_fits_its_schema_and_is_decoded(string $file): void
    {
        $text = (string) file_get_contents($file);

        self::assertTrue(self::fits(json_decode($text), 'transmitter'));
        self::assertSame(basename($file, '.json'), TransmitterDecoder::decode($text)->id);
    }

    public function test_what_the_schema_refuses_the_decoder_refuses(): void
    {
        $random = new Randomizer(new Mt19937(7));
        $names = array_keys(Given::demos());
        $refused = 0;
        for ($try = 0; $try < 400; $try++) {
            $document = json_decode(Given::demo($names[$try % count($names)]));
            $what = self::spoil($document, $random);
            if (self::fits($document)) {
                continue;
            }
            $refused++;
            try {
                ProgramDecoder::decode((string) json_encode($document, JSON_PRESERVE_ZERO_FRACTION));
                self::fail("The decoder took what the schema refuses: {$what}");
            } catch (Refused) {
                // As it should be.
            }
        }
        self::assertGreaterThan(300, $refused, 'the spoiling spoils');
    }

    #[DataProvider('definitions')]
    public function test_what_the_schema_refuses_of_a_definition_the_decoder_refuses(string $file, string $schema): void
    {
        $random = new Randomizer(new Mt19937(crc32(basename($file))));
        $kind =
            array_column(
                array_map(fn (DefinitionKind $one): array => [$one, rtrim($one->value, 's')], DefinitionKind::cases()),
                0,
                1,
            )[$schema] ?? self::fail($schema);
        $refused = 0;
        for ($try = 0; $try < 60; $try++) {
            $document = json_decode((string) file_get_contents($file));
            $what = self::spoil($document, $random);
            $fits = self::fits($document, $schema);
            try {
                $kind->decode((string) json_encode($document, JSON_PRESERVE_ZERO_FRACTION));
                self::assertTrue($fits, "The decoder took what the schema refuses: {$what}");
            } catch (Refused) {
                $refused++;
            }
        }
        self::assertGreaterThan(30, $refused, 'the spoiling spoils');
    }

    #[DataProvider('shapes')]
    public function test_what_the_decoder_refuses_for_its_shape_the_schema_refuses(string $text): void
    {
        self::assertFalse(self::fits(json_decode($text)));
        $this->expectException(Refused::class);
        ProgramDecoder::decode($text);
    }

    /** @return list<array{string}> */
    public static function shapes(): array
    {
        $function = ['id' => 'x', 'name' => 'X'];
        $parts = [
            ['name' => ''],
            ['family' => 'kite'],
            ['stickMode' => 5],
            ['transmitter' => 'Harbour 16'],
            ['notes' => 7],
            ['phases' => []],
            ['functions' => [$function + ['drive' => ['axis' => 'up']]]],
            ['functions' => [$function + ['drive' => ['control' => 'a', 'map' => ['away' => 'b']]]]],
            ['functions' => [$function + ['steps' => []]]],
            ['functions' => [$function + ['steps' => [['id' => 'a', 'value' => 2]]]]],
            ['functions' => [$function + ['shape' => ['main' => ['expo' => 0.1, 'curve' => 'c']]]]],
            ['functions' => [$function + ['trim' => ['authority' => 2]]]],
            ['outputs' => [['channel' => 0, 'name' => 'A']]],
            ['outputs' => [['channel' => 1.5, 'name' => 'A']]],
            ['outputs' => [['channel' => 1, 'name' => 'A', 'travel' => [1]]]],
            ['outputs' => [['channel' => 1, 'name' => 'A', 'feeds' => [['from' => 2]]]]],
            ['outputs' => [['channel' => 1, 'name' => 'A', 'feeds' => [['from' => 'a', 'combine' => 'divide']]]]],
            ['curves' => ['c' => ['points' => [[-1, 0, 1], [1, 0]]]]],
            ['conditions' => ['c' => ['control' => 'a', 'at' => 'away', 'above' => 1]]],
            ['conditions' => ['c' => ['all' => []]]],
            ['conditions' => ['Not An Id' => ['phase' => 'main']]],
        ];

        return array_map(fn (array $one): array => [Given::text($one + ['version' => 2])], $parts);
    }

    /** Spoils one place of a document; says where. */
    private static function spoil(mixed $node, Randomizer $random, string $path = ''): string
    {
        $keys = array_keys((array) $node);
        $key = $keys[$random->getInt(0, count($keys) - 1)];
        $value = is_array($node) ? $node[$key] : $node->{$key};
        if ((is_array($value) || $value instanceof stdClass) && (array) $value !== [] && $random->getInt(0, 3) > 0) {
            // Lists in a decoded document are copies: spoil an object inside, or the object that holds the list.
            $inside = is_array($value) ? $value[$random->getInt(0, count($value) - 1)] : $value;
            if ($inside instanceof stdClass) {
                return self::spoil($inside, $random, "{$path}.{$key}");
            }
        }
        if (is_array($node)) {
            return "{$path} untouched";
        }
        $wrong = [null, true, [], new stdClass(), -99, 'Not An Id!', 1e9];
        match ($random->getInt(0, 2)) {
            0 => ($node->{"{$key}x"} = $value),
            default => ($node->{$key} = $wrong[$random->getInt(0, count($wrong) - 1)]),
        };

        return "{$path}.{$key} = ".json_encode($node);
    }
}
