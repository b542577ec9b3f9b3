<?php

namespace DuskSwitch\App\Http;

use DuskSwitch\App\Hangar\Hangar;
use DuskSwitch\App\Models\Aircraft;
use DuskSwitch\App\Program\Bench;
use DuskSwitch\Core\Airframe\MixWords;
use DuskSwitch\Core\Airframe\Picture;
use DuskSwitch\Core\Format\StylesEncoder;
use DuskSwitch\Core\Format\TransmitterEncoder;
use DuskSwitch\Core\Kit\Shelf;
use DuskSwitch\Core\Program\Family;
use DuskSwitch\Core\Program\Gaps;
use DuskSwitch\Core\Program\InWords;
use DuskSwitch\Core\Program\Loom;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Solve\PhaseReach;
use DuskSwitch\Core\Telemetry\Threshold;
use DuskSwitch\Core\Telemetry\Values;
use DuskSwitch\Core\Units\Ruler;
use Illuminate\Http\JsonResponse;

/** Aircraft as the interface reads them. */
final readonly class AircraftJson
{
    public function __construct(private Hangar $hangar, private Bench $bench, private Shelf $shelf) {}

    /** @return array<string, mixed> a row of the hangar */
    public function row(Aircraft $aircraft): array
    {
        return [
            'id' => $aircraft->id,
            'name' => $aircraft->name,
            'family' => $aircraft->family,
            'familyTitle' => Family::from($aircraft->family)->title(),
            'transmitter' => $aircraft->transmitter,
            'revision' => $aircraft->head,
            'savedAt' => ($aircraft->saved_at ?? $aircraft->current()->created_at)->toIso8601ZuluString(),
        ];
    }

    public function answer(Aircraft $aircraft, int $status = 200): JsonResponse
    {
        $revision = $aircraft->current();
        $document = json_decode($revision->document);
        $circuit = $this->bench->read($document);
        $program = $circuit->program;
        $transmitter = $circuit->panel->transmitter;

        return new JsonResponse([
            ...$this->row($aircraft),
            'note' => $revision->note,
            'undo' => $this->hangar->before($aircraft) === null ? null : $revision->note,
            'redo' => $this->hangar->after($aircraft)?->note,
            'document' => $document,
            'transmitterDefinition' => TransmitterEncoder::encode($transmitter),
            'sticks' => array_map(fn ($axis): string => $axis->value, $program->stickMode->axes()),
            'threads' => $this->threads($program),
            'gaps' => [...Gaps::of($program), ...PhaseReach::notes($circuit)],
            'words' => [...$this->words(new InWords($program, $transmitter, (new Threshold(Values::of($program, $this->shelf)))->say(...))), 'mixing' => (object) (new MixWords($program, $transmitter))->outputs()],
            'parts' => (object) Picture::parts($program),
            'styles' => StylesEncoder::encode($circuit),
            'ruler' => ['from' => Ruler::FROM, 'to' => Ruler::TO, 'low' => Ruler::LOW, 'centre' => Ruler::CENTRE, 'high' => Ruler::HIGH],
        ], $status);
    }

    /** @return array<string, object> */
    private function words(InWords $words): array
    {
        return ['phases' => (object) $words->phases(), 'functions' => (object) $words->functions(), 'feeds' => (object) $words->feeds()];
    }

    /** @return list<array{from: string, to: string, how: string}> */
    private function threads(Program $program): array
    {
        return array_map(fn ($thread): array => ['from' => $thread->from, 'to' => $thread->to, 'how' => $thread->how], Loom::threads($program));
    }
}
