<?php

namespace DuskSwitch\Core\Program;

use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Program\Drive\AxisDrive;
use DuskSwitch\Core\Program\Drive\CaseDrive;
use DuskSwitch\Core\Program\Drive\ControlDrive;
use DuskSwitch\Core\Program\Drive\DetentDrive;
use DuskSwitch\Core\Units\Figure;

/** All that can be said of a function of the pilot's, ready to be compared. */
final readonly class FunctionSummary
{
    /** @param  array<string, string>  $phases  their names by id */
    public function __construct(
        private Transmitter $transmitter,
        private ConditionWords $words,
        private array $phases,
    ) {}

    /** The function with all that can be said of it. */
    public function of(PilotFunction $function): SummaryItem
    {
        return new SummaryItem('function', $function->name(), [
            ...self::purpose($function),
            ...match (true) {
                $function instanceof ProportionalFunction => $this->proportional($function),
                $function instanceof SteppedFunction => $this->stepped($function),
                default => [],
            },
        ], $function);
    }

    /** @return array<string, array{string, string}> */
    private function proportional(ProportionalFunction $function): array
    {
        $facts = [
            'driven by' => match (true) {
                $function->drive instanceof AxisDrive => "{$function->drive->axis->value} stick",
                $function->drive instanceof ControlDrive => $this->control($function->drive->control),
                default => 'nothing',
            },
            'dead band' => Figure::percent($function->deadband),
            'trim at its end' => Figure::percent($function->trim->authority ?? 0.0).
                ($function->trim?->idleOnly === true ? ', idle only' : '').
                ($function->trim?->perPhase === true ? ', per phase' : ''),
        ];
        $shapes = [];
        foreach ($this->phases as $id => $name) {
            $shape = $function->shapes[$id] ?? null;
            $in = count($this->phases) > 1 ? ", {$name}" : '';
            $shapes["rate {$id}"] = [
                "rate{$in}",
                $shape === null ? 'as in the first phase' : Figure::range($shape->rate),
            ];
            $shapes["expo {$id}"] = [
                "expo{$in}",
                $shape === null
                    ? 'as in the first phase'
                    : ($shape->curve === null
                        ? Figure::percent($shape->expo)
                        : "curve {$shape->curve}"),
            ];
        }
        foreach ($function->dualRates as $place => $rate) {
            $expo =
                $rate->shape->curve === null
                    ? 'expo '.Figure::percent($rate->shape->expo)
                    : "curve {$rate->shape->curve}";
            $facts['dual rate '.($place + 1)] =
                Figure::range($rate->shape->rate).", {$expo} while {$this->words->say($rate->when)}";
        }
        foreach ($function->overrides as $place => $override) {
            $facts['override '.($place + 1)] =
                Figure::percent($override->value)." while {$this->words->say($override->when)}";
        }

        return [...SummaryItem::labelled($facts), ...$shapes];
    }

    /** @return array<string, array{string, string}> */
    private function stepped(SteppedFunction $function): array
    {
        $facts = ['driven by' => 'nothing'];
        $names = array_column($function->steps, 'name', 'id');
        $steps = [];
        foreach ($function->steps as $place => $step) {
            $steps["value {$step->id}"] = ["step {$step->name}", Figure::percent($step->value)];
            $steps["name {$step->id}"] = ['step '.($place + 1), $step->name];
            if ($step->means !== null) {
                $steps["means {$step->id}"] = ["meaning of {$step->name}", $step->means->says()];
            }
        }
        if ($function->drive instanceof DetentDrive) {
            $facts['driven by'] = $this->control($function->drive->control);
            foreach ($function->drive->map as $detent => $step) {
                $facts["at {$detent}"] = $names[$step] ?? $step;
            }
        } elseif ($function->drive instanceof CaseDrive) {
            $facts['driven by'] = 'conditions';
            foreach ($function->drive->cases as $place => $case) {
                $facts['case '.($place + 1)] =
                    ($names[$case->step] ?? $case->step)." when {$this->words->say($case->when)}";
            }
        }

        return [...SummaryItem::labelled($facts), ...$steps];
    }

    /** @return array<string, array{string, string}> */
    private static function purpose(PilotFunction $function): array
    {
        return $function->purpose() === null ? [] : ['purpose' => ['purpose', $function->purpose()->says()]];
    }

    private function control(string $id): string
    {
        return $this->transmitter->control($id)->name ?? $id;
    }
}
