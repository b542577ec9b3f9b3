<?php

namespace DuskSwitch\Core\Program;

use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Program\Source\AxisSource;
use DuskSwitch\Core\Program\Source\ControlSource;
use DuskSwitch\Core\Program\Source\FunctionSource;
use DuskSwitch\Core\Program\Source\OutputSource;
use DuskSwitch\Core\Program\Source\Source;
use DuskSwitch\Core\Units\Figure;

/** All that can be said of a program, in the trade's words, ready to be compared. */
final readonly class ProgramSummary
{
    private ConditionWords $words;

    /** @var array<string, string> */
    private array $phases;

    private function __construct(
        private Program $program,
        private Transmitter $transmitter,
        private ?EquipmentNames $names,
    ) {
        $this->words = new ConditionWords($program, $transmitter, $names === null ? null : $names->level(...));
        $this->phases = array_column($program->phases, 'name', 'id');
    }

    /**
     * @param  EquipmentNames|null  $names  of sensors and values; ids stand where there is none
     * @return array<string, SummaryItem> by a key that stays the same from revision to revision
     */
    public static function of(Program $program, Transmitter $transmitter, ?EquipmentNames $names = null): array
    {
        $facts = new self($program, $transmitter, $names);
        $subjects = ['program' => $facts->program()];
        foreach ($program->phases as $place => $phase) {
            $subjects["phase {$phase->id}"] = new SummaryItem(
                'phase',
                $phase->name,
                SummaryItem::labelled([
                    'place' => (string) ($place + 1),
                    'fade' => "{$phase->fade} s",
                    'when' => $phase->when === null ? 'else' : $facts->words->say($phase->when),
                ]),
                $phase,
            );
        }
        $functions = new FunctionSummary($transmitter, $facts->words, $facts->phases);
        foreach ($program->functions as $function) {
            $subjects["function {$function->id()}"] = $functions->of($function);
        }
        foreach ($program->outputs as $output) {
            $subjects["output {$output->channel}"] = new SummaryItem(
                'output',
                "{$output->channel} {$output->name}",
                $facts->output($output),
                $output,
            );
        }
        foreach ($facts->extras() as $key => $subject) {
            $subjects[$key] = $subject;
        }
        $subjects = [
            ...$subjects,
            ...InstallationSummary::of($program, $transmitter, $names),
            ...TelemetrySummary::of($program, $facts->words, $names),
        ];
        foreach ($program->curves as $id => $curve) {
            $points = array_map(
                fn (array $point): string => Figure::percent($point[0]).' → '.Figure::percent($point[1]),
                $curve->points,
            );
            $subjects["curve {$id}"] = new SummaryItem(
                'curve',
                $id,
                SummaryItem::labelled(['points' => implode(', ', $points), 'line' => $curve->smooth ? 'smooth' : 'straight']),
                $curve,
            );
        }
        foreach ($program->conditions as $id => $condition) {
            $subjects["condition {$id}"] = new SummaryItem(
                'condition',
                "“{$id}”",
                SummaryItem::labelled(['is' => $facts->words->say($condition)]),
                $condition,
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
                SummaryItem::labelled(['limit' => Figure::percent($this->program->ring->limit)]),
                $this->program->ring,
            );
        }
        $trainer = $this->program->trainer;
        if ($trainer !== null) {
            $extras['trainer'] = new SummaryItem(
                'trainer',
                'Trainer link',
                SummaryItem::labelled(['when' => $this->words->say($trainer->when), 'sticks' => $trainer->sticks()]),
                $trainer,
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
                SummaryItem::labelled(['recipe' => $this->program->recipe->id, ...$settings]),
                $this->program->recipe,
            );
        }
        $ladder = $this->program->ladder;
        if ($ladder !== null) {
            $facts = [
                'at step' => $ladder->at === null ? 'not begun' : $ladder->rungs[$ladder->at]->name ?? '?',
                'phase' => $this->phases[$ladder->phase] ?? $ladder->phase,
                ...$ladder->style === null ? [] : ['style by' => $this->words->function($ladder->style)],
            ];
            foreach ($ladder->rungs as $place => $rung) {
                $more = array_filter([$rung->style, $rung->date, $rung->note]);
                $facts['step '.($place + 1)] = implode(', ', [
                    $rung->name,
                    'expo '.Figure::percent($rung->expo),
                    'rate '.Figure::percent($rung->rate),
                    ...$more,
                ]);
            }
            $extras['ladder'] = new SummaryItem('ladder', 'Training plan', SummaryItem::labelled($facts), $ladder);
        }

        return $extras;
    }

    private function program(): SummaryItem
    {
        return new SummaryItem(
            'program',
            '',
            SummaryItem::labelled([
                'name' => $this->program->name,
                'family' => $this->program->family->title(),
                'stick mode' => (string) $this->program->stickMode->value,
                'transmitter' => $this->transmitter->name,
                'receiver' => $this->part('receiver', $this->program->receiver),
                'controller' => $this->part('controller', $this->program->controller),
                'notes' => $this->program->notes === '' ? 'none' : $this->program->notes,
            ]),
        );
    }

    /** @return array<string, array{string, string}> */
    private function output(Output $output): array
    {
        $facts = [
            ...$output->role === null ? [] : ['role' => $output->role->says()],
            'travel' => Figure::range($output->travel),
            'direction' => $output->reverse ? 'reversed' : 'normal',
            'sub-trim' => Figure::percent($output->subtrim),
            'limit' => Figure::range($output->limit),
        ];
        foreach ($output->feeds as $place => $feed) {
            $more = array_filter([
                $feed->offset === 0.0 ? '' : 'offset '.Figure::percent($feed->offset),
                $feed->curve === null ? '' : "by curve {$feed->curve}",
                $feed->combine === Combine::Add ? '' : $feed->combine->value,
                $feed->when === null ? '' : "while {$this->words->say($feed->when)}",
                $feed->delay === 0.0 ? '' : "{$feed->delay} s late",
                $feed->slow === null ? '' : "slow {$feed->slow->low} s up, {$feed->slow->high} s down",
            ]);
            $facts['feed '.($place + 1)] = implode(', ', [
                $this->source($feed->source).' '.Figure::range($feed->weight),
                ...$more,
            ]);
        }

        return SummaryItem::labelled($facts);
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

    private function part(string $kind, ?string $id): string
    {
        return $id === null ? 'none' : $this->names?->part($kind, $id) ?? $id;
    }
}
