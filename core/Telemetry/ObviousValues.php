<?php

namespace DuskSwitch\Core\Telemetry;

use DuskSwitch\Core\Kit\Measurand;
use DuskSwitch\Core\Kit\Pack;
use DuskSwitch\Core\Program\Condition\SensorLevel;
use DuskSwitch\Core\Program\FreeId;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\Telemetry\Callout;
use DuskSwitch\Core\Program\Telemetry\DerivedValue;
use DuskSwitch\Core\Program\Telemetry\PhrasePart;
use DuskSwitch\Core\Program\Telemetry\Priority;
use DuskSwitch\Core\Program\Telemetry\StockPhrase;

/** What is worth calculating of the sensors that there are, and isn't calculated yet; filled in (common practice). */
final class ObviousValues
{
    /** Volts below which a rested cell isn't full, and how long after power-up that is said (common practice). */
    private const FULL = 4.1;

    private const AT_START = 15.0;

    /** Seconds that it must last: a shorter dip is a motor that starts. */
    private const RESTED = 3.0;

    /** @var list<DerivedValue> those of the program, and those that were thought of */
    private array $known;

    /** @var array<string, true> ids that are taken */
    private array $taken = [];

    /** @var list<DerivedValue> for the one that is being thought of */
    private array $missing = [];

    /** @var list<ObviousValue> */
    private array $found = [];

    private function __construct(
        private readonly Program $program,
        private readonly Values $values,
        private readonly ?Pack $pack,
    ) {
        $this->known = $program->sense->values;
        foreach ([...array_keys($values->all), ...array_column($program->sense->chain, 'id')] as $id) {
            $this->taken[$id] = true;
        }
    }

    /** @return list<ObviousValue> in the order of the sensors; none of what there is already */
    public static function of(Program $program, Values $values, ?Pack $pack): array
    {
        $all = new self($program, $values, $pack);
        $sensors = array_map(fn (Value $one): ?string => $one->sensor, array_values($values->all));
        foreach (array_unique(array_filter($sensors)) as $sensor) {
            $all->position($sensor);
            $all->height($sensor);
            $all->battery($sensor);
            $all->speed($sensor);
        }

        return [...$all->found, ...ObviousTimers::of($program)];
    }

    private function position(string $sensor): void
    {
        $latitude = $this->values->measuring($sensor, Measurand::Latitude);
        $longitude = $this->values->measuring($sensor, Measurand::Longitude);
        if ($latitude !== null && $longitude !== null) {
            $of = [$latitude->id, $longitude->id];
            $this->offer($sensor, fn (): string => $this->calculated('Distance from home', 'distance', $of));
            $this->offer($sensor, fn (): string => $this->calculated('Bearing from home', 'bearing', $of));
        }
    }

    private function height(string $sensor): void
    {
        $from = $this->values->measuring($sensor, Measurand::Height);
        $from ??= $this->has(Measurand::Height) ? null : $this->values->measuring($sensor, Measurand::Altitude);
        if ($from !== null) {
            $above = fn (): string => $this->calculated('Height over the field', 'relative', [$from->id]);
            $this->offer($sensor, $above);
            $this->offer($sensor, fn (): string => $this->calculated('Highest', 'most', [$above()]));
        }
    }

    private function battery(string $sensor): void
    {
        $cell = $this->values->measuring($sensor, Measurand::Cell)?->id;
        $volts = $this->values->measuring($sensor, Measurand::Volts)?->id;
        $amperes = $this->values->measuring($sensor, Measurand::Amperes)?->id;
        $average = fn (): string => $cell ?? $this->calculated('Cell average', 'cell-average', [(string) $volts]);
        if ($volts !== null && $cell === null) {
            $this->offer($sensor, $average);
        }
        if ($volts !== null || $cell !== null) {
            $this->offer($sensor, fn (): string => $this->calculated('Lowest cell', 'least', [$average()]));
            $this->notFull($sensor, $average);
        }
        if ($volts !== null && $amperes !== null && ! $this->has(Measurand::Power)) {
            $this->offer($sensor, fn (): string => $this->calculated('Power', 'power', [$volts, $amperes]));
        }
        $sent = $this->values->measuring($sensor, Measurand::Used)?->id;
        if ($sent === null && ($amperes === null || $this->has(Measurand::Used))) {
            return;
        }
        $used = fn (): string => $sent ?? $this->calculated('Used capacity', 'used', [(string) $amperes]);
        if ($sent === null) {
            $this->offer($sensor, $used);
        }
        if ($this->pack !== null) {
            $capacity = (float) $this->pack->capacity;
            $this->offer(
                $sensor,
                fn (): string => $this->calculated('Used share of the pack', 'used-share', [$used()], $capacity),
            );
        }
    }

    private function speed(string $sensor): void
    {
        $ground = $this->values->measuring($sensor, Measurand::Speed);
        if ($ground !== null) {
            $this->offer($sensor, fn (): string => $this->calculated('Fastest', 'most', [$ground->id]));
        }
        $air = $this->values->measuring($sensor, Measurand::Airspeed)?->id;
        foreach ($air === null ? [] : $this->program->sense->chain as $other) {
            $speed = $this->values->measuring($other->id, Measurand::Speed);
            $course = $this->values->measuring($other->id, Measurand::Course);
            if ($speed !== null && $course !== null) {
                $of = [(string) $air, $speed->id, $course->id];
                $this->offer($sensor, fn (): string => $this->calculated('Wind', 'wind-speed', $of));
                $this->offer($sensor, fn (): string => $this->calculated('Wind from', 'wind-from', $of));

                return;
            }
        }
    }

    /**
     * "The pack isn't full", said once at power-up.
     *
     * @param  \Closure(): string  $average
     */
    private function notFull(string $sensor, \Closure $average): void
    {
        foreach ($this->program->sense->calls as $call) {
            if ($call->within !== null) {
                return;
            }
        }
        $this->missing = [];
        $id = $average();
        $says = StockPhrase::PackNotFull->in($this->program->sense->language);
        $call = FreeId::like('pack-not-full', array_column($this->program->sense->calls, 'id'));
        $this->found[] = new ObviousValue(
            $call,
            'Pack not full, said at power-up',
            $sensor,
            $this->missing,
            [
                new Callout(
                    id: $call,
                    name: 'Pack not full',
                    when: new SensorLevel($id, false, self::FULL, 0.0),
                    hold: self::RESTED,
                    priority: Priority::Warning,
                    repeat: 0.0,
                    after: null,
                    says: [PhrasePart::words($says), PhrasePart::value($id, 2, true)],
                    plays: null,
                    within: self::AT_START,
                ),
            ],
        );
    }

    private function has(Measurand $measures): bool
    {
        return array_filter($this->values->all, fn (Value $one): bool => $one->measures === $measures) !== [];
    }

    /** @param  \Closure(): string  $make  gives the id of the value that it makes sure of */
    private function offer(string $sensor, \Closure $make): void
    {
        $this->missing = [];
        $id = $make();
        $last = end($this->missing);
        // The last is the one: what comes before it is what it's made of.
        if ($last !== false && $last->id === $id && ! in_array($id, array_column($this->found, 'id'), true)) {
            $this->found[] = new ObviousValue($id, $last->name, $sensor, $this->missing);
        }
    }

    /**
     * The id of a value that is calculated so: of the one that there is, or of one that is missing.
     *
     * @param  list<string>  $of
     */
    private function calculated(string $name, string $does, array $of, ?float $by = null): string
    {
        foreach ($this->known as $one) {
            if ($one->does->id() === $does && $one->of === $of) {
                if (! in_array($one, $this->program->sense->values, true) && ! in_array($one, $this->missing, true)) {
                    $this->missing[] = $one;
                }

                return $one->id;
            }
        }
        $id = FreeId::like(strtolower(str_replace(' ', '-', $name)), array_keys($this->taken));
        $this->taken[$id] = true;
        $value = new DerivedValue(id: $id, name: $name, does: Derivations::all()[$does], of: $of, by: $by);
        $this->known[] = $this->missing[] = $value;

        return $id;
    }
}
