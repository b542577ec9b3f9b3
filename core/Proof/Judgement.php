<?php

namespace DuskSwitch\Core\Proof;

/** A rule's answer, with what it found and why it isn't more. */
final readonly class Judgement
{
    /** @param  list<Finding>  $findings */
    private function __construct(public Answer $answer, public array $findings, public ?string $why) {}

    /**
     * What was found; proven where that is nothing, not proven where something stayed open.
     *
     * @param  list<Finding>  $findings
     */
    public static function of(array $findings): self
    {
        $open = array_values(array_filter($findings, fn (Finding $one): bool => $one->isOpen));
        $answer = $open !== [] ? Answer::NotProven : ($findings === [] ? Answer::Proven : Answer::Findings);

        return new self($answer, $findings, $open === [] ? null : $open[0]->says);
    }

    /** The rule asks nothing of this aircraft. */
    public static function doesNotApply(string $why): self
    {
        return new self(Answer::DoesNotApply, [], $why);
    }

    /** It couldn't be looked at, as something isn't known yet. */
    public static function notChecked(string $why): self
    {
        return new self(Answer::NotChecked, [], $why);
    }
}
