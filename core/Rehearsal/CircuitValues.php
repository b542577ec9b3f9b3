<?php

namespace DuskSwitch\Core\Rehearsal;

use DuskSwitch\Core\Kit\Catalogue;
use DuskSwitch\Core\Signal\Circuit;
use DuskSwitch\Core\Telemetry\Deriver;
use DuskSwitch\Core\Telemetry\Sample;
use DuskSwitch\Core\Telemetry\Values;

/** What a circuit's conditions know of telemetry in flight; calculated values only where a condition asks for one. */
final readonly class CircuitValues
{
    private function __construct(private ?Deriver $deriver) {}

    /** For a circuit with what is in Equipment. */
    public static function of(Circuit $circuit, Catalogue $catalogue): self
    {
        if (! self::asksForCalculated($circuit)) {
            return new self(null);
        }
        $values = Values::of($circuit->program, $catalogue);

        return new self(Rehearsal::deriver($circuit->program, $circuit->panel->transmitter, $catalogue, $values));
    }

    /** True where a condition of the circuit asks for a value that is calculated: then it changes the flight. */
    public static function asksForCalculated(Circuit $circuit): bool
    {
        return array_intersect($circuit->sensors(), array_column($circuit->program->sense->values, 'id')) !== [];
    }

    /** Starts again what is calculated since a reset. */
    public function reset(): void
    {
        $this->deriver?->reset();
    }

    /**
     * Values by id, in base units, for moments in the order of time.
     *
     * @return array<string, float>
     */
    public function known(Sample $sample): array
    {
        return $this->deriver?->next($sample)->values ?? $sample->values;
    }
}
