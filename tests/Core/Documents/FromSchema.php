<?php

namespace DuskSwitch\Tests\Core\Documents;

use Random\Engine\Mt19937;
use Random\Randomizer;
use stdClass;

/**
 * Documents by chance, made from a JSON Schema as it was frozen: every key that it names comes up, with values at and
 * between its limits. The same seed gives the same document for ever.
 */
final class FromSchema
{
    private const FOLDER = __DIR__.'/../../Outside/frozen/schema';

    private const DEEPEST = 7;

    private const TEXTS = ['A', 'Möwe', 'Left wing’s 2nd flap', '日本の凧', '7', 'x-y', 'Zurück "nach" Süden', '0'];

    private const IDS = ['main', 'roll', 'pitch', 'throttle', 'sa', 'c', 'arm', 'gentle', 'a-b-1', 'none'];

    /** @var array<string, stdClass> */
    private static array $schemas = [];

    private readonly Randomizer $random;

    private int $count = 0;

    /** How likely an optional key is there. */
    private readonly float $fullness;

    private function __construct(private string $schema, int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
        $this->fullness = $this->between(0.1, 0.95);
    }

    /** A document of a schema, such as "program" or "program.v1". */
    public static function document(string $schema, int $seed): stdClass
    {
        $made = new self($schema, $seed);
        $document = $made->value(self::schema($schema), '', 0);
        assert($document instanceof stdClass);

        return $document;
    }

    private static function schema(string $name): stdClass
    {
        return self::$schemas[$name] ??= json_decode(
            (string) file_get_contents(self::FOLDER."/{$name}.schema.json"),
            flags: JSON_THROW_ON_ERROR,
        );
    }

    private function value(stdClass $schema, string $key, int $depth): mixed
    {
        if (isset($schema->{'$ref'})) {
            return $this->referred($schema->{'$ref'}, $key, $depth);
        }
        if (property_exists($schema, 'const')) {
            return $schema->const;
        }
        if (isset($schema->enum)) {
            return $this->pick($schema->enum);
        }
        if (isset($schema->oneOf) && ! isset($schema->properties)) {
            $ways = $depth < self::DEEPEST ? $schema->oneOf : array_slice($schema->oneOf, 0, 2);

            return $this->value($this->pick($ways), $key, $depth);
        }

        return match ($schema->type ?? 'object') {
            'object' => $this->object($schema, $depth),
            'array' => $this->list($schema, $key, $depth),
            'string' => $this->text($schema, $key),
            'integer' => $this->whole($schema),
            'number' => $this->number($schema),
            'boolean' => $this->chance(0.5),
            default => null,
        };
    }

    private function referred(string $reference, string $key, int $depth): mixed
    {
        [$file, $place] = [...explode('#', $reference), ''];
        $former = $this->schema;
        $this->schema = $file === '' ? $former : basename($file, '.schema.json');
        $schema = self::schema($this->schema);
        foreach (array_filter(explode('/', $place)) as $step) {
            $schema = $schema->{$step};
        }
        $value = $this->value($schema, $key, $depth);
        $this->schema = $former;

        return $value;
    }

    private function object(stdClass $schema, int $depth): stdClass
    {
        $made = new stdClass();
        $required = [
            ...$schema->required ?? [],
            ...isset($schema->oneOf) ? $this->pick($schema->oneOf)->required ?? [] : [],
        ];
        foreach (get_object_vars($schema->properties ?? new stdClass()) as $key => $of) {
            if (in_array($key, $required, true) || ($depth < self::DEEPEST && $this->chance($this->fullness))) {
                $made->{$key} = $this->value($of, (string) $key, $depth + 1);
            }
        }
        if (($schema->additionalProperties ?? false) instanceof stdClass) {
            $count = $this->random->getInt($schema->minProperties ?? 0, min(3, $schema->maxProperties ?? 3));
            for ($number = 0; $number < $count; $number++) {
                $made->{$this->chance(0.5) ? $this->pick(self::IDS) : $this->newId()} = $this->value(
                    $schema->additionalProperties,
                    '',
                    $depth + 1,
                );
            }
        }
        foreach ([$schema, ...$schema->allOf ?? []] as $part) {
            $this->rule($part, $made, $depth);
        }
        if (isset($schema->not->required) && array_diff($schema->not->required, array_keys((array) $made)) === []) {
            unset($made->{$schema->not->required[0]});
        }

        return $made;
    }

    /** Where one key asks for others. */
    private function rule(stdClass $part, stdClass $made, int $depth): void
    {
        $asked = $part->if ?? null;
        if (! $asked instanceof stdClass) {
            return;
        }
        $holds = array_diff($asked->required ?? [], array_keys((array) $made)) === [];
        foreach (get_object_vars($asked->properties ?? new stdClass()) as $key => $of) {
            $value = $made->{$key} ?? null;
            $holds =
                $holds &&
                (property_exists($of, 'const') ? $value === $of->const : in_array($value, $of->enum ?? [$value], true));
        }
        $then = $holds ? $part->then ?? null : $part->else ?? null;
        foreach ($then->required ?? [] as $key) {
            $of = $then->properties->{$key} ?? null;
            if (! isset($made->{$key}) && $of instanceof stdClass) {
                $made->{$key} = $this->value($of, $key, $depth + 1);
            }
        }
    }

    /** @return list<mixed> */
    private function list(stdClass $schema, string $key, int $depth): array
    {
        if (isset($schema->prefixItems)) {
            return array_map(fn (stdClass $one): mixed => $this->value($one, $key, $depth + 1), $schema->prefixItems);
        }
        $least = $schema->minItems ?? 0;
        $most = max($least, min($schema->maxItems ?? 3, $least + 3, $depth > 4 ? 2 : 9));
        $made = [];
        for ($count = $this->random->getInt($least, $most); $count > 0; $count--) {
            $made[] = $this->value($schema->items ?? new stdClass(), $key === '' ? '' : "{$key}[]", $depth + 1);
        }

        return self::inOrder($made, $key);
    }

    /**
     * Numbers one after another rise nearly everywhere, a curve goes from end to end, and all phases but the first have
     * a condition: without this hardly a document would be one.
     *
     * @param  list<mixed>  $list
     * @return list<mixed>
     */
    private static function inOrder(array $list, string $key): array
    {
        if ($list === array_filter($list, is_numeric(...))) {
            sort($list);
        }
        if ($key === 'points') {
            $count = count($list);
            foreach ($list as $place => &$point) {
                $point = [round(-1 + (2 * $place) / max(1, $count - 1), 3), $point[1]];
            }
        }
        if ($key === 'phases') {
            foreach ($list as $place => $phase) {
                if ($place === 0) {
                    unset($phase->when);
                } else {
                    $phase->when ??= 'armed';
                }
            }
        }

        return $list;
    }

    private function text(stdClass $schema, string $key): string
    {
        $pattern = $schema->pattern ?? '';
        if (str_contains($pattern, '[0-9]{4}')) {
            return sprintf(
                '20%02d-%02d-%02d',
                ...array_map(fn (int $to): int => $this->random->getInt(1, $to), [40, 12, 28]),
            );
        }
        if ($pattern !== '') {
            return $key === 'id' && $this->chance(0.98) ? $this->newId() : $this->pick(self::IDS);
        }

        return mb_substr($this->pick(self::TEXTS), 0, $schema->maxLength ?? 60);
    }

    private function whole(stdClass $schema): int
    {
        return $this->random->getInt((int) ($schema->minimum ?? 0), (int) ($schema->maximum ?? 100));
    }

    private function number(stdClass $schema): float|int
    {
        [$least, $most] = [$schema->minimum ?? -100, $schema->maximum ?? 100];
        $usual = array_values(
            array_filter([0, 0.0, 1, 1.0, $least, $most], fn ($one): bool => $one >= $least && $one <= $most),
        );

        return match ($this->random->getInt(0, 3)) {
            0 => $this->pick($usual),
            1 => $this->random->getInt((int) ceil($least), (int) floor($most)),
            default => max($least, min($most, round($this->between($least, $most), $this->random->getInt(0, 4)))),
        };
    }

    private function newId(): string
    {
        $this->count++;

        return "i{$this->count}";
    }

    private function between(float $least, float $most): float
    {
        return $least + (($most - $least) * $this->random->getInt(0, 999_999)) / 1e6;
    }

    private function chance(float $of): bool
    {
        return $this->between(0, 1) < $of;
    }

    /**
     * @template T
     *
     * @param  array<T>  $of
     * @return T
     */
    private function pick(array $of): mixed
    {
        return array_values($of)[$this->random->getInt(0, count($of) - 1)];
    }
}
