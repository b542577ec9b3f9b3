<?php

namespace DuskSwitch\Tests\Core;

use stdClass;

/** The limits that a published schema sets to the values of a document, each once. */
final class SchemaLimits
{
    private readonly stdClass $schema;

    /** @var array<string, true> */
    private array $seen = [];

    public function __construct(string $file)
    {
        $this->schema = json_decode((string) file_get_contents(__DIR__."/../../schema/{$file}.schema.json"));
    }

    /**
     * Each limit with a document at it and one past it.
     *
     * @return iterable<string, array{string, stdClass, stdClass}> path, document at the limit, document past it
     */
    public function of(stdClass $document): iterable
    {
        yield from $this->walk($this->schema, $document, $document, []);
    }

    /**
     * @param  list<string|int>  $path
     * @return iterable<string, array{string, stdClass, stdClass}>
     */
    private function walk(stdClass $schema, mixed $value, stdClass $document, array $path): iterable
    {
        $schema = $this->resolved($schema, $value);
        $name = implode('.', array_filter($path, is_string(...)));
        foreach ($this->limits($schema, $value) as $limit => [$at, $past]) {
            if (! isset($this->seen["{$name} {$limit}"])) {
                $this->seen["{$name} {$limit}"] = true;
                $where = array_reduce(
                    $path,
                    fn (string $to, string|int $key): string => is_int($key) ? "{$to}[{$key}]" : ltrim("{$to}.{$key}", '.'),
                    '',
                );
                yield "{$name} {$limit}" => [
                    $where,
                    self::with($document, $path, $at),
                    self::with($document, $path, $past),
                ];
            }
        }
        if ($value instanceof stdClass) {
            foreach (get_object_vars($value) as $key => $part) {
                $of = $schema->properties->{$key} ?? $schema->additionalProperties ?? null;
                if ($of instanceof stdClass) {
                    yield from $this->walk($of, $part, $document, [...$path, (string) $key]);
                }
            }
        }
        foreach (is_array($value) ? $value : [] as $index => $part) {
            $of = $schema->prefixItems[$index] ?? $schema->items ?? null;
            if ($of instanceof stdClass) {
                yield from $this->walk($of, $part, $document, [...$path, $index]);
            }
        }
    }

    /** What a reference stands for, and of several the one that a value is. */
    private function resolved(stdClass $schema, mixed $value): stdClass
    {
        while (isset($schema->{'$ref'})) {
            $name = basename((string) $schema->{'$ref'});
            $schema = $this->schema->{'$defs'}->{$name} ?? new stdClass();
        }
        foreach ($schema->oneOf ?? [] as $one) {
            $one = $this->resolved($one, $value);
            if (self::suits($one, $value)) {
                return $one;
            }
        }

        return $schema;
    }

    private static function suits(stdClass $schema, mixed $value): bool
    {
        if ($value instanceof stdClass) {
            $has = array_keys(get_object_vars($value));

            return ($schema->type ?? '') === 'object' &&
                array_diff($schema->required ?? [], $has) === [] &&
                array_diff($has, array_keys(get_object_vars($schema->properties ?? new stdClass()))) === [];
        }

        return match ($schema->type ?? '') {
            'array' => is_array($value),
            'string' => is_string($value),
            'number', 'integer' => is_int($value) || is_float($value),
            default => false,
        };
    }

    /** @return array<string, array{mixed, mixed}> by the limit's name: a value at it, and one past it */
    private function limits(stdClass $schema, mixed $value): array
    {
        $limits = [];
        if (is_int($value) || is_float($value)) {
            $step = ($schema->type ?? '') === 'integer' ? 1 : 0.001;
            if (isset($schema->minimum)) {
                $limits['minimum'] = [$schema->minimum, $schema->minimum - $step];
            }
            if (isset($schema->maximum)) {
                $limits['maximum'] = [$schema->maximum, $schema->maximum + $step];
            }
        }
        if (is_string($value) && isset($schema->maxLength)) {
            $limits['maxLength'] = [str_repeat('ü', $schema->maxLength), str_repeat('ü', $schema->maxLength + 1)];
        }
        if (is_array($value) && $value !== [] && isset($schema->maxItems)) {
            $limits['maxItems'] = [
                array_fill(0, $schema->maxItems, $value[0]),
                array_fill(0, $schema->maxItems + 1, $value[0]),
            ];
        }
        if (is_array($value) && count($value) >= ($schema->minItems ?? 0) && ($schema->minItems ?? 0) > 0) {
            $limits['minItems'] = [
                array_slice($value, 0, $schema->minItems),
                array_slice($value, 0, $schema->minItems - 1),
            ];
        }

        return $limits;
    }

    /** @param  list<string|int>  $path */
    private static function with(stdClass $document, array $path, mixed $value): stdClass
    {
        $copy = json_decode((string) json_encode($document, JSON_PRESERVE_ZERO_FRACTION));
        $at = &$copy;
        foreach ($path as $key) {
            if (is_int($key)) {
                $at = &$at[$key];
            } else {
                $at = &$at->{$key};
            }
        }
        $at = $value;

        return $copy;
    }
}
