<?php

namespace DuskSwitch\App\Http\Controllers;

use DuskSwitch\App\Http\Body;
use DuskSwitch\App\Http\Proposal;
use DuskSwitch\App\Program\Bench;
use DuskSwitch\Core\Airframe\Throws\AskedThrows;
use DuskSwitch\Core\Airframe\Throws\ThrowMeasure;
use DuskSwitch\Core\Airframe\Throws\ThrowNotes;
use DuskSwitch\Core\Airframe\Throws\ThrowSolver;
use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Format\ThrowsEncoder;
use DuskSwitch\Core\Program\ThrowUnit;
use DuskSwitch\Core\Signal\Compiler;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** How far surfaces go: measured on the model, asked for in mm or degrees. */
final readonly class ThrowsController
{
    public function __construct(private Bench $bench, private Proposal $proposal) {}

    public function look(Request $request): JsonResponse
    {
        $body = Body::of($request, ['document', 'unit']);
        $unit = $body->need('unit')->choice(ThrowUnit::class) ?? ThrowUnit::Millimetres;
        $body->done();

        return new JsonResponse((new ThrowsEncoder($this->bench->read($body->raw('document')), $unit))->encode());
    }

    /** What was measured of a surface. */
    public function measure(Request $request): JsonResponse
    {
        $body = Body::of($request, ['document', 'channel', 'unit', 'moved'], ['chord']);
        $channel = $body->need('channel')->whole(1, 32);
        $unit = $body->need('unit')->choice(ThrowUnit::class) ?? ThrowUnit::Millimetres;
        $moved = array_map(function (JsonCursor $item) use ($unit): float {
            $item->keys(['by', 'way']);
            $by = $item->at('by')?->number(0, $unit->most()) ?? 0.0;

            return ($item->at('way')?->whole(0, 1) ?? 0) === 0 ? -$by : $by;
        }, $body->need('moved')->items(3, 3));
        $chord = $body->node->at('chord')?->number(1, 1000);
        $body->done();
        $circuit = $this->bench->read($body->raw('document'));

        return $this->proposal->answer(
            $circuit,
            (new ThrowMeasure($circuit))->kept(
                $channel,
                $unit,
                [$moved[0] ?? 0.0, $moved[1] ?? 0.0, $moved[2] ?? 0.0],
                $chord,
            ),
        );
    }

    /** The travel and rates that throws in mm or degrees ask for. */
    public function solve(Request $request): JsonResponse
    {
        $body = Body::of($request, ['document', 'function', 'unit', 'wanted']);
        $id = $body->need('function')->id();
        $unit = $body->need('unit')->choice(ThrowUnit::class) ?? ThrowUnit::Millimetres;
        $most = $unit->most();
        $wanted = [];
        foreach ($body->need('wanted')->items(24, 1) as $item) {
            $item->keys(['place', 'below', 'above']);
            $wanted[$item->at('place')?->text(60) ?? ''] = [
                $item->at('below')?->number(0, $most) ?? 0.0,
                $item->at('above')?->number(0, $most) ?? 0.0,
            ];
        }
        $body->done();
        $circuit = $this->bench->read($body->raw('document'));
        $function =
            $circuit->program->function($id) ??
            throw Refused::because('function', "there is no function \"{$id}\" in {$circuit->program->name}");
        $asked = new AskedThrows($function, $unit, $wanted);
        $solved = ThrowSolver::solve($circuit, $asked);

        return $this->proposal->answer(
            $circuit,
            $solved,
            ThrowNotes::of($circuit->program, Compiler::compile($solved, $circuit->panel->transmitter), $asked),
        );
    }
}
