<?php

namespace DuskSwitch\Tests\Core\Documents;

use DuskSwitch\Core\Format\ProgramSchema;
use PHPUnit\Framework\TestCase;

/** The schema made from declarations says what the one written by hand said, which is frozen in tests/Outside. */
final class SchemaTest extends TestCase
{
    private const MADE = __DIR__.'/../../../schema/program.schema.json';

    private const FROZEN = __DIR__.'/../../Outside/frozen/schema/program.schema.json';

    /**
     * What the declarations say more exactly, by its place: a latitude ends at 90°, and a list of ranges that isn't
     * wanted may stand there empty, as it is read.
     */
    private const BETTER = [
        'properties.sense.properties.values.items.properties.home',
        'properties.aboard.properties.controller.properties.arming',
    ];

    public function test_the_schema_is_the_one_that_the_declarations_give(): void
    {
        self::assertStringEqualsFile(self::MADE, ProgramSchema::text(), 'php tools/write-schemas.php writes it');
    }

    public function test_it_takes_and_refuses_what_it_took_and_refused(): void
    {
        [$frozen, $made] = [self::flat(self::FROZEN), self::flat(self::MADE)];

        self::assertSame([], array_slice(self::differences($frozen, $made, ''), 0, 20));
    }

    public function test_nothing_that_it_said_in_words_went(): void
    {
        [$frozen, $made] = [self::words(self::FROZEN), self::words(self::MADE)];

        // Calculated values are called so, and a range that arms is described as any other now.
        self::assertSame(
            ['pulses from inclusive, to exclusive', 'what is worked out'],
            array_values(array_diff($frozen, $made)),
        );
    }

    /** @return list<string> */
    private static function words(string $file): array
    {
        preg_match_all('/"description": "((?:[^"\\\\]|\\\\.)*)"/', (string) file_get_contents($file), $found);

        return array_values(array_unique($found[1]));
    }

    /** A schema without its references and words, its keys in order; a condition within a condition stays a name. */
    private static function flat(string $file): mixed
    {
        $schema = json_decode((string) file_get_contents($file), true, flags: JSON_THROW_ON_ERROR);
        self::assertIsArray($schema);
        self::assertIsArray($schema['$defs']);

        return self::resolved($schema, $schema['$defs'], false);
    }

    /** @param  array<mixed>  $named */
    private static function resolved(mixed $schema, array $named, bool $isInCondition): mixed
    {
        if (! is_array($schema)) {
            return is_int($schema) ? (float) $schema : $schema;
        }
        $name = is_string($schema['$ref'] ?? null) ? basename($schema['$ref']) : null;
        if ($name === 'condition' && $isInCondition) {
            return 'condition';
        }
        if ($name !== null) {
            return self::resolved($named[$name], $named, $isInCondition || $name === 'condition');
        }
        if (! isset($schema['properties']) || ! is_string($schema['description'] ?? null)) {
            unset($schema['properties']['description']);
        }
        $schema = array_diff_key($schema, array_flip(['$defs', '$schema', '$id', 'title', '$comment']));
        if (is_string($schema['description'] ?? null)) {
            unset($schema['description']);
        }
        $flat = array_map(fn (mixed $one): mixed => self::resolved($one, $named, $isInCondition), $schema);
        if (! array_is_list($flat)) {
            ksort($flat);
        }
        foreach (['oneOf', 'required', 'enum'] as $key) {
            if (is_array($flat[$key] ?? null) && array_is_list($flat[$key])) {
                usort($flat[$key], fn (mixed $a, mixed $b): int => json_encode($a) <=> json_encode($b));
            }
        }

        return $flat;
    }

    /** @return list<string> */
    private static function differences(mixed $a, mixed $b, string $path): array
    {
        if ($a === $b || in_array($path, self::BETTER, true)) {
            return [];
        }
        if (! is_array($a) || ! is_array($b)) {
            return ["{$path}: ".json_encode($a).' became '.json_encode($b)];
        }
        $all = [];
        foreach (array_keys($a + $b) as $key) {
            $at = $path === '' ? (string) $key : "{$path}.{$key}";
            array_push($all, ...self::differences($a[$key] ?? null, $b[$key] ?? null, $at));
        }

        return $all;
    }
}
