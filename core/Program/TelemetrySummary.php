<?php

namespace DuskSwitch\Core\Program;

use DuskSwitch\Core\Program\Condition\Condition;
use DuskSwitch\Core\Program\Telemetry\Callout;
use DuskSwitch\Core\Program\Telemetry\DerivedValue;
use DuskSwitch\Core\Program\Telemetry\GlanceCell;
use DuskSwitch\Core\Program\Telemetry\GlanceLook;
use DuskSwitch\Core\Program\Telemetry\GlancePage;
use DuskSwitch\Core\Program\Telemetry\InstalledSensor;
use DuskSwitch\Core\Program\Telemetry\PhrasePart;
use DuskSwitch\Core\Program\Telemetry\SpokenLanguage;
use DuskSwitch\Core\Program\Telemetry\ToneSettings;
use DuskSwitch\Core\Units\Figure;

/** What can be said of sensors, alarms and callouts, ready to be compared. Levels are in base units. */
final readonly class TelemetrySummary
{
    private function __construct(
        private Program $program,
        private ConditionWords $words,
        private ?EquipmentNames $names,
    ) {}

    /**
     * @param  EquipmentNames|null  $names  of sensors and values; ids stand where there is none
     * @return array<string, SummaryItem> by a key that stays the same from revision to revision
     */
    public static function of(Program $program, ConditionWords $words, ?EquipmentNames $names = null): array
    {
        return (new self($program, $words, $names))->all();
    }

    private function announced(string $id): string
    {
        return $this->program->function($id)?->name() ?? $id;
    }

    private function value(string $id): string
    {
        return $this->names?->value($id) ?? $id;
    }

    /** @return array<string, SummaryItem> */
    private function all(): array
    {
        $sense = $this->program->sense;
        $subjects = [];
        foreach ($sense->chain as $place => $one) {
            $subjects["sensor {$one->id}"] = new SummaryItem('sensor', $this->names?->sensor($one) ?? $one->id, [
                'sensor' => ['sensor', $this->names?->sensor($one) ?? $one->sensor],
                'place' => ['place', (string) ($place + 1)],
                ...$one->address === null ? [] : ['address' => ['address', (string) $one->address]],
                ...$one->slot === null
                    ? []
                    : ['slot' => ['slot', $one->slot.($one->byHand ? ', set by hand' : '')]],
                ...$one->mode === null ? [] : ['mode' => ['mode', $one->mode]],
                ...$this->scales($one),
            ], $one);
        }
        foreach ($sense->values as $one) {
            $subjects["value {$one->id}"] = new SummaryItem('value', $one->name, $this->derived($one), $one);
        }
        foreach ($sense->calls as $one) {
            $subjects["call {$one->id}"] = new SummaryItem(
                $one->isAlarm() ? 'alarm' : 'callout',
                $one->name,
                $this->call($one),
                $one,
            );
        }
        foreach ($sense->pages as $one) {
            $subjects["page {$one->id}"] = new SummaryItem('page', $one->name, $this->page($one), $one);
        }
        $rest = [
            'bus' => ['sensor bus', $sense->bus->value ?? 'not said'],
            'interval' => ['report interval', "{$sense->interval} s"],
            'system' => ['units', $sense->system->value ?? 'as the pilot\'s'],
            'announces' => ['announced', implode(', ', array_map($this->announced(...), $sense->announces))],
            ...$this->tone($sense->tone),
            ...$this->jobs(),
        ];
        foreach ($sense->units as $id => $unit) {
            $rest["unit {$id}"] = ["unit of {$this->value($id)}", $unit->value];
        }

        $others = $sense->with(chain: [], values: [], calls: [], pages: []);

        return $sense->isEmpty() ? [] : [...$subjects, 'sense' => new SummaryItem('telemetry', '', $rest, $others)];
    }

    /** @return array<string, array{string, string}> */
    private function scales(InstalledSensor $one): array
    {
        $scales = [];
        foreach ($one->scales as $quantity => $by) {
            $scales["scale {$quantity}"] = ["scale of {$this->value("{$one->id}-{$quantity}")}", '× '.Figure::of($by, 3)];
        }

        return $scales;
    }

    /** @return array<string, array{string, string}> */
    private function page(GlancePage $page): array
    {
        $phases = array_column($this->program->phases, 'name', 'id');
        $shows = fn (GlanceCell $one): string => $this->value($one->value).
            ($one->look === GlanceLook::Number ? '' : " as {$one->look->says()}").
            ($one->place === null ? '' : " {$one->place->says()}");

        return [
            'where' => ['where', $page->kind->says()],
            ...$page->phase === null ? [] : ['phase' => ['phase', $phases[$page->phase] ?? $page->phase]],
            'shows' => ['shows', implode(', ', array_map($shows, $page->cells))],
        ];
    }

    /** @return array<string, array{string, string}> what a transmitter does with telemetry beside speaking */
    private function jobs(): array
    {
        $sense = $this->program->sense;
        $log = $sense->logging;
        $when = fn (?Condition $one): string => $one === null ? 'from power-up on' : "while {$this->words->say($one)}";

        return [
            ...$log === null ? [] : ['log' => ['log', "every {$log->every} s, {$when($log->when)}"]],
            ...$sense->reset === null ? [] : ['reset' => ['reset of telemetry', "when {$this->words->say($sense->reset)}"]],
            ...$sense->language === SpokenLanguage::English
                ? []
                : ['language' => ['language of the voice', $sense->language->says()]],
            ...$sense->blanked === [] ? [] : ['blanked' => ['slots blanked from', implode(', ', $sense->blanked)]],
        ];
    }

    /** @return array<string, array{string, string}> */
    private function tone(?ToneSettings $tone): array
    {
        if ($tone === null) {
            return ['tone' => ['vario tone', 'off']];
        }
        $beeps = "{$tone->beeps->low} to {$tone->beeps->high} a second";

        $usual = new ToneSettings();
        $pitch = "{$tone->pitch->low}, {$tone->middle}, {$tone->pitch->high} Hz";
        $isUsual = [$tone->pitch, $tone->middle] == [$usual->pitch, $usual->middle];

        return [
            'tone' => ['vario tone', $tone->when === null ? 'on' : "while {$this->words->say($tone->when)}"],
            ...$tone->of === null ? [] : ['tone of' => ['vario tone follows', $this->value($tone->of)]],
            ...$tone->quiet == $usual->quiet
                ? []
                : ['tone quiet' => ['vario tone silent', "from {$tone->quiet->low} to {$tone->quiet->high} m/s"]],
            ...$tone->full == $usual->full
                ? []
                : ['tone full' => ['vario tone full', "at {$tone->full->low} and {$tone->full->high} m/s"]],
            ...$isUsual ? [] : ['tone pitch' => ['vario tone pitch', $pitch]],
            ...$tone->beeps == $usual->beeps ? [] : ['tone beeps' => ['vario tone beeps', $beeps]],
        ];
    }

    /** @return array<string, array{string, string}> */
    private function derived(DerivedValue $one): array
    {
        return [
            'does' => ['calculated as', $one->does->says()],
            'of' => ['of', implode(', ', array_map($this->value(...), $one->of))],
            ...$one->by === null ? [] : ['by' => ['by', (string) $one->by]],
            ...$one->plus === null ? [] : ['plus' => ['plus', (string) $one->plus]],
            ...$one->while === null ? [] : ['while' => ['while', $this->words->say($one->while)]],
            ...$one->home === null ? [] : ['home' => ['home', implode(', ', $one->home)]],
        ];
    }

    /** @return array<string, array{string, string}> */
    private function call(Callout $one): array
    {
        return [
            'when' => ['when', $this->words->say($one->when)],
            'hold' => ['hold', "{$one->hold} s"],
            'priority' => ['priority', $one->priority->value],
            'repeat' => ['repeat', $one->repeat === 0.0 ? 'once' : "every {$one->repeat} s"],
            'says' => [
                'says',
                implode(
                    ' ',
                    array_map(
                        fn (PhrasePart $token): string => $token->words ??
                            "[{$this->value((string) $token->value)}, {$token->places}".($token->unit ? '' : ', no unit').']',
                        $one->says,
                    ),
                ),
            ],
            ...$one->within === null ? [] : ['within' => ['only', "in the first {$one->within} s"]],
            ...$one->plays === null ? [] : ['plays' => ['plays', lcfirst($one->plays->says())]],
            ...$one->after === null ? [] : ['after' => ['quiet until', $this->words->say($one->after)]],
        ];
    }
}
