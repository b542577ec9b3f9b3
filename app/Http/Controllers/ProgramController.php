<?php

namespace DuskSwitch\App\Http\Controllers;

use DuskSwitch\App\Hangar\Conflict;
use DuskSwitch\App\Hangar\Hangar;
use DuskSwitch\App\Http\AircraftJson;
use DuskSwitch\App\Http\Body;
use DuskSwitch\App\Models\Aircraft;
use DuskSwitch\App\Models\Revision;
use DuskSwitch\App\Program\Bench;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Format\ProgramDecoder;
use DuskSwitch\Core\Kit\Axis;
use DuskSwitch\Core\Program\ControlAssignment;
use DuskSwitch\Core\Program\Press;
use DuskSwitch\Core\Signal\Compiler;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** The program of one aircraft: read, save, undo, redo, assign. */
final readonly class ProgramController
{
    public function __construct(private Hangar $hangar, private Bench $bench, private AircraftJson $json) {}

    public function show(Aircraft $aircraft): JsonResponse
    {
        return $this->json->answer($aircraft);
    }

    public function save(Request $request, Aircraft $aircraft): JsonResponse
    {
        $body = Body::of($request, ['base', 'document'], ['note', 'uuid']);
        $base = $body->base();
        $uuid = $body->node->at('uuid')?->text(40);
        $note = $body->node->at('note')?->text(120) ?? 'Edited';
        $body->done();

        return $this->json->answer(
            $this->hangar->save($aircraft, $base, $this->bench->read($body->raw('document'))->program, $note, $uuid),
        );
    }

    public function assign(Request $request, Aircraft $aircraft): JsonResponse
    {
        $body = Body::of($request, ['base', 'function', 'to'], ['press']);
        $base = $body->base();
        $function = $body->need('function')->id();
        $press = $body->node->at('press')?->choice(Press::class) ?? Press::Held;
        $to = $body->raw('to') === null ? null : $body->need('to')->text();
        $body->done();
        $circuit = $this->bench->circuit($aircraft->revision($base)->document);
        $transmitter = $circuit->panel->transmitter;
        [$kind, $id] = explode(':', ($to ?? 'nothing').':');
        $end = match (true) {
            $to === null => null,
            $kind === 'axis' => Axis::tryFrom($id),
            default => $transmitter->control($id),
        };
        if ($to !== null && $end === null) {
            throw Refused::because(
                'to',
                "{$transmitter->name} has no {$kind} \"{$id}\"; it has {$transmitter->controlsInWords()}",
            );
        }
        $program = ControlAssignment::drive($circuit->program, $function, $end, $press);
        // What was assigned must still run: an override or case may need what went.
        Compiler::compile($program, $transmitter);
        $where = $end instanceof Axis ? "the {$end->value} stick" : $end->name ?? 'nothing';

        return $this->json->answer(
            $this->hangar->save(
                $aircraft,
                $base,
                $program,
                ($program->function($function)?->name() ?? $function)." on {$where}",
            ),
        );
    }

    public function undo(Request $request, Aircraft $aircraft): JsonResponse
    {
        return $this->turn($request, $aircraft, $this->hangar->before($aircraft), 'there is nothing to undo');
    }

    public function redo(Request $request, Aircraft $aircraft): JsonResponse
    {
        return $this->turn($request, $aircraft, $this->hangar->after($aircraft), 'there is nothing to redo');
    }

    public function take(Request $request, Aircraft $aircraft, int $number): JsonResponse
    {
        return $this->turn($request, $aircraft, $aircraft->revision($number), '');
    }

    private function turn(Request $request, Aircraft $aircraft, ?Revision $to, string $otherwise): JsonResponse
    {
        $body = Body::of($request, ['base']);
        $base = $body->base();
        $body->done();
        if ($base !== $aircraft->head) {
            throw new Conflict($base, $aircraft->current());
        }
        if ($to === null) {
            throw Refused::because('', $otherwise);
        }
        $this->hangar->turnTo($aircraft, $base, $to, ProgramDecoder::decode($to->document));

        return $this->json->answer($aircraft);
    }
}
