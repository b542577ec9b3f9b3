<?php

namespace DuskSwitch\Core\Document;

/** Sees to it that an id or number stands only once in a list. */
final class UniqueIds
{
    /** @var array<int|string, JsonCursor> where each was seen first */
    private array $seen = [];

    /** @param  string  $kind what it is, with its article: "a step" */
    public function __construct(private readonly string $kind) {}

    /** The `id` of an entry; a fault where it was seen before. */
    public function id(JsonCursor $entry): string
    {
        $id = $entry->at('id')?->id() ?? '';
        $this->check($entry, 'id', $id);

        return $id;
    }

    /** Notes a fault at the entry's $key where $value was seen before. */
    public function check(JsonCursor $entry, string $key, int|string $value): void
    {
        $node = $entry->at($key);
        if ($node === null) {
            return;
        }
        if (isset($this->seen[$value])) {
            $node->fault("there is already {$this->kind} \"{$value}\", at {$this->seen[$value]->path()}");
        } else {
            $this->seen[$value] = $entry;
        }
    }
}
