<?php

namespace DuskSwitch\Core\Move;

use DuskSwitch\Core\Program\Condition\Condition;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\Telemetry\DerivedValue;
use DuskSwitch\Core\Program\Telemetry\InstalledSensor;
use DuskSwitch\Core\Program\Telemetry\Logging;
use DuskSwitch\Core\Program\Telemetry\TelemetryPlan;
use DuskSwitch\Core\Program\Telemetry\ToneSettings;

/** Sensors and callouts on another transmitter: callouts use its controls, and sensor slots must be planned again. */
final readonly class MovedTelemetry
{
    /**
     * @param  list<string>  $functions  those that stay
     * @param  bool  $sameSlots  it's the same transmitter, so sensors stay in their slots
     */
    public function __construct(
        private MovedConditions $rewrite,
        private array $functions,
        private bool $sameSlots = false,
    ) {}

    /**
     * @param  list<string>  $losses  what can't be said there is added
     */
    public function of(Program $program, array &$losses): TelemetryPlan
    {
        $sense = $program->sense;
        $calls = [];
        foreach ($sense->calls as $call) {
            $when = $this->rewrite->of($call->when);
            $after = $call->after === null ? null : $this->rewrite->of($call->after);
            if ($when === null || ($call->after !== null && $after === null)) {
                $losses[] = "{$call->name} falls silent: what it waits for isn't there";
            } else {
                $calls[] = $call->with(when: $when, after: $after);
            }
        }
        $values = array_map(
            fn (DerivedValue $one): DerivedValue => $one->with(
                while: $one->while === null ? null : $this->rewrite->of($one->while),
            ),
            $sense->values,
        );
        $chain = array_map(
            fn (InstalledSensor $one): InstalledSensor => $this->sameSlots ? $one : $one->from(null),
            $sense->chain,
        );
        $announces = array_values(
            array_filter(
                $sense->announces,
                fn (string $id): bool => $id === 'phase' || in_array($id, $this->functions, true),
            ),
        );

        return $sense->with(
            chain: $chain,
            values: $values,
            calls: $calls,
            announces: $announces,
            tone: $this->tone($sense->tone, $losses),
            blanked: $this->sameSlots ? $sense->blanked : [],
            logging: $this->logging($sense->logging, $losses),
            reset: $this->reset($sense->reset, $losses),
        );
    }

    /**
     * @param  list<string>  $losses
     */
    private function logging(?Logging $logging, array &$losses): ?Logging
    {
        $when = $logging?->when === null ? null : $this->rewrite->of($logging->when);
        if ($logging?->when !== null && $when === null) {
            $losses[] = 'Telemetry is written down from power-up on: what switched it isn\'t there';
        }

        return $logging?->with(when: $when);
    }

    /**
     * @param  list<string>  $losses
     */
    private function reset(?Condition $reset, array &$losses): ?Condition
    {
        $when = $reset === null ? null : $this->rewrite->of($reset);
        if ($reset !== null && $when === null) {
            $losses[] = 'Nothing resets telemetry: what did it isn\'t there';
        }

        return $when;
    }

    /**
     * @param  list<string>  $losses
     */
    private function tone(?ToneSettings $tone, array &$losses): ?ToneSettings
    {
        $when = $tone?->when === null ? null : $this->rewrite->of($tone->when);
        if ($tone?->when !== null && $when === null) {
            $losses[] = 'The variometer\'s tone is always on: what switched it isn\'t there';
        }

        return $tone?->with(when: $when);
    }
}
