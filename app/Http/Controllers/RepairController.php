<?php

namespace DuskSwitch\App\Http\Controllers;

use DuskSwitch\App\Hangar\Hangar;
use DuskSwitch\App\Http\AircraftJson;
use DuskSwitch\App\Http\Body;
use DuskSwitch\App\Models\Aircraft;
use DuskSwitch\App\Program\Bench;
use DuskSwitch\App\Program\Repair;
use DuskSwitch\Core\Kit\Control;
use DuskSwitch\Core\Move\ControlPlacement;
use DuskSwitch\Core\Signal\Compiler;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Makes a program run again whose transmitter is gone, or isn't what it was. */
final readonly class RepairController
{
    public function __construct(
        private Hangar $hangar,
        private Bench $bench,
        private Repair $repair,
        private AircraftJson $json,
    ) {}

    /** Moves the program to a transmitter as it is now; said with `dry`, it only tells what that would do. */
    public function repair(Request $request, Aircraft $aircraft): JsonResponse
    {
        $body = Body::of($request, ['base', 'transmitter'], ['dry', 'controls']);
        $base = $body->base();
        $id = $body->need('transmitter')->id();
        $dry = $body->node->at('dry')?->flag() ?? false;
        $wanted = [];
        foreach ($body->node->at('controls')?->items(40) ?? [] as $item) {
            $item->keys(['from', 'to']);
            $wanted[$item->at('from')?->id() ?? ''] = $item->at('to')?->id() ?? '';
        }
        $body->done();
        $to = $this->bench->transmitter($id);
        $moved = $this->repair->moved($aircraft->revision($base)->document, $to, $wanted);
        Compiler::compile($moved->program, $to);
        if ($dry) {
            return new JsonResponse([
                'controls' => array_values(
                    array_map(
                        fn (ControlPlacement $one): array => [
                            'from' => $one->from->id,
                            'name' => $one->from->name,
                            'to' => $one->to->id,
                        ],
                        $moved->controls,
                    ),
                ),
                'choices' => array_map(
                    fn (Control $one): array => ['id' => $one->id, 'name' => $one->name],
                    $to->controls,
                ),
                'losses' => $moved->losses,
            ]);
        }

        return $this->json->answer(
            $this->hangar->save($aircraft, $base, $moved->program, "On {$to->name} as it is now"),
        );
    }
}
