<?php

namespace DuskSwitch\Core\Speech;

use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\SteppedFunction;
use DuskSwitch\Core\Program\Telemetry\Callout;
use DuskSwitch\Core\Program\Telemetry\LimitSteps;
use DuskSwitch\Core\Program\Telemetry\Priority;
use DuskSwitch\Core\Telemetry\OpenSpans;
use DuskSwitch\Core\Telemetry\Sample;
use DuskSwitch\Core\Telemetry\Values;
use DuskSwitch\Core\Telemetry\Watcher;

/** What a program wants to say while a flight goes by: alarms, callouts, reminders, steps and phases. */
final readonly class Voice
{
    public function __construct(
        private Program $program,
        private Transmitter $transmitter,
        private Values $values,
        private Language $language,
    ) {}

    /**
     * Every offer, in the order of time, and what became of each call's condition.
     *
     * @param  list<Sample>  $flight  with derived values
     * @param  HeardCalls|null  $heard  what was heard of the same flight before
     */
    public function hear(array $flight, ?HeardCalls $heard = null): HeardProgram
    {
        $heard ??= new HeardCalls();
        $sense = $this->program->sense;
        // With the flight, this is all that a call hangs on beside itself.
        $around = serialize([
            $this->program->conditions,
            $sense->values,
            $sense->reset,
            $this->values,
            $sense->language,
        ]);
        $offers = $held = $unknown = [];
        foreach ($sense->calls as $call) {
            $one = serialize([$call, LimitSteps::when($call, $sense->calls), $this->transmitter->id]);
            [$some, $holds, $gone] = $heard->of(hash('xxh128', $one.$around), fn (): array => $this->call($call, $flight));
            $offers = [...$offers, ...$some];
            $end = $flight === [] ? 0.0 : $flight[count($flight) - 1]->time;
            $held[$call->id] = $holds->until($end);
            $unknown[$call->id] = $gone->until($end);
        }
        $offers = [...$offers, ...$this->announced($flight)];
        usort(
            $offers,
            fn (QueuedPhrase $a, QueuedPhrase $b): int => [$a->at, $a->priority->rank()] <=> [
                $b->at,
                $b->priority->rank(),
            ],
        );

        return new HeardProgram($offers, $held, $unknown);
    }

    /**
     * @param  list<Sample>  $flight
     * @return array{list<QueuedPhrase>, OpenSpans, OpenSpans} what it says; when its condition held, and when it was unknown
     */
    private function call(Callout $call, array $flight): array
    {
        $speaks = LimitSteps::when($call, $this->program->sense->calls);
        $when = Watcher::of($speaks, $this->program, $this->transmitter);
        $after = $call->after === null ? null : Watcher::of($call->after, $this->program, $this->transmitter);
        $phrase = new Phrase($this->values, $this->language);
        [$holds, $unknown] = [new OpenSpans(), new OpenSpans()];
        $offers = [];
        $quiet = $after !== null;
        $last = null;
        $isHeld = $isUnknown = false;
        $latest = $call->within === null ? INF : ($flight[0]->time ?? 0.0) + $call->within;
        foreach ($flight as $sample) {
            $quiet = $quiet && ! $after?->sees($sample);
            $is = $when->judges($sample);
            // Most moments bring nothing new: only what changes is noted.
            if ($isUnknown !== ($is === null && ! $quiet)) {
                $unknown->note($sample->time, $isUnknown = ! $isUnknown);
            }
            if ($isHeld !== ($is === true && ! $quiet)) {
                $holds->note($sample->time, $isHeld = ! $isHeld);
            }
            if (! $isHeld) {
                $last = null;

                continue;
            }
            $due = $last === null ? $holds->since() + $call->hold : ($call->repeat > 0 ? $last + $call->repeat : INF);
            if ($sample->time >= $due - 1e-9 && $sample->time <= $latest) {
                $offers[] = new QueuedPhrase(
                    $call->id,
                    $sample->time,
                    $call->priority,
                    $phrase->say($call->says, $sample->values),
                    $call->plays,
                );
                $last = $sample->time;
            }
        }

        return [$offers, $holds, $unknown];
    }

    /**
     * @param  list<Sample>  $flight
     * @return list<QueuedPhrase>
     */
    private function announced(array $flight): array
    {
        $names = [];
        foreach ($this->program->functions as $function) {
            if (
                $function instanceof SteppedFunction &&
                in_array($function->id, $this->program->sense->announces, true)
            ) {
                $names[$function->id] = array_column($function->steps, 'name', 'id');
            }
        }
        $phases = in_array('phase', $this->program->sense->announces, true)
            ? array_column($this->program->phases, 'name', 'id')
            : [];
        $offers = [];
        $before = null;
        foreach ($flight as $sample) {
            foreach ($before === null ? [] : $names as $id => $steps) {
                $step = $sample->steps[$id] ?? '';
                if ($step !== ($before->steps[$id] ?? '')) {
                    $offers[] = new QueuedPhrase('step', $sample->time, Priority::Note, $steps[$step] ?? $step);
                }
            }
            if ($before !== null && $phases !== [] && $sample->phase !== $before->phase) {
                $offers[] = new QueuedPhrase(
                    'phase',
                    $sample->time,
                    Priority::Note,
                    $phases[$sample->phase] ?? $sample->phase,
                );
            }
            $before = $sample;
        }

        return $offers;
    }
}
