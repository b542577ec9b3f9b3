<?php

namespace DuskSwitch\Core\Format;

use DuskSwitch\Core\Document\Form;
use DuskSwitch\Core\Document\Form\Flag;
use DuskSwitch\Core\Document\Form\Id;
use DuskSwitch\Core\Document\Form\Text;
use DuskSwitch\Core\Document\Form\Whole;
use DuskSwitch\Core\Document\Forms;
use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Document\Schema;
use DuskSwitch\Core\Program\Telemetry\PhrasePart;

/** A piece of a phrase: words as they stand, or a value. */
final readonly class PhraseForm implements Form
{
    public function read(JsonCursor $node, Forms $forms): PhrasePart
    {
        if ($node->isText()) {
            return PhrasePart::words($node->text(80));
        }
        $node->keys(['value'], ['places', 'unit']);

        return PhrasePart::value(
            $node->need('value')->id(),
            $node->at('places')?->whole(0, 3) ?? 0,
            $node->at('unit')?->flag() ?? true,
        );
    }

    /** @return string|array<string, mixed> */
    public function write(mixed $value, Forms $forms): string|array
    {
        assert($value instanceof PhrasePart);

        return $value->words ?? [
            'value' => $value->value,
            ...$value->places === 0 ? [] : ['places' => $value->places],
            ...$value->unit ? [] : ['unit' => false],
        ];
    }

    public function schema(Schema $schema): array
    {
        return [
            'oneOf' => [
                ['description' => 'words as they are said', ...$schema->of(new Text(80))],
                [
                    'type' => 'object',
                    'additionalProperties' => false,
                    'required' => ['value'],
                    'properties' => [
                        'value' => $schema->of(new Id()),
                        'places' => $schema->of(new Whole(0, 3)),
                        'unit' => ['description' => 'said with it; true where it is missing', ...$schema->of(new Flag())],
                    ],
                ],
            ],
        ];
    }
}
