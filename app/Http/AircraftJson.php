<?php

namespace DuskSwitch\App\Http;

use DuskSwitch\App\Equipment\Equipment;
use DuskSwitch\App\Hangar\BrokenProgram;
use DuskSwitch\App\Hangar\Hangar;
use DuskSwitch\App\Models\Aircraft;
use DuskSwitch\App\Models\DefinitionRevision;
use DuskSwitch\App\Program\Bench;
use DuskSwitch\App\Program\Repair;
use DuskSwitch\Core\Airframe\Deflection;
use DuskSwitch\Core\Airframe\MixWords;
use DuskSwitch\Core\Airframe\Picture;
use DuskSwitch\Core\Fault\Fault;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Format\ChoicesEncoder;
use DuskSwitch\Core\Format\ProgramEncoder;
use DuskSwitch\Core\Format\StylesEncoder;
use DuskSwitch\Core\Format\TransmitterEncoder;
use DuskSwitch\Core\Kit\Catalogue;
use DuskSwitch\Core\Program\ButtonUse;
use DuskSwitch\Core\Program\ConditionTexts;
use DuskSwitch\Core\Program\ConditionUsages;
use DuskSwitch\Core\Program\CurveUsers;
use DuskSwitch\Core\Program\Family;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\Role;
use DuskSwitch\Core\Program\Routing;
use DuskSwitch\Core\Program\SteppedFunction;
use DuskSwitch\Core\Program\UnfinishedParts;
use DuskSwitch\Core\Solve\PhaseReach;
use DuskSwitch\Core\Telemetry\Threshold;
use DuskSwitch\Core\Telemetry\Values;
use DuskSwitch\Core\Units\Ruler;
use Illuminate\Http\JsonResponse;

/** Aircraft as the interface reads them. */
final readonly class AircraftJson
{
    public function __construct(
        private Hangar $hangar,
        private Bench $bench,
        private Catalogue $catalogue,
        private Repair $repair,
        private Equipment $equipment,
    ) {}

    /** @return array<string, mixed> a row of the hangar */
    public function row(Aircraft $aircraft): array
    {
        return [
            'id' => $aircraft->id,
            'name' => $aircraft->name,
            'family' => $aircraft->family,
            'familyTitle' => Family::from($aircraft->family)->title(),
            'transmitter' => $aircraft->transmitter,
            'transmitterName' => $this->equipment->find($aircraft->transmitter)->name ?? $aircraft->transmitter,
            'revision' => $aircraft->head,
            'savedAt' => ($aircraft->saved_at ?? $aircraft->current()->created_at)->toIso8601ZuluString(),
        ];
    }

    /** @throws BrokenProgram where the program can't run */
    public function answer(Aircraft $aircraft, int $status = 200): JsonResponse
    {
        $revision = $aircraft->current();
        try {
            $circuit = $this->bench->circuit($revision->document);
        } catch (Refused $refused) {
            throw new BrokenProgram($aircraft, $refused);
        }
        // With the ids that its equipment has now.
        $document = json_decode(ProgramEncoder::encode($circuit->program));
        $program = $circuit->program;
        $transmitter = $circuit->panel->transmitter;

        return new JsonResponse(
            [
                ...$this->row($aircraft),
                'uuid' => $aircraft->uuid,
                'note' => $revision->note,
                'undo' => $this->hangar->before($aircraft) === null ? null : $revision->note,
                'redo' => $this->hangar->after($aircraft)?->note,
                'document' => $document,
                'transmitterDefinition' => TransmitterEncoder::encode($transmitter),
                'sticks' => array_map(fn ($axis): string => $axis->value, $program->stickMode->axes()),
                'threads' => $this->threads($program),
                'surfaces' => array_filter(Picture::parts($program), Deflection::isSurface(...)) !== [],
                'buttons' => (object) $this->buttons($program),
                'jobs' => (object) ConditionUsages::ofControls($program),
                'curveUsers' => (object) CurveUsers::of($program),
                'gaps' => [
                    ...array_values(UnfinishedParts::of($program)),
                    ...array_values(PhaseReach::notes($circuit)),
                ],
                'words' => [
                    ...$this->words(
                        new ConditionTexts(
                            $program,
                            $transmitter,
                            (new Threshold(Values::of($program, $this->catalogue)))->say(...),
                        ),
                    ),
                    'mixing' => (object) (new MixWords($program, $transmitter))->outputs(),
                ],
                'parts' => (object) array_map(fn (Role $role): string => $role->value, Picture::parts($program)),
                'choices' => ChoicesEncoder::encode($this->catalogue->controller($program->controller ?? '')),
                'migrated' => $program->migrated,
                'styles' => StylesEncoder::encode($circuit),
                'ruler' => [
                    'from' => Ruler::FROM,
                    'to' => Ruler::TO,
                    'low' => Ruler::LOW,
                    'centre' => Ruler::CENTRE,
                    'high' => Ruler::HIGH,
                ],
            ],
            $status,
        );
    }

    /** What is wrong with a program that can't run, and what can be done. */
    public function broken(BrokenProgram $broken): JsonResponse
    {
        $aircraft = $broken->aircraft;
        $document = $aircraft->current()->document;
        $earlier = array_map(
            fn (DefinitionRevision $one): array => [
                'revision' => $one->number,
                'savedAt' => $one->created_at->toIso8601ZuluString(),
            ],
            $this->repair->earlier($document),
        );

        return new JsonResponse(
            [
                'message' => $broken->getMessage(),
                'faults' => array_map(
                    fn (Fault $one): array => ['path' => $one->path, 'says' => $one->says],
                    $broken->refused->faults,
                ),
                ...$this->row($aircraft),
                'undo' => $this->hangar->before($aircraft) === null ? null : $aircraft->current()->note,
                'transmitterIsThere' => $this->equipment->find($aircraft->transmitter) !== null,
                'earlier' => $earlier,
                'choices' => array_map(
                    fn (string $id): array => ['id' => $id, 'name' => $this->equipment->find($id)->name ?? $id],
                    $this->equipment->ids(),
                ),
            ],
            424,
        );
    }

    /** @return array<string, object> */
    private function words(ConditionTexts $words): array
    {
        return [
            'phases' => (object) $words->phases(),
            'functions' => (object) $words->functions(),
            'feeds' => (object) $words->feeds(),
            'named' => (object) $words->named(),
        ];
    }

    /** @return array<string, array{button: string, press: string}> by function id */
    private function buttons(Program $program): array
    {
        $uses = [];
        foreach ($program->functions as $function) {
            $use = $function instanceof SteppedFunction ? ButtonUse::of($function) : null;
            if ($use !== null) {
                $uses[$function->id()] = ['button' => $use->button, 'press' => $use->press->value];
            }
        }

        return $uses;
    }

    /** @return list<array{from: string, to: string, how: string}> */
    private function threads(Program $program): array
    {
        return array_map(
            fn ($thread): array => ['from' => $thread->from, 'to' => $thread->to, 'how' => $thread->how],
            Routing::threads($program),
        );
    }
}
