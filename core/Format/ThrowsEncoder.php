<?php

namespace DuskSwitch\Core\Format;

use DuskSwitch\Core\Airframe\Deflection;
use DuskSwitch\Core\Airframe\Throws\ThrowFunctions;
use DuskSwitch\Core\Airframe\Throws\ThrowMeasure;
use DuskSwitch\Core\Airframe\Throws\ThrowPlace;
use DuskSwitch\Core\Program\Output;
use DuskSwitch\Core\Program\PilotFunction;
use DuskSwitch\Core\Program\SteppedFunction;
use DuskSwitch\Core\Program\ThrowUnit;
use DuskSwitch\Core\Signal\Circuit;

/** The surfaces of an aircraft as they were measured, and how far each function moves them. */
final readonly class ThrowsEncoder
{
    private ThrowFunctions $functions;

    public function __construct(private Circuit $circuit, private ThrowUnit $unit)
    {
        $this->functions = new ThrowFunctions($circuit);
    }

    /** @return array{surfaces: list<array<string, mixed>>, functions: list<array<string, mixed>>} */
    public function encode(): array
    {
        return [
            'surfaces' => array_map($this->surface(...), $this->functions->surfaces()),
            'functions' => array_map($this->function(...), $this->functions->functions()),
        ];
    }

    /** @return array<string, mixed> */
    private function surface(Output $output): array
    {
        $measured = $this->circuit->program->aboard->throws[$output->channel] ?? null;
        $measure = new ThrowMeasure($this->circuit);
        $ends = $measure->ends($output);

        return [
            'channel' => $output->channel,
            'name' => $output->name,
            'ways' => Deflection::of($output->role),
            'by' => $ends === null ? null : $ends[0]->name(),
            'sends' => $ends === null ? null : $ends[1],
            'line' => $ends === null ? 1 : $measure->inLine($output, $ends[1]),
            'measured' => $measured === null
                ? null
                : [
                    'unit' => $measured->unit->value,
                    'sent' => $measured->sent,
                    'moved' => $measured->moved,
                    'chord' => $measured->chord,
                ],
        ];
    }

    /** @return array<string, mixed> */
    private function function(PilotFunction $function): array
    {
        $moved = $this->functions->moved($function);

        return [
            'id' => $function->id(),
            'name' => $function->name(),
            'ways' => Deflection::of($moved[0]->role ?? null),
            'steps' => $function instanceof SteppedFunction,
            'surfaces' => array_map(fn (Output $one): string => $one->name, $moved),
            'places' => array_map(
                fn (ThrowPlace $place): array => [
                    'id' => $place->id,
                    'name' => $place->name,
                    'now' => array_map(
                        fn (Output $output): array => [
                            'surface' => $output->name,
                            'throw' => $this->throw($output, $function, $place),
                        ],
                        $moved,
                    ),
                ],
                $this->functions->places($function),
            ),
        ];
    }

    /** @return array{float, float}|null in the unit that is asked for; null where it isn't measured */
    private function throw(Output $output, PilotFunction $function, ThrowPlace $place): ?array
    {
        $measured = ($this->circuit->program->aboard->throws[$output->channel] ?? null)?->in($this->unit);
        if ($measured === null) {
            return null;
        }
        [$up, $down] = $this->functions->throw($output, $measured, $function, $place);

        return [round($up, 1), round($down, 1)];
    }
}
