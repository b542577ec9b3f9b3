<?php

namespace DuskSwitch\Core\Proof;

/** Something that must hold in every state. */
interface Rule
{
    /** The id by which findings name it. */
    public function id(): string;

    /** What it's about. */
    public function subject(): Subject;

    /** What must hold, and why, in a sentence or two. */
    public function says(): string;

    /** The answer for an aircraft. */
    public function judge(ProofContext $context): Judgement;
}
