<?php

namespace DuskSwitch\Core\Document;

use BackedEnum;
use DuskSwitch\Core\Document\Form\Choice;
use LogicException;

/**
 * The forms of all classes that stand in documents: those of parts by their declaration, those of enums by their
 * cases, and the few that are spelt by hand.
 */
final class Forms
{
    /** @var array<class-string, Form> */
    private array $known;

    /** @param  array<class-string, Form>  $spelt  by hand, by the class of the value */
    public function __construct(array $spelt)
    {
        $this->known = $spelt;
    }

    /**
     * The form itself, or that of a class.
     *
     * @param  Form|class-string  $what
     */
    public function of(Form|string $what): Form
    {
        return $what instanceof Form ? $what : $this->known[$what] ??= $this->made($what);
    }

    /**
     * The form of what stands where some of its fields are known already.
     *
     * @param  Form|class-string  $what
     * @param  array<string, mixed>  $given  those fields, by name; they don't stand in the document
     */
    public function within(Form|string $what, array $given): Form
    {
        $form = $this->of($what);

        return $given !== [] && $form instanceof Declaration ? new Within($form, $given) : $form;
    }

    /**
     * What a part says of itself.
     *
     * @template T of Part
     *
     * @param  class-string<T>  $class
     * @return Declaration<T>
     */
    public function declaration(string $class): Declaration
    {
        $known = $this->known[$class] ??= new Declaration($class);

        /** @var Declaration<T> */
        return $known instanceof Declaration
            ? $known
            : throw new LogicException("{$class} is spelt by hand");
    }

    /** @param  class-string  $class */
    private function made(string $class): Form
    {
        return match (true) {
            is_a($class, BackedEnum::class, true) => new Choice($class),
            is_a($class, Part::class, true) && class_exists($class) => new Declaration($class),
            default => throw new LogicException("Nobody says how {$class} stands in a document"),
        };
    }
}
