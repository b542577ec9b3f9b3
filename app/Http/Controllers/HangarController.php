<?php

namespace DuskSwitch\App\Http\Controllers;

use DuskSwitch\App\Hangar\Hangar;
use DuskSwitch\App\Http\AircraftJson;
use DuskSwitch\App\Http\Body;
use DuskSwitch\App\Models\Aircraft;
use DuskSwitch\App\Program\Bench;
use DuskSwitch\Core\Airframe\FirstProgram;
use DuskSwitch\Core\Format\ProgramDecoder;
use DuskSwitch\Core\Program\Family;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** All aircraft: make, copy, name, delete, bring back. */
final readonly class HangarController
{
    public function __construct(private Hangar $hangar, private Bench $bench, private AircraftJson $json) {}

    public function index(): JsonResponse
    {
        return new JsonResponse(['aircraft' => Aircraft::withSavedAt()->get()->map($this->json->row(...))->all()]);
    }

    public function store(Request $request): JsonResponse
    {
        $body = Body::of($request, ['name', 'family', 'transmitter']);
        $name = $body->need('name')->text();
        $family = $body->need('family')->choice(Family::class);
        $id = $body->need('transmitter')->id();
        $body->done();

        return $this->json->answer(
            $this->hangar->add(
                FirstProgram::program($family, $name, $this->bench->transmitter($id)),
                'New from the family',
            ),
            201,
        );
    }

    public function duplicate(Aircraft $aircraft): JsonResponse
    {
        $program = ProgramDecoder::decode($aircraft->current()->document);

        return $this->json->answer(
            $this->hangar->add(
                $program->named(mb_substr($program->name, 0, 55).' copy'),
                "Copied from {$program->name}",
            ),
            201,
        );
    }

    public function rename(Request $request, Aircraft $aircraft): JsonResponse
    {
        $body = Body::of($request, ['name', 'base']);
        $name = $body->need('name')->text();
        $base = $body->base();
        $body->done();
        $program = ProgramDecoder::decode($aircraft->revision($base)->document);

        return $this->json->answer(
            $this->hangar->save($aircraft, $base, $program->named($name), "Renamed {$program->name} to {$name}"),
        );
    }

    public function destroy(Request $request, Aircraft $aircraft): JsonResponse
    {
        $body = Body::of($request, ['base']);
        $base = $body->base();
        $body->done();
        $this->hangar->delete($aircraft, $base);

        return new JsonResponse(['id' => $aircraft->id, 'name' => $aircraft->name]);
    }

    public function restore(Request $request, int $aircraft): JsonResponse
    {
        $body = Body::of($request, ['base']);
        $base = $body->base();
        $body->done();

        return $this->json->answer($this->hangar->restore($aircraft, $base));
    }
}
