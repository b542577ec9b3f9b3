<?php

namespace DuskSwitch\Core\Format;

use DuskSwitch\Core\Document\Form;
use DuskSwitch\Core\Document\Form\Id;
use DuskSwitch\Core\Document\Forms;
use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Document\Schema;
use DuskSwitch\Core\Program\Meaning;

/** What a step means: a word, or a mode of the controller by its id. */
final readonly class MeaningForm implements Form
{
    public function read(JsonCursor $node, Forms $forms): Meaning
    {
        if ($node->isText()) {
            $word = $node->text();
            if (! in_array($word, Meaning::WORDS, true)) {
                $node->fault(
                    'must be one of '.
                        implode(', ', Meaning::WORDS).
                        ', or {"mode": …} with the id of a mode of the controller',
                );
            }

            return Meaning::word($word);
        }
        $node->keys(['mode']);

        return Meaning::mode($node->need('mode')->id());
    }

    /** @return string|array<string, string|null> */
    public function write(mixed $value, Forms $forms): string|array
    {
        assert($value instanceof Meaning);

        return $value->word ?? ['mode' => $value->mode];
    }

    public function schema(Schema $schema): array
    {
        return $schema->named('meaning', [
            'description' => 'what a step means: a word, or a mode of the controller by its id',
            'oneOf' => [
                ['enum' => Meaning::WORDS],
                [
                    'type' => 'object',
                    'additionalProperties' => false,
                    'required' => ['mode'],
                    'properties' => ['mode' => $schema->of(new Id())],
                ],
            ],
        ]);
    }
}
