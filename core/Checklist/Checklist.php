<?php

namespace DuskSwitch\Core\Checklist;

/** What is gone through before something, item by item. */
final readonly class Checklist
{
    /** @param  list<string>  $items  sentences, in order */
    public function __construct(public string $id, public string $title, public array $items) {}
}
