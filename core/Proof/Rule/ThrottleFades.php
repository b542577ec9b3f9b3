<?php

namespace DuskSwitch\Core\Proof\Rule;

use DuskSwitch\Core\Program\Phase;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\ProportionalFunction;
use DuskSwitch\Core\Program\Purpose;
use DuskSwitch\Core\Proof\Finding;
use DuskSwitch\Core\Proof\Judgement;
use DuskSwitch\Core\Proof\ProofContext;
use DuskSwitch\Core\Proof\Rule;
use DuskSwitch\Core\Proof\Severity;
use DuskSwitch\Core\Proof\Subject;
use DuskSwitch\Core\Space\Question;
use DuskSwitch\Core\Space\Truth;

/** A phase must not kick the throttle. */
final class ThrottleFades implements Rule
{
    /** A step that one hears: 3 % of the whole way (from memory). */
    private const STEP = 0.06;

    public function id(): string
    {
        return 'throttle-fades';
    }

    public function subject(): Subject
    {
        return Subject::Fade;
    }

    public function says(): string
    {
        return 'Where two phases give the throttle different values for the same stick, the change must fade in.';
    }

    public function judge(ProofContext $context): Judgement
    {
        $functions = array_values(
            array_filter(
                $context->program->whose(Purpose::Throttle),
                fn ($one): bool => $one instanceof ProportionalFunction && $one->drive !== null,
            ),
        );
        if ($functions === [] || count($context->program->phases) < 2) {
            return Judgement::doesNotApply($functions === [] ? 'no function is the throttle' : 'there is one phase');
        }
        $found = [];
        foreach ($functions as $function) {
            $lines = array_column($context->circuit()->line($function->id(), 40) ?? [], 'points', 'phase');
            foreach (array_slice($context->program->phases, 1) as $phase) {
                $most = $this->step($lines, $context->program, $phase);
                if ($most > self::STEP && $phase->fade <= 0.0 && ! $this->isHeld($context, $phase)) {
                    $phases = array_map(
                        fn (Phase $one): Phase => $one === $phase
                            ? $phase->with(fade: 1.0)
                            : $one,
                        $context->program->phases,
                    );
                    $found[] = new Finding(
                        $this->id(),
                        Severity::Warning,
                        "phase:{$phase->id}",
                        'From '.
                            $context->program->base()->name.
                            " to {$phase->name} the throttle steps by up to ".
                            round($most * 50).
                            ' % at once. Let the phase fade in',
                        null,
                        'Fade in over 1 s',
                        $context->program->with(phases: $phases),
                        count($functions) > 1 ? $function->id() : '',
                    );
                }
            }
        }

        return Judgement::of($found);
    }

    /** @param  array<string, list<array{float, float}>>  $lines  by phase */
    private function step(array $lines, Program $program, Phase $phase): float
    {
        $most = 0.0;
        foreach ($lines[$phase->id] ?? [] as $index => $point) {
            $most = max($most, abs($point[1] - ($lines[$program->base()->id][$index][1] ?? $point[1])));
        }

        return $most;
    }

    /** True where no motor turns in that phase, so that its curve means nothing. */
    private function isHeld(ProofContext $context, Phase $phase): bool
    {
        $place = array_search($phase, $context->program->phases, true);
        foreach ($context->motors() as $motor) {
            $turns = $context->ask(
                new Question($context->model()->everything(), function (array $seen) use (
                    $place,
                    $motor,
                    $context,
                ): int {
                    $in = Truth::among($seen[0]->phases(), $place);

                    return ($in & Truth::HOLDS) === 0
                        ? Truth::FAILS
                        : Truth::both($in, $context->runs($seen[0], $motor->channel));
                }),
            );
            if (! $turns->isNowhere()) {
                return false;
            }
        }

        return $context->motors() !== [];
    }
}
