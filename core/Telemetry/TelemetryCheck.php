<?php

namespace DuskSwitch\Core\Telemetry;

use DuskSwitch\Core\Kit\Catalogue;
use DuskSwitch\Core\Kit\Pack;
use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Link\InstalledKit;
use DuskSwitch\Core\Link\VerdictPoint;
use DuskSwitch\Core\Program\Condition\Condition;
use DuskSwitch\Core\Program\Condition\SensorLevel;
use DuskSwitch\Core\Program\ConditionUsages;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\SteppedFunction;

/**
 * What is calculated and what is said: values that aren't there, alarms that can never fire or always do, phrases with
 * nothing to say.
 */
final readonly class TelemetryCheck
{
    /** @param  Pack|null  $pack  that of the kit */
    public function __construct(
        private Program $program,
        private Transmitter $transmitter,
        private Values $values,
        private ?Pack $pack = null,
    ) {}

    /**
     * How many things of the chain, the values and what is said can't work or couldn't be checked; null where nothing
     * is sensed.
     */
    public static function unsettled(InstalledKit $kit, Catalogue $catalogue): ?int
    {
        if ($kit->program->sense->isEmpty()) {
            return null;
        }
        $check = new self($kit->program, $kit->transmitter, Values::of($kit->program, $catalogue), $kit->pack);
        $points = [...(new SensorChainCheck(new SensorChain($kit)))->points(), ...array_column($check->points(), 1)];

        return count(array_filter($points, fn (VerdictPoint $one): bool => ! $one->level->isSettled()));
    }

    /**
     * Points by what they are about: "value:cell", "call:cell-low", "tone", "program".
     *
     * @return list<array{string, VerdictPoint}>
     */
    public function points(): array
    {
        $points = [];
        $values = new DerivedValueCheck($this->program, $this->values, $this->pack);
        $levels = new LevelCheck($this->values);
        $waits = new ConditionCheck($this->program, $this->transmitter, $levels);
        $callouts = new CalloutCheck($this->values, $waits);
        foreach ($this->program->sense->values as $index => $derived) {
            foreach ($values->of($derived, $index) as $point) {
                $points[] = ["value:{$derived->id}", $point];
            }
        }
        foreach ($this->program->sense->calls as $call) {
            foreach ($callouts->of($call) as $point) {
                $points[] = ["call:{$call->id}", $point];
            }
        }
        foreach ((new ToneCheck($this->values, $waits))->of($this->program->sense->tone) as $point) {
            $points[] = ['tone', $point];
        }
        $points = [...$points, ...(new GlanceCheck($this->program, $this->values))->points()];
        foreach ($this->jobs($waits) as $point) {
            $points[] = ['jobs', $point];
        }
        foreach ($this->program->sense->announces as $id) {
            if ($id !== 'phase' && ! ($this->program->function($id) instanceof SteppedFunction)) {
                $points[] = [
                    'program',
                    VerdictPoint::wrong(
                        'Announced',
                        "There is no switched function \"{$id}\" to announce.",
                        'Take it out, or make the function.',
                    ),
                ];
            }
        }
        foreach ($this->conditions() as [$where, $one]) {
            $point = $levels->point("The condition of {$where}", 'hold', 'holds', $one);
            if ($point !== null) {
                $points[] = ['program', $point];
            }
        }

        return $points;
    }

    /** @return list<VerdictPoint> what is wrong with the log and the reset */
    private function jobs(ConditionCheck $waits): array
    {
        $sense = $this->program->sense;

        return [
            ...$sense->logging?->when === null ? [] : $waits->of($sense->logging->when, 'The log', 'be written', 'begins'),
            ...$sense->reset === null ? [] : $waits->of($sense->reset, 'The reset of telemetry', 'come', 'comes'),
        ];
    }

    /** @return list<array{string, SensorLevel}> what of the program hangs on telemetry, with where it stands */
    private function conditions(): array
    {
        $levels = [];
        ConditionUsages::of($this->program, function (Condition $one) use (&$levels): bool {
            if ($one instanceof SensorLevel && ! in_array($one, $levels, false)) {
                $levels[] = $one;
            }

            return false;
        });

        return array_map(
            fn (SensorLevel $level): array => [
                implode(', ', ConditionUsages::of($this->program, fn (Condition $one): bool => $one == $level)),
                $level,
            ],
            $levels,
        );
    }
}
