<?php

namespace DuskSwitch\Core\Telemetry;

use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Program\Condition\Condition;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Signal\ConditionEvaluator;

/** Watches a condition from sample to sample, as a transmitter does for alarms and callouts. */
final readonly class Watcher
{
    private function __construct(private ConditionEvaluator $watch) {}

    /** A watcher for a condition; names of conditions are looked up in the program. */
    public static function of(Condition $condition, Program $program, Transmitter $transmitter): self
    {
        return new self(ConditionEvaluator::of($condition, $program, $transmitter));
    }

    /** Does it hold now? Samples are shown in the order of time. What is unknown doesn't hold. */
    public function sees(Sample $sample): bool
    {
        return $this->judges($sample) === true;
    }

    /** Does it hold now? Null where what it looks at is missing. Samples are shown in the order of time. */
    public function judges(Sample $sample): ?bool
    {
        $is = $this->watch->look(
            $sample->time,
            $sample->values,
            $sample->phase,
            $sample->steps,
            $sample->functions,
            $sample->controls,
        );

        return $is < 0 ? null : $is === 1;
    }
}
