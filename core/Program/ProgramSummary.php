<?php

namespace DuskSwitch\Core\Program;

use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Program\Drive\AxisDrive;
use DuskSwitch\Core\Program\Drive\CaseDrive;
use DuskSwitch\Core\Program\Drive\ControlDrive;
use DuskSwitch\Core\Program\Drive\DetentDrive;
use DuskSwitch\Core\Program\Source\AxisSource;
use DuskSwitch\Core\Program\Source\ControlSource;
use DuskSwitch\Core\Program\Source\FunctionSource;
use DuskSwitch\Core\Program\Source\OutputSource;
use DuskSwitch\Core\Program\Source\Source;
use DuskSwitch\Core\Units\Range;

/** All that can be said of a program, in the trade's words, ready to be compared. */
final readonly class ProgramSummary
{
    private ConditionWords $words;

    /** @var array<string, string> */
    private array $phases;

    private function __construct(private Program $program, private Transmitter $transmitter)
    {
        $this->words = new ConditionWords($program, $transmitter);
        $this->phases = array_column($program->phases, 'name', 'id');
    }

    /** @return array<string, SummaryItem> by a key that stays the same from revision to revision */
    public static function of(Program $program, Transmitter $transmitter): array
    {
        $facts = new self($program, $transmitter);
        $subjects = ['program' => $facts->program()];
        foreach ($program->phases as $place => $phase) {
            $subjects["phase {$phase->id}"] = new SummaryItem(
                'phase',
                $phase->name,
                self::labelled([
                    'place' => (string) ($place + 1),
                    'fade' => "{$phase->fade} s",
                    'when' => $phase->when === null ? 'else' : $facts->words->say($phase->when),
                ]),
            );
        }
        foreach ($program->functions as $function) {
            $subjects["function {$function->id()}"] = new SummaryItem(
                'function',
                $function->name(),
                match (true) {
                    $function instanceof ProportionalFunction => $facts->proportional($function),
                    $function instanceof SteppedFunction => $facts->stepped($function),
                    default => [],
                },
            );
        }
        foreach ($program->outputs as $output) {
            $subjects["output {$output->channel}"] = new SummaryItem(
                'output',
                "{$output->channel} {$output->name}",
                $facts->output($output),
            );
        }
        foreach ($facts->extras() as $key => $subject) {
            $subjects[$key] = $subject;
        }
        foreach (
            [...InstallationSummary::of($program, $transmitter), ...TelemetrySummary::of($program, $transmitter)] as $key => $subject
        ) {
            $subjects[$key] = $subject;
        }
        foreach ($program->curves as $id => $curve) {
            $points = array_map(
                fn (array $point): string => self::percent($point[0]).' → '.self::percent($point[1]),
                $curve->points,
            );
            $subjects["curve {$id}"] = new SummaryItem(
                'curve',
                $id,
                self::labelled(['points' => implode(', ', $points), 'line' => $curve->smooth ? 'smooth' : 'straight']),
            );
        }
        foreach ($program->conditions as $id => $condition) {
            $subjects["condition {$id}"] = new SummaryItem(
                'condition',
                "“{$id}”",
                self::labelled(['is' => $facts->words->say($condition)]),
            );
        }

        return $subjects;
    }

    /** @return array<string, SummaryItem> */
    private function extras(): array
    {
        $extras = [];
        if ($this->program->ring !== null) {
            $of = array_map($this->words->function(...), $this->program->ring->of);
            $extras['ring'] = new SummaryItem(
                'ring',
                'around '.implode(' and ', $of),
                self::labelled(['limit' => self::percent($this->program->ring->limit)]),
            );
        }
        $settings = [];
        foreach ($this->program->recipe->settings ?? [] as $id => $value) {
            $settings["setting {$id}"] = is_bool($value)
                ? ($value
                    ? 'yes'
                    : 'no')
                : (is_float($value)
                    ? (string) round($value, 3)
                    : $value);
        }
        if ($this->program->recipe !== null) {
            $extras['recipe'] = new SummaryItem(
                'recipe',
                '',
                self::labelled(['recipe' => $this->program->recipe->id, ...$settings]),
            );
        }
        $ladder = $this->program->ladder;
        if ($ladder !== null) {
            $facts = [
                'stands on' => $ladder->at === null ? 'the ground' : $ladder->rungs[$ladder->at]->name ?? '?',
                'phase' => $this->phases[$ladder->phase] ?? $ladder->phase,
            ];
            foreach ($ladder->rungs as $place => $rung) {
                $more = array_filter([$rung->style, $rung->date, $rung->note]);
                $facts['step '.($place + 1)] = implode(', ', [
                    $rung->name,
                    'expo '.self::percent($rung->expo),
                    'rate '.self::percent($rung->rate),
                    ...$more,
                ]);
            }
            $extras['ladder'] = new SummaryItem('ladder', 'Ladder', self::labelled($facts));
        }

        return $extras;
    }

    private function program(): SummaryItem
    {
        return new SummaryItem(
            'program',
            '',
            self::labelled([
                'name' => $this->program->name,
                'family' => $this->program->family->title(),
                'stick mode' => (string) $this->program->stickMode->value,
                'transmitter' => $this->transmitter->name,
                'receiver' => $this->program->receiver ?? 'none',
                'controller' => $this->program->controller ?? 'none',
                'notes' => $this->program->notes === '' ? 'none' : mb_strimwidth($this->program->notes, 0, 60, '…'),
            ]),
        );
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
            'dead band' => self::percent($function->deadband),
            'trim at its end' => self::percent($function->trim->authority ?? 0.0).
                ($function->trim?->idleOnly === true ? ', idle only' : '').
                ($function->trim?->perPhase === true ? ', per phase' : ''),
        ];
        $shapes = [];
        foreach ($this->phases as $id => $name) {
            $shape = $function->shapes[$id] ?? null;
            $in = count($this->phases) > 1 ? ", {$name}" : '';
            $shapes["rate {$id}"] = [
                "rate{$in}",
                $shape === null ? 'as in the first phase' : self::range($shape->rate),
            ];
            $shapes["expo {$id}"] = [
                "expo{$in}",
                $shape === null
                    ? 'as in the first phase'
                    : ($shape->curve === null
                        ? self::percent($shape->expo)
                        : "curve {$shape->curve}"),
            ];
        }
        foreach ($function->dualRates as $place => $rate) {
            $expo =
                $rate->shape->curve === null
                    ? 'expo '.self::percent($rate->shape->expo)
                    : "curve {$rate->shape->curve}";
            $facts['dual rate '.($place + 1)] =
                self::range($rate->shape->rate).", {$expo} while {$this->words->say($rate->when)}";
        }
        foreach ($function->overrides as $place => $override) {
            $facts['override '.($place + 1)] =
                self::percent($override->value)." while {$this->words->say($override->when)}";
        }

        return [...self::purpose($function), ...self::labelled($facts), ...$shapes];
    }

    /** @return array<string, array{string, string}> */
    private function stepped(SteppedFunction $function): array
    {
        $facts = ['driven by' => 'nothing'];
        $names = array_column($function->steps, 'name', 'id');
        $steps = [];
        foreach ($function->steps as $place => $step) {
            $steps["value {$step->id}"] = ["step {$step->name}", self::percent($step->value)];
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

        return [...self::purpose($function), ...self::labelled($facts), ...$steps];
    }

    /** @return array<string, array{string, string}> */
    private function output(Output $output): array
    {
        $facts = [
            ...$output->role === null ? [] : ['role' => $output->role->says()],
            'travel' => self::range($output->travel),
            'direction' => $output->reverse ? 'reversed' : 'normal',
            'sub-trim' => self::percent($output->subtrim),
            'limit' => self::range($output->limit),
        ];
        foreach ($output->feeds as $place => $feed) {
            $more = array_filter([
                $feed->offset === 0.0 ? '' : 'offset '.self::percent($feed->offset),
                $feed->curve === null ? '' : "by curve {$feed->curve}",
                $feed->combine === Combine::Add ? '' : $feed->combine->value,
                $feed->when === null ? '' : "while {$this->words->say($feed->when)}",
                $feed->delay === 0.0 ? '' : "{$feed->delay} s late",
                $feed->slow === null ? '' : "slow {$feed->slow->low} s up, {$feed->slow->high} s down",
            ]);
            $facts['feed '.($place + 1)] = implode(', ', [
                $this->source($feed->source).' '.self::range($feed->weight),
                ...$more,
            ]);
        }

        return self::labelled($facts);
    }

    /** @return array<string, array{string, string}> */
    private static function purpose(PilotFunction $function): array
    {
        return $function->purpose() === null ? [] : ['purpose' => ['purpose', $function->purpose()->says()]];
    }

    private function source(Source $source): string
    {
        return match (true) {
            $source instanceof FunctionSource => $this->words->function($source->function),
            $source instanceof ControlSource => $this->control($source->control),
            $source instanceof AxisSource => "{$source->axis->value} stick",
            $source instanceof OutputSource => "output {$source->channel}",
            default => 'constant',
        };
    }

    private function control(string $id): string
    {
        return $this->transmitter->control($id)->name ?? $id;
    }

    /**
     * @param  array<string, string>  $facts  words by label, where the label is key enough
     * @return array<string, array{string, string}>
     */
    private static function labelled(array $facts): array
    {
        $labelled = [];
        foreach ($facts as $label => $words) {
            $labelled[$label] = [$label, $words];
        }

        return $labelled;
    }

    private static function range(Range $range): string
    {
        return $range->isEven()
            ? self::percent($range->high)
            : self::percent($range->low).' low, '.self::percent($range->high).' high';
    }

    private static function percent(float $signal): string
    {
        return str_replace('-', '−', (string) round($signal * 100, 2)).' %';
    }
}
