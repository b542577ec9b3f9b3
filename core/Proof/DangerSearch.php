<?php

namespace DuskSwitch\Core\Proof;

use DuskSwitch\Core\Space\Question;
use DuskSwitch\Core\Space\Witness;

/** A danger that a rule asks for: nowhere, here, or not decided. */
final class DangerSearch
{
    /**
     * What an answer comes to: nothing, the finding that it's told as, or what couldn't be proven.
     *
     * @param  string  $what  the thing to prove, in words
     * @param  callable(Witness): Finding  $tell
     * @param  string  $detail  tells it from other dangers of the rule about the same thing
     * @return list<Finding>
     */
    public static function in(
        ProofContext $context,
        string $rule,
        string $about,
        string $what,
        Question $question,
        callable $tell,
        string $detail = '',
    ): array {
        $outcome = $context->ask($question);
        if ($outcome->witness !== null) {
            return [$tell($outcome->witness)];
        }

        return $outcome->open === null ? [] : [Finding::open($rule, $about, $what, $outcome->open, $detail)];
    }

    /** The pulse of a channel where a danger shows, in µs. */
    public static function pulse(ProofContext $context, Witness $witness, int $channel): int
    {
        return (int) $witness->frame($context->circuit())->pulse($channel);
    }
}
