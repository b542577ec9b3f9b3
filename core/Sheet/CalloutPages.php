<?php

namespace DuskSwitch\Core\Sheet;

use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Program\ConditionWords;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\SteppedFunction;
use DuskSwitch\Core\Program\Telemetry\Callout;
use DuskSwitch\Core\Program\Telemetry\LimitSteps;
use DuskSwitch\Core\Speech\Languages;
use DuskSwitch\Core\Speech\Phrasebook;
use DuskSwitch\Core\Telemetry\ToneCheck;
use DuskSwitch\Core\Telemetry\Values;
use DuskSwitch\Core\Units\Figure;

/** What a transmitter says and sounds: alarms, callouts, changes, the variometer's tone, the voice pack. */
final readonly class CalloutPages
{
    public function __construct(
        private Program $program,
        private Transmitter $transmitter,
        private Values $values,
        private ConditionWords $words,
        private LostValues $lost,
    ) {}

    /** @return list<Section> */
    public function sections(): array
    {
        $calls = $this->program->sense->calls;
        usort($calls, fn (Callout $a, Callout $b): int => $a->priority->rank() <=> $b->priority->rank());
        $writes = new CalloutLine($this->transmitter, $this->values, $this->words, $this->lost);
        $alarms = $callouts = [];
        foreach ($calls as $place => $call) {
            $line = $writes->of($call, $place, LimitSteps::when($call, $calls));
            $call->isAlarm() ? ($alarms[] = $line) : ($callouts[] = $line);
        }

        return [
            new Section('Alarms', $this->limits('The most urgent first.', $alarms), $alarms),
            new Section('Callouts', '', [...$callouts, ...$this->changes()]),
            new Section('Variometer', '', $this->tone()),
            new Section('Voice', 'Back up the transmitter\'s storage first.', $this->voice()),
        ];
    }

    /** @param  list<Line>  $lines */
    private function limits(string $says, array $lines): string
    {
        return $lines === [] || $this->transmitter->keying->telemetry !== null
            ? $says
            : "{$says} What {$this->transmitter->name} can do with alarms isn't said in Equipment, so it is not checked here.";
    }

    /** @return list<Line> what is said when it changes */
    private function changes(): array
    {
        $lines = [];
        foreach ($this->program->sense->announces as $id) {
            $function = $this->program->function($id);
            $names = match (true) {
                $id === 'phase' => array_column($this->program->phases, 'name'),
                $function instanceof SteppedFunction => array_column($function->steps, 'name'),
                default => [],
            };
            if ($names !== []) {
                $what = $id === 'phase' ? 'Phases' : $function?->name() ?? $id;
                $lines[] = new Line($what, 'announce changes: '.implode(', ', $names), about: "change {$id}");
            }
        }

        return $lines;
    }

    /** @return list<Line> */
    private function tone(): array
    {
        $tone = $this->program->sense->tone;
        $source = $tone === null ? null : ToneCheck::source($tone, $this->values);
        if ($tone === null) {
            return [];
        }
        if ($this->transmitter->keying->telemetry?->tone === false) {
            $says = 'speak the climb instead';

            return [new Line('Tone', $says, 'on', "{$this->transmitter->name} has no tone")];
        }
        $speed = fn (float $climb): string => Figure::of($climb, 2);
        $when = $tone->when === null ? 'always' : "while {$this->words->say($tone->when)}";

        return [
            new Line('Follows', $source->name ?? 'nothing: no value is a climb'),
            new Line('Heard', $when),
            new Line('Silent', "from {$speed($tone->quiet->low)} to {$speed($tone->quiet->high)} m/s"),
            new Line('Full', "at {$speed($tone->full->low)} and {$speed($tone->full->high)} m/s"),
            new Line('Pitch', "{$tone->pitch->low} Hz in full sink, {$tone->middle} Hz level, {$tone->pitch->high} Hz in full climb"),
            new Line('Beeps', "{$tone->beeps->low} to {$tone->beeps->high} a second"),
        ];
    }

    /** @return list<Line> */
    private function voice(): array
    {
        $sense = $this->program->sense;
        if ($sense->calls === [] && $sense->announces === []) {
            return [];
        }
        $clips = count((new Phrasebook($this->program, $this->values, Languages::of($this->program)))->pieces());

        return [new Line('Voice pack', "{$clips} clips, from Telemetry, Callouts")];
    }
}
