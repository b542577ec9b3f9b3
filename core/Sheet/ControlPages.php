<?php

namespace DuskSwitch\Core\Sheet;

use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Program\ConditionWords;
use DuskSwitch\Core\Program\Drive\AxisDrive;
use DuskSwitch\Core\Program\Drive\CaseDrive;
use DuskSwitch\Core\Program\Drive\ControlDrive;
use DuskSwitch\Core\Program\Drive\DetentDrive;
use DuskSwitch\Core\Program\PilotFunction;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\ProportionalFunction;
use DuskSwitch\Core\Program\SteppedFunction;

/** Which control means what, and which phase is active when. */
final readonly class ControlPages
{
    public function __construct(
        private Program $program,
        private Transmitter $transmitter,
        private ConditionWords $words,
    ) {}

    /** @return list<Section> */
    public function sections(): array
    {
        return [
            new Section(
                'Sticks and switches',
                'A switch at rest is towards the pilot where nothing else is said.',
                array_map($this->driven(...), $this->program->functions),
            ),
            new Section(
                'Conditions',
                'What “…” stands for below; a condition may ask for another one.',
                $this->conditions(),
            ),
            new Section('Phases', 'The first that holds counts, from the top.', $this->phases()),
        ];
    }

    private function driven(PilotFunction $function): Line
    {
        return new Line(
            $function->name(),
            match (true) {
                $function instanceof ProportionalFunction && $function->drive instanceof AxisDrive => "{$function->drive->axis->value} stick",
                $function instanceof ProportionalFunction && $function->drive instanceof ControlDrive => $this->control(
                    $function->drive->control,
                ),
                $function instanceof SteppedFunction && $function->drive instanceof DetentDrive => $this->control(
                    $function->drive->control,
                ).
                    ': '.
                    $this->detents($function, $function->drive->map),
                $function instanceof SteppedFunction && $function->drive instanceof CaseDrive => $this->cases(
                    $function,
                    $function->drive,
                ),
                $function instanceof SteppedFunction && count($function->steps) === 1 => 'always',
                default => 'nothing moves it',
            },
            about: $function->id(),
        );
    }

    /** @param  array<string, string>  $map */
    private function detents(SteppedFunction $function, array $map): string
    {
        $names = array_column($function->steps, 'name', 'id');

        return implode(
            ', ',
            array_map(
                fn (string $detent, string $step): string => "{$detent} ".($names[$step] ?? $step),
                array_keys($map),
                $map,
            ),
        );
    }

    private function cases(SteppedFunction $function, CaseDrive $drive): string
    {
        $names = array_column($function->steps, 'name', 'id');
        $said = array_map(
            fn ($case): string => ($names[$case->step] ?? $case->step)." when {$this->words->say($case->when)}",
            $drive->cases,
        );

        return implode('; ', [...$said, "else {$function->steps[0]->name}"]);
    }

    /** @return list<Line> */
    private function conditions(): array
    {
        $lines = [];
        foreach ($this->program->conditions as $name => $condition) {
            $lines[] = new Line("“{$name}”", $this->words->say($condition));
        }

        return $lines;
    }

    /** @return list<Line> */
    private function phases(): array
    {
        if (count($this->program->phases) === 1) {
            return [];
        }
        $most = $this->transmitter->keying->phases;
        $lines = [];
        foreach ([...array_slice($this->program->phases, 1), $this->program->base()] as $place => $phase) {
            $fade = $phase->fade > 0 ? ", fading in over {$phase->fade} s" : '';
            // The first phase takes a place too.
            $lost =
                $place >= $most - 1 && $phase->when !== null
                    ? "{$this->transmitter->name} has room for {$most} phases"
                    : null;
            $lines[] = new Line(
                $phase->name,
                ($phase->when === null ? 'else' : "when {$this->words->say($phase->when)}").$fade,
                $lost === null ? null : $phase->name,
                $lost,
                $phase->id,
            );
        }

        return $lines;
    }

    private function control(string $id): string
    {
        return $this->transmitter->control($id)->name ?? $id;
    }
}
