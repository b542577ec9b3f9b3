<?php

namespace DuskSwitch\Core\Document;

use ReflectionClass;
use stdClass;

/**
 * What a part says of itself: its fields with their keys, forms and defaults. Read once from the attributes of its
 * constructor's parameters, which are its fields.
 *
 * @template T of Part
 */
final class Declaration implements Form
{
    /** @var list<DeclaredField>|null as its constructor has them */
    private ?array $fields = null;

    /** @var list<DeclaredField> as they are written */
    private array $order = [];

    private readonly bool $isChecked;

    /** @param  class-string<T>  $class */
    public function __construct(public readonly string $class)
    {
        $this->isChecked = is_a($class, Checked::class, true);
    }

    /** @return list<DeclaredField> as its constructor has them */
    public function fields(Forms $forms): array
    {
        if ($this->fields === null) {
            $parameters = (new ReflectionClass($this->class))->getConstructor()?->getParameters() ?? [];
            $this->fields = array_map(fn ($one): DeclaredField => new DeclaredField($one, $forms), $parameters);
            $this->order = self::order($this->fields);
        }

        return $this->fields;
    }

    /** @return T */
    public function read(JsonCursor $node, Forms $forms): Part
    {
        return $this->readWith($node, $forms);
    }

    /**
     * The part at a node.
     *
     * @param  array<string, mixed>  $given  fields that are known already, by name; they don't stand in the document
     * @param  list<string>  $beside  keys that stand beside its own and were read already
     * @return T
     */
    public function readWith(JsonCursor $node, Forms $forms, array $given = [], array $beside = []): Part
    {
        $there = $node->keyed();
        if ($there === null) {
            $node->wrongType('an object');
        }
        $met = 0;
        foreach ($beside as $key) {
            if ($there === null || array_key_exists($key, $there)) {
                $met++;
            } else {
                $node->faultAt($key, 'this is missing');
            }
        }
        $part = $this->take($node, $there, $forms, $given, $met);
        if ($there !== null && count($there) !== $met) {
            [$needed, $free] = $this->keys($forms, $given);
            $node->refuseUnknown([...$beside, ...$needed, ...$free]);
        }

        return $part;
    }

    /** @return array<string, mixed>|stdClass */
    public function write(mixed $value, Forms $forms): array|stdClass
    {
        assert($value instanceof $this->class);
        $written = $this->written($value, $forms);

        return $written === [] ? new stdClass() : $written;
    }

    /**
     * What a part has to say, by key.
     *
     * @param  T  $part
     * @param  list<string>  $given  names of fields that don't stand in the document
     * @return array<string, mixed>
     */
    public function written(Part $part, Forms $forms, array $given = []): array
    {
        $this->fields ?? $this->fields($forms);
        $written = [];
        foreach ($this->order as $field) {
            $value = $part->{$field->name};
            if ($field->isUsual($value, $part) || in_array($field->name, $given, true)) {
                continue;
            }
            if ($field->inline !== null) {
                assert($value instanceof Part);
                $written = [...$written, ...$field->inline->written($value, $forms)];
            } else {
                $written[$field->key] = $field->isAsIs ? $value : $field->form->write($value, $forms);
            }
        }

        return $written;
    }

    public function schema(Schema $schema): array
    {
        return $schema->ofPart($this);
    }

    /**
     * @param  array<string, mixed>|null  $there  what stands at the node, by key; null where it isn't an object
     * @param  array<string, mixed>  $given
     * @param  int  $met  counts the keys that are there and known
     * @return T
     */
    private function take(JsonCursor $node, ?array $there, Forms $forms, array $given, int &$met): Part
    {
        $values = [];
        foreach ($this->fields ?? $this->fields($forms) as $field) {
            if ($given !== [] && array_key_exists($field->name, $given)) {
                $values[] = $given[$field->name];
            } elseif ($field->inline !== null) {
                $values[] = $field->inline->take($node, $there, $forms, [], $met);
            } elseif ($there !== null && array_key_exists($field->key, $there)) {
                $met++;
                $at = $node->below($field->key, $there[$field->key]);
                $values[] = $field->form instanceof Among
                    ? $field->form->among($at, $this->named($values))
                    : $field->form->read($at, $forms);
            } elseif ($field->isNeeded) {
                $there === null || $node->faultAt($field->key, 'this is missing');
                $values[] = $field->form->read($node->nothing($field->key), $forms);
            } else {
                $values[] = $field->says->otherwise === null
                    ? $field->default
                    : $field->otherwise($this->class, $values);
            }
        }
        $part = new ($this->class)(...$values);

        return $this->isChecked && $part instanceof Checked ? $part->check($node) : $part;
    }

    /**
     * The first fields by name.
     *
     * @param  list<mixed>  $values
     * @return array<string, mixed>
     */
    private function named(array $values): array
    {
        $names = array_map(fn (DeclaredField $one): string => $one->name, $this->fields ?? []);

        return array_combine(array_slice($names, 0, count($values)), $values);
    }

    /**
     * The keys of its document: those that must be there, and the others.
     *
     * @param  array<string, mixed>  $given
     * @return array{list<string>, list<string>}
     */
    private function keys(Forms $forms, array $given = []): array
    {
        $needed = $free = [];
        foreach ($this->fields($forms) as $field) {
            if ($field->isApart || array_key_exists($field->name, $given)) {
                continue;
            }
            if ($field->inline !== null) {
                [$more, $others] = $field->inline->keys($forms);
                [$needed, $free] = [[...$needed, ...$more], [...$free, ...$others]];
            } elseif ($field->isNeeded) {
                $needed[] = $field->key;
            } else {
                $free[] = $field->key;
            }
        }

        return [$needed, $free];
    }

    /**
     * @param  list<DeclaredField>  $fields
     * @return list<DeclaredField>
     */
    private static function order(array $fields): array
    {
        $fields = array_filter($fields, fn (DeclaredField $one): bool => ! $one->isApart);
        $order = array_values(array_filter($fields, fn (DeclaredField $one): bool => $one->says->after === null));
        foreach ($fields as $field) {
            $before = $field->says->after;
            if ($before !== null) {
                $place = array_search($before, array_column($order, 'name'), true);
                array_splice($order, (int) $place + 1, 0, [$field]);
            }
        }

        return $order;
    }
}
