<?php

namespace DuskSwitch\Core\Move\Taken;

use DuskSwitch\Core\Kit\Catalogue;
use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Telemetry\Values;

/** Chosen parts of one aircraft in another; what its equipment can't take is said. */
final readonly class TakenParts
{
    public function __construct(
        private Program $from,
        private Transmitter $transmitter,
        private Catalogue $catalogue,
    ) {}

    /**
     * The other aircraft with the parts.
     *
     * @param  list<TakenPart>  $parts
     */
    public function into(Program $to, array $parts): TakenProgram
    {
        $taken = new TakenProgram($to, []);
        // The order matters: rates stand in phases, alarms ask for values of the kit.
        foreach ([TakenPart::Kit, TakenPart::Setup, TakenPart::Phases, TakenPart::Rates, TakenPart::Alarms] as $part) {
            if (in_array($part, $parts, true)) {
                $next = match ($part) {
                    TakenPart::Kit => $this->kit($taken->program),
                    TakenPart::Setup => $this->setup($taken->program),
                    TakenPart::Phases => $this->phases($taken->program),
                    TakenPart::Rates => (new TakenRates(
                        $this->from,
                        $taken->program,
                        $this->conditions($taken->program),
                    ))->taken(),
                    TakenPart::Alarms => $this->alarms($taken->program),
                };
                $taken = new TakenProgram($next->program, [...$taken->losses, ...$next->losses]);
            }
        }

        return $taken;
    }

    private function conditions(Program $to): ForeignConditions
    {
        return new ForeignConditions($this->from, $to, $this->transmitter, $this->values($to));
    }

    /** @return list<string> */
    private function values(Program $to): array
    {
        return array_keys(Values::of($to, $this->catalogue)->all);
    }

    private function kit(Program $to): TakenProgram
    {
        return new TakenProgram(
            $to->with(
                receiver: $this->from->receiver ?? $to->receiver,
                controller: $this->from->controller ?? $to->controller,
                aboard: $to->aboard->with(kit: $this->from->aboard->kit),
            ),
            [],
        );
    }

    private function setup(Program $to): TakenProgram
    {
        return match (true) {
            $this->from->controller === null => new TakenProgram($to, []),
            $to->controller !== $this->from->controller => new TakenProgram($to, [
                'The controller\'s set-up is left out: it is another controller',
            ]),
            default => new TakenProgram(
                $to->with(aboard: $to->aboard->with(controller: $this->from->aboard->controller)),
                [],
            ),
        };
    }

    private function phases(Program $to): TakenProgram
    {
        $conditions = $this->conditions($to);
        $known = array_column($to->phases, 'id');
        $phases = $to->phases;
        $losses = [];
        foreach (array_slice($this->from->phases, 1) as $phase) {
            $when = $phase->when === null ? null : $conditions->of($phase->when);
            if ($when === null) {
                $losses[] = "Phase {$phase->name} is left out: what it hangs on isn't there";

                continue;
            }
            // The base there has no condition, whatever it's called.
            $id = $phase->id === $to->base()->id ? "{$phase->id}-2" : $phase->id;
            $place = array_search($id, $known, true);
            $phases[$place === false ? count($phases) : $place] = $phase->with(id: $id, when: $when);
        }

        return new TakenProgram($to->with(phases: array_values($phases)), $losses);
    }

    private function alarms(Program $to): TakenProgram
    {
        $values = new TakenTelemetry($this->from, $to, $this->values($to));
        $with = $to->with(sense: $to->sense->with(values: $values->derived()));
        $taken = (new TakenTelemetry($this->from, $with, $this->values($with)))->taken($this->conditions($with));

        return new TakenProgram($taken->program, [...$values->lost(), ...$taken->losses]);
    }
}
