<?php

namespace DuskSwitch\Core\Move;

use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Program\Condition\Condition;
use DuskSwitch\Core\Program\ConditionUsages;
use DuskSwitch\Core\Program\Installation;
use DuskSwitch\Core\Program\Output;
use DuskSwitch\Core\Program\Phase;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\Routing;
use DuskSwitch\Core\Program\TrainerLink;

/**
 * Puts a program on another transmitter. What the pilot means stays; drives go to controls of the same kind
 * and place, and travel, sub-trim and limits are scaled so that every pulse stays where it is.
 */
final readonly class TransmitterMove
{
    /** @param  array<string, string>  $wanted */
    private function __construct(
        private Program $program,
        private Transmitter $from,
        private Transmitter $to,
        private array $wanted,
    ) {}

    /**
     * The program on the other transmitter.
     *
     * @param  array<string, string>  $wanted  new controls by old ones, where the pilot says so
     */
    public static function to(Program $program, Transmitter $from, Transmitter $to, array $wanted = []): MovedProgram
    {
        return (new self($program, $from, $to, $wanted))->moved();
    }

    private function moved(): MovedProgram
    {
        $outputs = MovedOutputs::of($this->program, $this->from, $this->to);
        $kept = $outputs->functions($this->program);
        $used = $this->used($this->program->with(functions: $kept, outputs: $outputs->outputs));
        $places = ControlPlacements::find($used, $this->from, $this->to, $this->wanted);
        $ids = array_map(fn ($function): string => $function->id(), $kept);
        $rewrite = new MovedConditions($this->program, $places, $ids);
        $losses = $outputs->losses;
        foreach ($used as $id) {
            if (! isset($places[$id])) {
                $losses[] = "{$this->to->name} has nothing left for {$this->from->control($id)?->name}";
            }
        }
        $phases = $this->phases($rewrite, $losses);
        $moved = $this->program->with(
            transmitter: $this->to->id,
            phases: $phases,
            conditions: array_filter(
                array_map(fn (Condition $one): ?Condition => $rewrite->of($one), $this->program->conditions),
            ),
        );
        $sense = (new MovedTelemetry($rewrite, $ids, $this->from->id === $this->to->id))->of($this->program, $losses);
        $functions = new MovedFunctions($rewrite, $places, array_column($phases, 'id'), $this->from);
        [$functions, $more] = $functions->of($kept);
        [$all, $feedLosses] = $outputs->rewritten($rewrite, $places);

        $trainer = $this->trainer($rewrite, $losses);

        return new MovedProgram(
            $moved->with(
                functions: $functions,
                outputs: $all,
                aboard: $this->installation($places, $all),
                sense: $sense,
                trainer: $trainer,
            ),
            array_values(
                array_map(fn (ControlPlacement $place): string => "{$place->from->name} → {$place->to->name}", $places),
            ),
            [...$losses, ...$more, ...$feedLosses],
            $places,
        );
    }

    /**
     * What was set up stays with the channels that come along; the start check looks at the controls' new places.
     *
     * @param  array<string, ControlPlacement>  $places
     * @param  list<Output>  $outputs
     */
    private function installation(array $places, array $outputs): Installation
    {
        $aboard = $this->program->aboard;
        $channels = array_column($outputs, 'channel', 'channel');
        $check = [];
        foreach ($aboard->startCheck as $id) {
            if (isset($places[$id])) {
                $check[] = $places[$id]->to->id;
            }
        }

        return $aboard->with(
            failsafe: array_intersect_key($aboard->failsafe, $channels),
            startCheck: array_values(array_unique($check)),
            readings: array_intersect_key($aboard->readings, $channels),
            throws: array_intersect_key($aboard->throws, $channels),
        );
    }

    /** @param  list<string>  $losses  the link's, where nothing is left to switch it with */
    private function trainer(MovedConditions $rewrite, array &$losses): ?TrainerLink
    {
        $trainer = $this->program->trainer;
        $when = $trainer === null ? null : $rewrite->of($trainer->when);
        if ($trainer !== null && $when === null) {
            $losses[] = 'The trainer link is left out: nothing is left to switch it with';
        }

        return $trainer === null || $when === null ? null : $trainer->with(when: $when);
    }

    /**
     * The phases that can be said on the other transmitter.
     *
     * @param  list<string>  $losses  those that can't are added
     * @return non-empty-list<Phase>
     */
    private function phases(MovedConditions $rewrite, array &$losses): array
    {
        $phases = [$this->program->base()];
        foreach (array_slice($this->program->phases, 1) as $phase) {
            $when = $phase->when === null ? null : $rewrite->of($phase->when);
            if ($when === null) {
                $losses[] = "Phase {$phase->name} is left out: nothing is left to choose it with";
            } else {
                $phases[] = $phase->with(when: $when);
            }
        }

        return $phases;
    }

    /**
     * @return list<string> the controls in use, the most important first: as the outputs, the functions, the phases
     * need them, then what is said, written down or taught
     */
    private function used(Program $program): array
    {
        $used = [];
        foreach ($program->outputs as $output) {
            foreach (Routing::threads($program) as $feed) {
                if ($feed->to === "output:{$output->channel}") {
                    foreach (Routing::threads($program) as $drive) {
                        if ($drive->to === $feed->from) {
                            $used[] = $drive->from;
                        }
                    }
                    $used[] = $feed->from;
                }
            }
        }
        foreach (Routing::threads($program) as $thread) {
            $used[] = $thread->from;
        }
        $controls = array_filter(array_unique($used), fn (string $end): bool => str_starts_with($end, 'control:'));
        $moving = array_map(fn (string $end): string => substr($end, 8), $controls);
        $beside = array_map(strval(...), array_keys(ConditionUsages::ofControls($program)));

        return array_values(array_unique([...$moving, ...$beside]));
    }
}
