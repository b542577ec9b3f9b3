<?php

namespace DuskSwitch\Core\Speech;

use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\SteppedFunction;
use DuskSwitch\Core\Telemetry\Values;

/** Every piece that a program says, for a voice pack: words, names of steps and phases, units, and the numbers. */
final readonly class Phrasebook
{
    public function __construct(private Program $program, private Values $values, private Language $language) {}

    /** @return array<string, string> texts by the name of the clip */
    public function pieces(): array
    {
        $texts = [];
        foreach ($this->program->sense->calls as $call) {
            foreach ($call->says as $token) {
                $texts[] = $token->words ?? '';
                $value = $this->values->find($token->value ?? '');
                if ($value !== null && $token->unit) {
                    array_push(
                        $texts,
                        $this->language->unit($value->unit, 1.0, 0),
                        $this->language->unit($value->unit, 2.0, 0),
                    );
                }
            }
        }
        foreach ($this->program->functions as $function) {
            if (
                $function instanceof SteppedFunction &&
                in_array($function->id, $this->program->sense->announces, true)
            ) {
                array_push($texts, ...array_column($function->steps, 'name'));
            }
        }
        if (in_array('phase', $this->program->sense->announces, true)) {
            array_push($texts, ...array_column($this->program->phases, 'name'));
        }
        $pieces = [];
        foreach (
            array_unique(array_filter(array_map(trim(...), $texts), fn (string $one): bool => $one !== '')) as $text
        ) {
            $name = trim((string) preg_replace('/[^a-z0-9]+/', '-', strtolower($text)), '-');
            $pieces[substr($name === '' ? 'clip' : $name, 0, 40)] = $text;
        }

        return $pieces + $this->language->pieces();
    }
}
