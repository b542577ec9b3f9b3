<?php

namespace DuskSwitch\Tests\Outside;

use stdClass;

/** Every limit that a schema sets to a place of a document, found by walking both together. */
final class SchemaLimits
{
    /** @var array<string, array{string, list<int|string>, mixed, bool}> */
    private array $found = [];

    /** @var array<string, true> */
    private array $seen = [];

    private function __construct(private readonly stdClass $root) {}

    /**
     * @param  mixed  $document  that fits the schema
     * @return array<string, array{string, list<int|string>, mixed, bool}> by what it says: the path in words, the keys
     *              to it, a value at the limit or beyond it, true where it's still allowed
     */
    public static function of(stdClass $schema, mixed $document): array
    {
        $walk = new self($schema);
        $walk->walk($schema, $document, '', [], '');

        return $walk->found;
    }

    /**
     * @param  list<int|string>  $keys
     * @param  string  $place  the path without indices: a limit is tried once for each
     */
    private function walk(stdClass $schema, mixed $value, string $path, array $keys, string $place): void
    {
        if (isset($schema->{'$ref'})) {
            $this->walk($this->definition($schema->{'$ref'}), $value, $path, $keys, $place);
        }
        foreach ([...$schema->oneOf ?? [], ...$schema->anyOf ?? [], ...$schema->allOf ?? []] as $one) {
            if ($this->mayBe($one, $value)) {
                $this->walk($one, $value, $path, $keys, $place);
            }
        }
        if (is_int($value) || is_float($value)) {
            $this->number($schema, $path, $keys, $place);
        } elseif (is_string($value) && isset($schema->maxLength)) {
            $this->add($path, $keys, $place, str_repeat('ü', $schema->maxLength), true);
            $this->add($path, $keys, $place, str_repeat('ü', $schema->maxLength + 1), false);
        } elseif (is_array($value)) {
            if (isset($schema->maxItems) && $value !== []) {
                $this->add($path, $keys, $place, array_pad([], $schema->maxItems + 1, $value[0]), false);
            }
            foreach (isset($schema->items) ? $value : [] as $index => $item) {
                $this->walk($schema->items, $item, "{$path}[{$index}]", [...$keys, $index], "{$place}[]");
            }
        } elseif ($value instanceof stdClass) {
            foreach ((array) $value as $key => $item) {
                $inside = $schema->properties->{$key} ?? $schema->additionalProperties ?? null;
                if ($inside instanceof stdClass) {
                    $at = $path === '' ? (string) $key : "{$path}.{$key}";
                    $kind = isset($schema->properties->{$key}) ? $key : '*';
                    $this->walk($inside, $item, $at, [...$keys, $key], "{$place}.{$kind}");
                }
            }
        }
    }

    /** False for one of several objects that has other keys than the value. */
    private function mayBe(stdClass $schema, mixed $value): bool
    {
        $schema = isset($schema->{'$ref'}) ? $this->definition($schema->{'$ref'}) : $schema;
        if (! ($value instanceof stdClass)) {
            return ! isset($schema->required);
        }
        $keys = array_keys((array) $value);

        return array_diff($schema->required ?? [], $keys) === [] &&
            (($schema->additionalProperties ?? true) !== false ||
                array_diff($keys, array_keys((array) $schema->properties)) === []);
    }

    /** @param  list<int|string>  $keys */
    private function number(stdClass $schema, string $path, array $keys, string $place): void
    {
        $step = ($schema->type ?? '') === 'integer' ? 1 : 0.001;
        foreach (['minimum' => -1, 'maximum' => 1] as $limit => $away) {
            if (isset($schema->{$limit})) {
                $this->add($path, $keys, $place, $schema->{$limit}, true);
                $this->add($path, $keys, $place, $schema->{$limit} + $away * $step, false);
            }
        }
    }

    /** @param  list<int|string>  $keys */
    private function add(string $path, array $keys, string $place, mixed $value, bool $fits): void
    {
        $words = is_scalar($value) && ! is_string($value) ? json_encode($value) : get_debug_type($value);
        $key = $place.' '.($fits ? 'at' : 'beyond').' '.$words;
        if (! isset($this->seen[$key])) {
            $this->seen[$key] = true;
            $this->found["{$path} {$words}".($fits ? '' : ', too far')] = [$path, $keys, $value, $fits];
        }
    }

    private function definition(string $ref): stdClass
    {
        $at = $this->root;
        foreach (array_slice(explode('/', $ref), 1) as $key) {
            $at = $at->{$key};
        }

        return $at;
    }
}
