<?php

namespace DuskSwitch\Core\Format;

use DuskSwitch\Core\Program\ConditionWords;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\Telemetry\Callout;
use DuskSwitch\Core\Speech\Airtime;
use DuskSwitch\Core\Speech\Languages;
use DuskSwitch\Core\Speech\Phrase;
use DuskSwitch\Core\Telemetry\CallEdit;
use DuskSwitch\Core\Telemetry\Value;
use DuskSwitch\Core\Telemetry\Values;

/** Writes an alarm or a callout as it is shown. */
final readonly class CalloutReport
{
    public function __construct(private Program $program, private Values $values, private ConditionWords $words) {}

    /** @return array<string, mixed> the call, with its words and how long they take */
    public function of(Callout $call): array
    {
        $language = Languages::of($this->program);
        $text = (new Phrase($this->values, $language))->say($call->says, $this->example($call));

        return [
            'id' => $call->id,
            'name' => $call->name,
            'alarm' => $call->isAlarm(),
            'when' => $this->words->say($call->when),
            'after' => $call->after === null ? null : $this->words->say($call->after),
            'levels' => (new CallEdit($this->program, $this->values))->levels($call),
            'text' => $text,
            'notes' => $call->plays?->notes() ?? [],
            'airtime' => round((new Airtime($language))->of($text, $call->plays), 2),
        ];
    }

    /**
     * Values to hear a phrase with: those of its levels, else the middle of the range.
     *
     * @return array<string, float>
     */
    private function example(Callout $call): array
    {
        $now = array_map(
            fn (Value $one): float => $one->range === null || $one->derived
                ? 42.0
                : round(($one->range->low + $one->range->high) / 20, 1),
            $this->values->all,
        );
        foreach ((new CallEdit($this->program, $this->values))->levels($call) as $level) {
            $value = $this->values->find($level['sensor']);
            if ($value !== null) {
                $now[$level['sensor']] = $value->unit->toBase($level['level']);
            }
        }

        return $now;
    }
}
