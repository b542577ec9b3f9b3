<?php

namespace DuskSwitch\Core\Document;

use ReflectionClass;

/** The JSON Schema of a document, made from its declarations; what comes more than once stands in `$defs`. */
final class Schema
{
    /** @var array<string, array<string, mixed>> */
    private array $named = [];

    public function __construct(private readonly Forms $forms) {}

    /**
     * Of a form or a class.
     *
     * @param  Form|class-string  $what
     * @param  list<string>  $given  fields that don't stand in the document
     * @return array<string, mixed>
     */
    public function of(Form|string $what, array $given = []): array
    {
        $form = $this->forms->of($what);

        return $form instanceof Declaration && $given !== [] ? $this->part($form, $given) : $form->schema($this);
    }

    /**
     * A reference to what has a name of its own.
     *
     * @param  array<string, mixed>  $schema
     * @return array<string, mixed>
     */
    public function named(string $name, array $schema): array
    {
        $says = class_exists($name) ? self::says($name) : null;
        $short = $says->name ?? lcfirst((string) preg_replace('/^.*\\\\/', '', $name));
        $this->named[$short] ??= [...$says?->schema() ?? [], ...$schema];

        return ['$ref' => "#/\$defs/{$short}"];
    }

    /**
     * A reference to a part.
     *
     * @param  Declaration<Part>  $declaration
     * @return array<string, mixed>
     */
    public function ofPart(Declaration $declaration): array
    {
        return $this->named($declaration->class, $this->part($declaration));
    }

    /** @return array<string, array<string, mixed>> all that were named, in the order of their names */
    public function definitions(): array
    {
        ksort($this->named);

        return $this->named;
    }

    /**
     * A part itself.
     *
     * @template T of Part
     *
     * @param  Declaration<T>  $declaration
     * @param  list<string>  $given
     * @return array<string, mixed>
     */
    public function part(Declaration $declaration, array $given = []): array
    {
        $properties = $needed = [];
        $more = self::says($declaration->class)?->schema() ?? [];
        foreach ($declaration->fields($this->forms) as $field) {
            if ($field->isApart || in_array($field->name, $given, true)) {
                continue;
            }
            if ($field->inline !== null) {
                $inner = $this->part($field->inline);
                $properties = [...$properties, ...(array) $inner['properties']];
                $more += array_diff_key($inner, ['properties' => 0, 'required' => 0, 'description' => 0]);

                continue;
            }
            $words = $field->says->says === '' ? [] : ['description' => $field->says->says];
            $properties[$field->key] = [...$words, ...$this->of($field->form)];
            if ($field->isNeeded) {
                $needed[] = $field->key;
            }
        }

        return [
            'type' => 'object',
            'additionalProperties' => false,
            ...$needed === [] ? [] : ['required' => $needed],
            ...$more,
            'properties' => $properties,
        ];
    }

    /** @param  class-string  $class */
    private static function says(string $class): ?Says
    {
        $says = (new ReflectionClass($class))->getAttributes(Says::class);

        return $says === [] ? null : $says[0]->newInstance();
    }
}
