<?php

namespace DuskSwitch\Core\Format;

use DuskSwitch\Core\Document\Form;
use DuskSwitch\Core\Document\Forms;
use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Document\Part;
use DuskSwitch\Core\Program\Condition\Condition;
use DuskSwitch\Core\Program\Failsafe;
use DuskSwitch\Core\Program\Installation;
use DuskSwitch\Core\Program\Meaning;
use DuskSwitch\Core\Program\Source\Source;
use DuskSwitch\Core\Program\SurfaceThrow;
use DuskSwitch\Core\Program\Telemetry\Derivation;
use DuskSwitch\Core\Program\Telemetry\PhrasePart;
use DuskSwitch\Core\Program\Telemetry\ToneSettings;

/** How all that is in documents is spelt: parts by their declarations, and a few things by hand, which are here. */
final class Spelling
{
    private static ?Forms $forms = null;

    private static ?Forms $ofVersion1 = null;

    /** Those of all classes. */
    public static function forms(): Forms
    {
        return self::$forms ??= new Forms(self::byHand());
    }

    /** Those of documents of version 1, where something stood otherwise. */
    public static function formsOfVersion1(): Forms
    {
        return self::$ofVersion1 ??= new Forms([...self::byHand(), Installation::class => new FromVersion1()]);
    }

    /**
     * What a part has to say, by key.
     *
     * @return array<string, mixed>
     */
    public static function of(Part $part): array
    {
        return self::forms()->declaration($part::class)->written($part, self::forms());
    }

    /** A part or a condition as it stands in the document. */
    public static function written(Part|Condition $what): mixed
    {
        $form = self::forms()->of($what instanceof Condition ? Condition::class : $what::class);

        return $form->write($what, self::forms());
    }

    /**
     * What stands at a node, with fields that are known already, by name.
     *
     * @template T of Part
     *
     * @param  class-string<T>  $class
     * @param  array<string, mixed>  $given
     * @return T
     */
    public static function with(string $class, JsonCursor $node, array $given): Part
    {
        return self::forms()->declaration($class)->readWith($node, self::forms(), $given);
    }

    /**
     * What stands at a node; what is wrong is noted there.
     *
     * @template T of Part
     *
     * @param  class-string<T>  $class
     * @return T
     */
    public static function read(string $class, JsonCursor $node): Part
    {
        return self::forms()->declaration($class)->read($node, self::forms());
    }

    /** @return array<class-string, Form> */
    private static function byHand(): array
    {
        return [
            Condition::class => new ConditionForm(),
            Source::class => new SourceForm(),
            Meaning::class => new MeaningForm(),
            Failsafe::class => new FailsafeForm(),
            SurfaceThrow::class => new ThrowForm(),
            Derivation::class => new DerivationForm(),
            PhrasePart::class => new PhraseForm(),
            ToneSettings::class => new ToneForm(),
        ];
    }
}
