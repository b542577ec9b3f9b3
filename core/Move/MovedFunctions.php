<?php

namespace DuskSwitch\Core\Move;

use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Program\Drive\CaseDrive;
use DuskSwitch\Core\Program\Drive\ControlDrive;
use DuskSwitch\Core\Program\Drive\DetentDrive;
use DuskSwitch\Core\Program\PilotFunction;
use DuskSwitch\Core\Program\ProportionalFunction;
use DuskSwitch\Core\Program\SteppedFunction;
use DuskSwitch\Core\Units\Figure;

/** Functions on the controls of another transmitter. */
final class MovedFunctions
{
    /** @var list<string> */
    private array $losses = [];

    /**
     * @param  array<string, ControlPlacement>  $places  by the old control's id
     * @param  list<string>  $phases  ids of those that stay
     */
    public function __construct(
        private readonly MovedConditions $rewrite,
        private readonly array $places,
        private readonly array $phases,
        private readonly Transmitter $from,
    ) {}

    /**
     * @param  list<PilotFunction>  $functions
     * @return array{list<PilotFunction>, list<string>} with what is lost
     */
    public function of(array $functions): array
    {
        $moved = array_map(
            fn (PilotFunction $one): PilotFunction => match (true) {
                $one instanceof ProportionalFunction => $this->proportional($one),
                $one instanceof SteppedFunction => $this->stepped($one),
                default => $one,
            },
            $functions,
        );

        return [$moved, $this->losses];
    }

    private function proportional(ProportionalFunction $function): ProportionalFunction
    {
        $drive = $function->drive;
        if ($drive instanceof ControlDrive) {
            $place = $this->places[$drive->control] ?? null;
            $drive = $place === null ? null : new ControlDrive($place->to->id);
            if ($place === null) {
                $this->losses[] = "Nothing moves {$function->name} any more";
            }
        }
        $overrides = [];
        foreach ($function->overrides as $override) {
            $when = $this->rewrite->of($override->when);
            if ($when === null) {
                $this->losses[] =
                    "{$function->name} is no longer held at ".
                    Figure::percent($override->value, 0).
                    ': no control is left for that. Give it one before you fly';
            } else {
                $overrides[] = $override->with(when: $when);
            }
        }

        $dualRates = [];
        foreach ($function->dualRates as $rate) {
            $when = $this->rewrite->of($rate->when);
            if ($when === null) {
                $this->losses[] = "{$function->name} has a rate less: nothing is left to switch it with";
            } else {
                $dualRates[] = $rate->with(when: $when);
            }
        }

        return $function
            ->with(
                drive: $drive,
                dualRates: $dualRates,
                shapes: array_intersect_key($function->shapes, array_flip($this->phases)),
                overrides: $overrides,
            );
    }

    private function stepped(SteppedFunction $function): SteppedFunction
    {
        $drive = match (true) {
            $function->drive instanceof DetentDrive => $this->detents($function, $function->drive),
            $function->drive instanceof CaseDrive => $this->cases($function, $function->drive),
            default => null,
        };

        return $function->with(drive: $drive);
    }

    private function detents(SteppedFunction $function, DetentDrive $drive): ?DetentDrive
    {
        $place = $this->places[$drive->control] ?? null;
        if ($place === null) {
            $this->losses[] = "Nothing moves {$function->name} any more; it stays in its first step, {$function->steps[0]->name}";

            return null;
        }
        $map = [];
        foreach ($place->detents as $old => $new) {
            $map[$new] = $drive->map[$old] ?? $function->steps[0]->id;
        }
        $rest = $drive->map[$this->from->control($drive->control)->rest ?? ''] ?? $function->steps[0]->id;
        $inOrder = [];
        foreach ($place->to->detents as $detent) {
            // A position that the old switch hadn't means the same as rest.
            $inOrder[$detent] = $map[$detent] ?? $rest;
        }
        $names = array_column($function->steps, 'name', 'id');
        foreach (array_diff($drive->map, $inOrder) as $step) {
            $this->losses[] = "{$place->to->name} has no position for {$function->name}: ".($names[$step] ?? $step);
        }

        $atRest = $inOrder[$place->to->rest ?? ''] ?? $rest;
        if ($atRest !== $rest) {
            $this->losses[] =
                "{$place->to->name} rests {$place->to->rest}: at power-up {$function->name} would be ".
                ($names[$atRest] ?? $atRest).
                '. Turn its positions round before you fly';
        }

        return new DetentDrive(control: $place->to->id, map: $inOrder);
    }

    private function cases(SteppedFunction $function, CaseDrive $drive): ?CaseDrive
    {
        $cases = [];
        foreach ($drive->cases as $case) {
            $when = $this->rewrite->of($case->when);
            if ($when === null) {
                $this->losses[] =
                    "Nothing asks {$function->name} for ".
                    (array_column($function->steps, 'name', 'id')[$case->step] ?? $case->step).
                    ' any more';
            } else {
                $cases[] = $case->with(when: $when);
            }
        }

        return $cases === [] ? null : new CaseDrive($cases);
    }
}
