<?php

namespace DuskSwitch\Core\Proof;

use DuskSwitch\Core\Kinds\Kinds;
use DuskSwitch\Core\Program\AcceptedFinding;
use DuskSwitch\Core\Program\Routing;

/** What the rules say of an aircraft: every hand, every memory, not only those that somebody thought of. */
final readonly class Proof
{
    /**
     * @param  int|float  $states  how many positions of the switches and memories in use there are
     * @param  list<Finding>  $findings  the worst first; without those that were accepted
     * @param  list<array{Finding, string}>  $accepted  with the reason
     * @param  list<array{Rule, Judgement}>  $rules
     */
    private function __construct(
        public int|float $states,
        public array $findings,
        public array $accepted,
        public array $rules,
    ) {}

    /** Up to here every whole number is a float of its own. */
    private const EXACT = 9e15;

    /** @return list<Rule> */
    public static function rules(): array
    {
        $rules = Kinds::in(__DIR__.'/Rule', __NAMESPACE__.'\Rule', Rule::class);
        $order = array_flip(array_column(Subject::cases(), 'value'));
        usort($rules, fn (Rule $a, Rule $b): int => $order[$a->subject()->value] <=> $order[$b->subject()->value]);

        return $rules;
    }

    /** The proof of a program with its kit. */
    public static function of(ProofContext $context): self
    {
        $rules = array_map(fn (Rule $rule): array => [$rule, $rule->judge($context)], self::rules());
        $found = array_merge([], ...array_map(fn (array $one): array => $one[1]->findings, $rules));
        usort($found, fn (Finding $a, Finding $b): int => $a->severity->rank() <=> $b->severity->rank());
        $open = $accepted = [];
        foreach ($found as $finding) {
            $reason = self::reason($context->program->aboard->accepted, $finding);
            if ($reason === null) {
                $open[] = $finding;
            } else {
                $accepted[] = [$finding, $reason];
            }
        }

        return new self(self::count($context), $open, $accepted, $rules);
    }

    /** True where nothing of severity error is open, what couldn't be proven among them. */
    public function isSafe(): bool
    {
        return array_filter($this->findings, fn (Finding $one): bool => $one->severity === Severity::Error) === [];
    }

    /** True where every rule could be decided. */
    public function isComplete(): bool
    {
        return array_filter(
            $this->rules,
            fn (array $one): bool => in_array($one[1]->answer, [Answer::NotProven, Answer::NotChecked], true),
        ) === [];
    }

    /** @param  list<AcceptedFinding>  $accepted */
    private static function reason(array $accepted, Finding $finding): ?string
    {
        foreach ($accepted as $one) {
            // Acceptances of version 1 name no detail.
            if ($one->finding === $finding->key() || $one->finding === "{$finding->rule} {$finding->about}") {
                return $one->reason;
            }
        }

        return null;
    }

    /** How many positions the switches and buttons in use, and what is remembered, have together. */
    private static function count(ProofContext $context): int|float
    {
        $used = array_flip(array_map(fn ($thread): string => $thread->from, Routing::threads($context->program)));
        $states = (float) (2 ** count($context->model()->memories->bits));
        foreach ($context->transmitter->controls as $control) {
            $states *=
                isset($used["control:{$control->id}"]) && $control->detents !== [] ? count($control->detents) : 1;
        }

        return $states < self::EXACT ? (int) $states : $states;
    }
}
