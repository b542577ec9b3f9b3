<?php

namespace DuskSwitch\Core\Telemetry;

use DuskSwitch\Core\Program\Condition\Condition;
use DuskSwitch\Core\Program\Condition\FunctionLevel;
use DuskSwitch\Core\Program\Condition\SensorLevel;
use DuskSwitch\Core\Program\Condition\StepIs;
use DuskSwitch\Core\Program\Family;
use DuskSwitch\Core\Program\FreeId;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\Purpose;
use DuskSwitch\Core\Program\SteppedFunction;
use DuskSwitch\Core\Program\Telemetry\Callout;
use DuskSwitch\Core\Program\Telemetry\DerivedValue;
use DuskSwitch\Core\Program\Telemetry\PhrasePart;
use DuskSwitch\Core\Program\Telemetry\Priority;
use DuskSwitch\Core\Program\Telemetry\StockPhrase;
use DuskSwitch\Core\Telemetry\Derive\Timer;

/** Timers of a flight where there are none yet: since it was armed, while the throttle is open (common practice). */
final readonly class ObviousTimers
{
    /** Stands instead of a sensor. */
    public const TIMERS = 'timers';

    /** A throttle that is open. */
    private const OPEN = -0.9;

    /** Seconds until the time is up (from memory): one's own number comes after the first flights. */
    private const FLIGHT = 300.0;

    private function __construct(private Program $program) {}

    /** @return list<ObviousValue> none where something is timed already */
    public static function of(Program $program): array
    {
        foreach ($program->sense->values as $one) {
            if ($one->does->wants()->while) {
                return [];
            }
        }

        return (new self($program))->all();
    }

    /** @return list<ObviousValue> */
    private function all(): array
    {
        $found = [];
        foreach ($this->program->whose(Purpose::Arm) as $arm) {
            $armed = $arm instanceof SteppedFunction ? $arm->armed() : null;
            if ($arm instanceof SteppedFunction && $armed !== null) {
                $found[] = $this->timer('Time armed', new StepIs($arm->id, $arm->steps[$armed]->id));
            }
        }
        $drives = $this->program->family === Family::GroundVehicle;
        foreach ($drives ? [] : $this->program->whose(Purpose::Throttle) as $one) {
            $found[] = $this->timer('Throttle time', new FunctionLevel($one->id(), true, self::OPEN));
        }

        return $found;
    }

    private function timer(string $name, Condition $while): ObviousValue
    {
        $sense = $this->program->sense;
        $wish = strtolower(str_replace(' ', '-', $name));
        $id = FreeId::like($wish, [...array_column($sense->values, 'id'), ...array_column($sense->chain, 'id')]);
        $up = new Callout(
            id: FreeId::like("{$id}-up", array_column($sense->calls, 'id')),
            name: 'Time is up',
            when: new SensorLevel($id, true, self::FLIGHT, 0.0),
            hold: 0.0,
            priority: Priority::Warning,
            repeat: 30.0,
            after: null,
            says: [PhrasePart::words(StockPhrase::TimeIsUp->in($this->program->sense->language))],
        );

        return new ObviousValue(
            $id,
            "{$name}, with a word when it is up",
            self::TIMERS,
            [new DerivedValue(id: $id, name: $name, does: new Timer(), of: [], by: null, plus: null, while: $while)],
            [$up],
        );
    }
}
