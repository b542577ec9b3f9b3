<?php

namespace DuskSwitch\Core\Proof;

use DuskSwitch\Core\Program\Accepted;
use DuskSwitch\Core\Program\Loom;

/** Every switch position, not only the ones that somebody thought of. */
final readonly class Proof
{
    /**
     * @param  int  $states  how many positions of the switches in use there are
     * @param  list<Finding>  $findings  the worst first; without those that were accepted
     * @param  list<array{Finding, string}>  $accepted  with the reason
     */
    private function __construct(public int $states, public array $findings, public array $accepted) {}

    /** @return list<Rule> */
    public static function rules(): array
    {
        return [
            new Rule\Decided, new Rule\ControllerChosen, new Rule\SafeAtPowerUp, new Rule\OneMoveDisarms, new Rule\NoStartAboveIdle, new Rule\OneModeInEachState, new Rule\SlotsApart, new Rule\EveryModeReachable,
            new Rule\SavingModeOneMoveAway, new Rule\NothingRiskyOnTheWay, new Rule\NothingClips, new Rule\EndsAndCentre, new Rule\ChannelOrder,
            new Rule\FailsafeSet, new Rule\NoTrimOnAStabiliser, new Rule\ThrottleFades, new Rule\OneFunctionAControl, new Rule\StartCheck,
            new Rule\EverythingConnected, new Rule\FitsTheLink,
        ];
    }

    /** The proof of a program with its kit. */
    public static function of(Evidence $evidence): self
    {
        $found = array_merge([], ...array_map(fn (Rule $rule): array => $rule->check($evidence), self::rules()));
        usort($found, fn (Finding $a, Finding $b): int => $a->severity->rank() <=> $b->severity->rank());
        $reasons = array_column(array_map(fn (Accepted $one): array => [$one->finding, $one->reason], $evidence->program->aboard->accepted), 1, 0);
        $open = array_values(array_filter($found, fn (Finding $one): bool => ! isset($reasons[$one->key()])));
        $accepted = array_values(array_filter($found, fn (Finding $one): bool => isset($reasons[$one->key()])));

        return new self(self::count($evidence), $open, array_map(fn (Finding $one): array => [$one, $reasons[$one->key()]], $accepted));
    }

    /** True where nothing of severity error is open. */
    public function isSafe(): bool
    {
        return array_filter($this->findings, fn (Finding $one): bool => $one->severity === Severity::Error) === [];
    }

    /** How many positions the switches and buttons in use, and what is remembered, have together. */
    private static function count(Evidence $evidence): int
    {
        $used = array_map(fn ($thread): string => $thread->from, Loom::threads($evidence->plain->program));
        $states = 1;
        foreach ($evidence->plain->transmitter->controls as $control) {
            $states = self::times($states, in_array("control:{$control->id}", $used, true) && $control->detents !== [] ? count($control->detents) : 1);
        }

        return $states;
    }

    /** A product that stops at what can be counted. */
    private static function times(int $states, int $more): int
    {
        return $states > intdiv(PHP_INT_MAX, $more) ? PHP_INT_MAX : $states * $more;
    }
}
