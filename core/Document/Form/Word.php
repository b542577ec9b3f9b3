<?php

namespace DuskSwitch\Core\Document\Form;

use Attribute;
use DuskSwitch\Core\Document\Form;
use DuskSwitch\Core\Document\Forms;
use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Document\Schema;

/** One of a few words. */
#[Attribute(Attribute::TARGET_PARAMETER)]
final readonly class Word implements Form
{
    use AsIs;

    /**
     * @param  non-empty-list<string>  $words
     * @param  bool  $isId  written like an id
     * @param  string|null  $name  that the list of words has in the schema
     */
    public function __construct(public array $words, public bool $isId = false, public ?string $name = null) {}

    public function read(JsonCursor $node, Forms $forms): string
    {
        $word = $this->isId ? $node->id() : $node->text();
        if (! in_array($word, $this->words, true)) {
            $node->fault('must be one of '.implode(', ', $this->words));
        }

        return $word;
    }

    public function schema(Schema $schema): array
    {
        $words = ['enum' => $this->words];

        return $this->name === null ? $words : $schema->named($this->name, $words);
    }
}
