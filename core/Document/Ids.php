<?php

namespace DuskSwitch\Core\Document;

use Closure;
use DuskSwitch\Core\Document\Form\Entries;
use DuskSwitch\Core\Document\Form\Id;
use DuskSwitch\Core\Document\Form\ListOf;
use DuskSwitch\Core\Document\Form\MapOf;
use ReflectionClass;

/** Ids inside parts by what they name: what a part names one day is renamed and found too. */
final class Ids
{
    /** @var array<class-string, array<string, Form|null>> how each field stands in a document, by class and name */
    private static array $forms = [];

    /**
     * The same with other ids; a part in which nothing changes stays the same one.
     *
     * @template T of Naming
     *
     * @param  T  $part
     * @param  Closure(Names, string): string  $now  the id in place of one that names something; the thing's own ids
     *                                      aren't asked for
     * @return T
     */
    public static function map(Naming $part, Closure $now): Naming
    {
        return self::changed($part, $now, []);
    }

    /**
     * The ids in a part that name something of a kind.
     *
     * @return list<string> each once, in the order of the fields
     */
    public static function of(Naming $part, Names $kind): array
    {
        $found = [];
        self::map($part, function (Names $what, string $id) use ($kind, &$found): string {
            if ($what === $kind) {
                $found[$id] = $id;
            }

            return $id;
        });

        return array_values($found);
    }

    /**
     * @template T of Naming
     *
     * @param  T  $part
     * @param  Closure(Names, string): string  $now
     * @param  list<string>  $given  fields that aren't in the document: they name nothing
     * @return T
     */
    private static function changed(Naming $part, Closure $now, array $given): Naming
    {
        $changed = [];
        foreach (self::$forms[$part::class] ??= self::forms($part::class) as $name => $form) {
            $value = $part->{$name};
            $is = in_array($name, $given, true) ? $value : self::value($value, $form, $now);
            if ($is !== $value) {
                $changed[$name] = $is;
            }
        }
        if ($changed === []) {
            return $part;
        }
        $class = $part::class;
        $fields = [...get_object_vars($part), ...$changed];
        // Some are made by names of their own alone.
        $made = Closure::bind(fn (): object => new $class(...$fields), null, $class)();
        assert($made instanceof $class);

        return $made;
    }

    /** @param  Closure(Names, string): string  $now */
    private static function value(mixed $value, ?Form $form, Closure $now): mixed
    {
        return match (true) {
            is_string($value) => $form instanceof Id && $form->of !== null ? $now($form->of, $value) : $value,
            is_array($value) => self::many($value, $form, $now),
            $value instanceof Naming => self::changed($value, $now, []),
            default => $value,
        };
    }

    /**
     * @param  array<mixed>  $values
     * @param  Closure(Names, string): string  $now
     * @return array<mixed>
     */
    private static function many(array $values, ?Form $form, Closure $now): array
    {
        $keys = $form instanceof MapOf ? $form->keys : null;
        $given = $form instanceof ListOf ? array_keys($form->given) : [];
        $isMany = $form instanceof ListOf || $form instanceof MapOf || $form instanceof Entries;
        $inner = $isMany && $form->of instanceof Form ? $form->of : null;
        $changed = [];
        foreach ($values as $key => $value) {
            $changed[$keys === null ? $key : $now($keys, (string) $key)] = $given !== [] && $value instanceof Naming
                ? self::changed($value, $now, $given)
                : self::value($value, $inner, $now);
        }

        return $changed === $values ? $values : $changed;
    }

    /**
     * @param  class-string  $class
     * @return array<string, Form|null>
     */
    private static function forms(string $class): array
    {
        $forms = [];
        foreach ((new ReflectionClass($class))->getConstructor()?->getParameters() ?? [] as $parameter) {
            $forms[$parameter->getName()] = DeclaredField::said($parameter, Form::class);
        }

        return $forms;
    }
}
