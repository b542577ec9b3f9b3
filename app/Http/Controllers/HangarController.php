<?php

namespace DuskSwitch\App\Http\Controllers;

use DuskSwitch\App\Hangar\Hangar;
use DuskSwitch\App\Http\AircraftJson;
use DuskSwitch\App\Http\Body;
use DuskSwitch\App\Models\Aircraft;
use DuskSwitch\App\Program\Bench;
use DuskSwitch\Core\Airframe\FirstProgram;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Format\ChosenSettings;
use DuskSwitch\Core\Format\ProgramDecoder;
use DuskSwitch\Core\Kit\Catalogue;
use DuskSwitch\Core\Kit\StickMode;
use DuskSwitch\Core\Program\Family;
use DuskSwitch\Core\Signal\Compiler;
use DuskSwitch\Core\Solve\RangesFromSwitches;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** All aircraft: make, copy, name, delete, bring back. */
final readonly class HangarController
{
    public function __construct(
        private Hangar $hangar,
        private Bench $bench,
        private AircraftJson $json,
        private Catalogue $catalogue,
    ) {}

    public function index(): JsonResponse
    {
        return new JsonResponse(['aircraft' => Aircraft::withSavedAt()->get()->map($this->json->row(...))->all()]);
    }

    public function store(Request $request): JsonResponse
    {
        $body = Body::of($request, ['name', 'family', 'transmitter'], ['receiver', 'controller', 'settings', 'stickMode']);
        $name = $body->need('name')->text();
        $family = $body->need('family')->choice(Family::class);
        $transmitter = $body->need('transmitter')->id();
        $receiver = $body->node->at('receiver')?->id();
        $controller = $body->node->at('controller')?->id();
        $stickMode = StickMode::from($body->node->at('stickMode')?->whole(1, 4) ?? StickMode::Two->value);
        $settings = $body->node->at('settings');
        $settings = $settings === null ? [] : ChosenSettings::read($settings);
        $body->done();
        $sender = $this->bench->transmitter($transmitter);
        $box =
            $controller === null
                ? null
                : $this->catalogue->controller($controller) ?? self::none('controller', $controller);
        $program = FirstProgram::program(
            $family,
            $name,
            $sender,
            $receiver === null ? null : $this->catalogue->receiver($receiver) ?? self::none('receiver', $receiver),
            $box,
            $settings,
            $stickMode,
        );
        $program = RangesFromSwitches::completed(Compiler::compile($program, $sender), $box);

        return $this->json->answer($this->hangar->add($program, 'New from the family'), 201);
    }

    private static function none(string $kind, string $id): never
    {
        throw Refused::because($kind, "there is no {$kind} \"{$id}\" in Equipment; choose one that is there, or none");
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
