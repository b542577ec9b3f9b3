<?php

namespace DuskSwitch\Core\Format;

use DuskSwitch\Core\Program\PilotFunction;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\SteppedFunction;
use DuskSwitch\Core\Program\Telemetry\Derivation;
use DuskSwitch\Core\Program\Telemetry\DerivationNumber;
use DuskSwitch\Core\Program\Telemetry\GlanceKind;
use DuskSwitch\Core\Program\Telemetry\GlanceLook;
use DuskSwitch\Core\Program\Telemetry\GlancePlace;
use DuskSwitch\Core\Program\Telemetry\Sound;
use DuskSwitch\Core\Program\Telemetry\SpokenLanguage;
use DuskSwitch\Core\Rehearsal\Mishap;
use DuskSwitch\Core\Rehearsal\Mishaps;
use DuskSwitch\Core\Rehearsal\RehearsalSettings;
use DuskSwitch\Core\Rehearsal\Scenario;
use DuskSwitch\Core\Rehearsal\Scenarios;
use DuskSwitch\Core\Telemetry\Derivations;
use DuskSwitch\Core\Telemetry\ObviousPages;
use DuskSwitch\Core\Telemetry\Values;
use DuskSwitch\Core\Units\Dimension;

/** Writes what may be chosen in Telemetry: ways to calculate, pages, languages, flights, sounds, mishaps. */
final readonly class TelemetryChoices
{
    public function __construct(private Program $program, private Values $values) {}

    /**
     * @param  Scenarios  $scenarios  of which those of the family are shown
     * @return array<string, mixed>
     */
    public function all(Scenarios $scenarios): array
    {
        return [
            'derivations' => array_map($this->derivation(...), array_values(Derivations::all())),
            'pages' => $this->pages(),
            'wind' => $this->wind(),
            'languages' => array_map(
                fn (SpokenLanguage $one): array => ['id' => $one->value, 'name' => $one->says()],
                SpokenLanguage::cases(),
            ),
            'announceable' => [
                ...array_map(
                    fn (PilotFunction $one): array => ['id' => $one->id(), 'name' => $one->name()],
                    array_values(
                        array_filter(
                            $this->program->functions,
                            fn (PilotFunction $one): bool => $one instanceof SteppedFunction,
                        ),
                    ),
                ),
                ['id' => 'phase', 'name' => 'Phases'],
            ],
            'scenarios' => array_map(
                fn (Scenario $one): array => [
                    'id' => $one->id,
                    'name' => $one->name,
                    'says' => $one->says,
                    'seconds' => $one->seconds(),
                ],
                $scenarios->scenarios($this->program->family),
            ),
            'sounds' => array_map(
                fn (Sound $one): array => ['id' => $one->value, 'says' => $one->says(), 'notes' => $one->notes()],
                Sound::cases(),
            ),
            'mishaps' => array_map(
                fn (Mishap $one): array => ['id' => $one->id(), 'says' => $one->says()],
                array_values(Mishaps::all()),
            ),
        ];
    }

    /** @return array{unit: string, usual: float, most: float} the wind of a rehearsal, as the pilot reads it */
    private function wind(): array
    {
        $unit = $this->values->system->unit(Dimension::Speed);

        return [
            'unit' => $unit->value,
            'usual' => round($unit->fromBase(RehearsalSettings::WIND)),
            'most' => floor($unit->fromBase(RehearsalSettings::MOST_WIND)),
        ];
    }

    /** @return array<string, mixed> the pages that are worth making, and what they may be made of */
    private function pages(): array
    {
        $named = fn (GlanceKind|GlanceLook|GlancePlace $one): array => ['id' => $one->value, 'name' => $one->says()];

        return [
            'obvious' => array_map(Spelling::of(...), ObviousPages::of($this->program, $this->values)),
            'kinds' => array_map($named, GlanceKind::cases()),
            'looks' => array_map($named, GlanceLook::cases()),
            'places' => array_map($named, GlancePlace::cases()),
        ];
    }

    /** @return array<string, mixed> */
    private function derivation(Derivation $one): array
    {
        return [
            'id' => $one->id(),
            'says' => $one->says(),
            'wants' => $one->wants()->words,
            'count' => count($one->wants()->of),
            'several' => $one->wants()->several,
            'home' => $one->wants()->fix,
            'timed' => $one->wants()->while,
            'number' => $this->number($one->wants()->number),
        ];
    }

    /** @return array<string, mixed>|null */
    private function number(?DerivationNumber $number): ?array
    {
        return $number === null
            ? null
            : [
                'says' => $number->words,
                'unit' => $number->unit,
                'least' => $number->least,
                'most' => $number->most,
            ];
    }
}
