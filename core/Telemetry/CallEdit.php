<?php

namespace DuskSwitch\Core\Telemetry;

use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Program\Condition\Condition;
use DuskSwitch\Core\Program\Condition\SensorLevel;
use DuskSwitch\Core\Program\ConditionTree;
use DuskSwitch\Core\Program\FreeId;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\Telemetry\Callout;
use DuskSwitch\Core\Program\Telemetry\PhrasePart;
use DuskSwitch\Core\Program\Telemetry\Priority;
use DuskSwitch\Core\Units\Dimension;

/** Changes alarms and callouts in the units that the pilot reads. */
final readonly class CallEdit
{
    /** Seconds that a voltage must stay low (common practice). */
    private const HOLD = 3.0;

    private Threshold $threshold;

    public function __construct(private Program $program, private Values $values)
    {
        $this->threshold = new Threshold($values);
    }

    /**
     * The levels that a call looks at, in the pilot's units, in the order of its condition.
     *
     * @return list<array{sensor: string, name: string, above: bool, level: float, hysteresis: float, unit: string}>
     */
    public function levels(Callout $call): array
    {
        return array_map($this->threshold->read(...), self::inside($call->when));
    }

    /**
     * The program with one level of a call changed.
     *
     * @param  int  $place  among {@see self::levels()}
     * @param  float  $level  in the pilot's unit, as the hysteresis
     *
     * @throws Refused
     */
    public function level(string $id, int $place, float $level, float $hysteresis): Program
    {
        $call = $this->call($id);
        $wanted =
            self::inside($call->when)[$place] ?? throw Refused::because('place', "{$call->name} has no such level");
        $new = $this->threshold->of($wanted->sensor, $wanted->above, $level, $hysteresis);
        $when =
            ConditionTree::map($call->when, fn (Condition $one): Condition => $one == $wanted ? $new : $one) ??
            $call->when;

        return $this->with($call, $call->with(when: $when));
    }

    /**
     * The program in which a call waits until its condition has held.
     *
     * @throws Refused
     */
    public function held(string $id): Program
    {
        $call = $this->call($id);

        return $this->with($call, $call->with(hold: max(self::HOLD, $call->hold)));
    }

    /**
     * The program with a new alarm on a value.
     *
     * @param  float  $level  in the pilot's unit
     *
     * @throws Refused
     */
    public function added(string $value, bool $above, float $level): Program
    {
        $of =
            $this->values->find($value) ??
            throw Refused::because(
                'value',
                "nothing sends \"{$value}\"; the program has ".
                    (implode(', ', array_keys($this->values->all)) ?: 'no values yet'),
            );
        $ids = array_column($this->program->sense->calls, 'id');
        $id = FreeId::like(substr($value, 0, 30).($above ? '-high' : '-low'), $ids);
        $hold = $of->dimension === Dimension::Voltage ? self::HOLD : 1.0;
        $call = new Callout(
            id: $id,
            name: mb_substr($of->name, 0, 50).($above ? ' high' : ' low'),
            when: $this->threshold->of($value, $above, $level),
            hold: $hold,
            priority: Priority::Warning,
            repeat: 15.0,
            after: null,
            says: [
                PhrasePart::words($of->name),
                PhrasePart::value($value, $of->dimension === Dimension::Voltage ? 1 : 0, true),
            ],
        );

        return $this->program->with(
            sense: $this->program->sense->with(calls: [...$this->program->sense->calls, $call]),
        );
    }

    private function call(string $id): Callout
    {
        return $this->program->sense->call($id) ?? throw Refused::because('call', "there is no callout \"{$id}\"");
    }

    private function with(Callout $old, Callout $new): Program
    {
        return $this->program->with(
            sense: $this->program->sense->with(
                calls: array_map(
                    fn (Callout $one): Callout => $one === $old ? $new : $one,
                    $this->program->sense->calls,
                ),
            ),
        );
    }

    /** @return list<SensorLevel> */
    private static function inside(Condition $when): array
    {
        return array_values(
            array_filter(ConditionTree::all($when), fn (Condition $one): bool => $one instanceof SensorLevel),
        );
    }
}
