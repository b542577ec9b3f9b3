<?php

namespace DuskSwitch\Core\Document\Form;

use DuskSwitch\Core\Document\Form;
use DuskSwitch\Core\Document\Forms;

/** A form of many, where each has an id of its own: parts of a list, entries of a map. */
interface Keyed extends Form
{
    /** False where they are told apart by their place alone: what changes in such a list changes the list. */
    public function isKeyed(): bool;

    /** True where their order means something: the first phase that holds, the place on a wire. */
    public function isRanked(): bool;

    /**
     * What stands in a value, by id.
     *
     * @param  array<mixed>  $value
     * @return array<int|string, mixed>
     */
    public function byId(array $value): array;

    /**
     * The value of which that is the content.
     *
     * @param  array<int|string, mixed>  $byId
     * @return array<mixed>
     */
    public function together(array $byId): array;

    /** The form of the one of that id. */
    public function one(int|string $id, Forms $forms): Form;
}
