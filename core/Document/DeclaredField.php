<?php

namespace DuskSwitch\Core\Document;

use DuskSwitch\Core\Document\Form\AsIs;
use DuskSwitch\Core\Document\Form\Flag;
use LogicException;
use ReflectionAttribute;
use ReflectionNamedType;
use ReflectionParameter;

/** A field of a part as its declaration has it: a promoted parameter of the constructor with its attributes. */
final readonly class DeclaredField
{
    public string $name;

    public string $key;

    public Form $form;

    /** True where a document without it is refused. */
    public bool $isNeeded;

    /** True where it is written whatever its value is. */
    public bool $isAlways;

    /** True where its value is written as it is. */
    public bool $isAsIs;

    /** True where it isn't in the document. */
    public bool $isApart;

    /** @var Declaration<Part>|null whose fields stand in its place */
    public ?Declaration $inline;

    /** What is meant where it's missing, unless a method of the part tells. */
    public mixed $default;

    public Field $says;

    public function __construct(ReflectionParameter $parameter, Forms $forms)
    {
        $form = self::said($parameter, Form::class);
        $this->says = self::said($parameter, Field::class) ?? new Field();
        $this->name = $parameter->getName();
        $this->key = $this->says->key ?? $this->name;
        $this->form = $form ?? self::formOfType($parameter, $forms);
        $this->inline = $this->says->inline && $this->form instanceof Declaration ? $this->form : null;
        $this->isAsIs = in_array(AsIs::class, class_uses($this->form), true);
        $this->isApart = $this->says->apart;
        $this->isNeeded = ! $parameter->isOptional() && $this->says->otherwise === null;
        $this->isAlways = $this->isNeeded || $this->says->always || $this->inline !== null;
        $this->default = $parameter->isOptional() ? $parameter->getDefaultValue() : null;
    }

    /**
     * What a parameter says of itself by an attribute of a kind; null where it doesn't.
     *
     * @template T of object
     *
     * @param  class-string<T>  $kind
     * @return T|null
     */
    public static function said(ReflectionParameter $parameter, string $kind): ?object
    {
        return ($parameter->getAttributes($kind, ReflectionAttribute::IS_INSTANCEOF)[0] ?? null)?->newInstance();
    }

    /**
     * What is meant where it's missing.
     *
     * @param  class-string<Part>  $part
     * @param  list<mixed>  $before  the fields before it, in the order of the constructor, and perhaps those behind it
     */
    public function otherwise(string $part, array $before): mixed
    {
        if ($this->says->otherwise === null) {
            return $this->default;
        }
        $method = "{$part}::{$this->says->otherwise}";
        assert(is_callable($method));

        return $method(...$before);
    }

    /** True where a value need not be written. */
    public function isUsual(mixed $value, Part $part): bool
    {
        if ($this->isAlways) {
            return false;
        }
        if ($this->says->otherwise !== null) {
            return $value === $this->otherwise($part::class, array_values(get_object_vars($part)));
        }

        return $value === $this->default
            || (is_object($value) && is_object($this->default) && $value == $this->default);
    }

    private static function formOfType(ReflectionParameter $parameter, Forms $forms): Form
    {
        $type = $parameter->getType();
        $name = $type instanceof ReflectionNamedType ? $type->getName() : '';
        if ($name === 'bool') {
            return new Flag();
        }
        if (class_exists($name) || interface_exists($name)) {
            return $forms->of($name);
        }
        throw new LogicException(
            "Say how \${$parameter->getName()} of {$parameter->getDeclaringClass()?->getName()} stands in a document",
        );
    }
}
