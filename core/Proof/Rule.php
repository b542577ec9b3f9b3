<?php

namespace DuskSwitch\Core\Proof;

/** Something that must hold in every state. */
interface Rule
{
    /** The id by which findings name it. */
    public function id(): string;

    /** What must hold, and why, in a sentence or two. */
    public function says(): string;

    /** @return list<Finding> none where it holds */
    public function check(Evidence $evidence): array;
}
