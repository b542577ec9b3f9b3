<?php

namespace DuskSwitch\App\Http\Controllers;

use DuskSwitch\App\Equipment\Equipment;
use DuskSwitch\App\Http\Body;
use DuskSwitch\App\Models\Pilot;
use DuskSwitch\Core\Units\UnitSystem;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** What holds for all of a pilot's aircraft. */
final readonly class PilotController
{
    public function __construct(private Equipment $equipment) {}

    public function show(): JsonResponse
    {
        return new JsonResponse([
            'units' => Pilot::here()->units->value,
            'systems' => array_map(
                fn (UnitSystem $one): array => ['id' => $one->value, 'says' => $one->says()],
                UnitSystem::cases(),
            ),
        ]);
    }

    public function change(Request $request): JsonResponse
    {
        $body = Body::of($request, ['units']);
        $units = $body->need('units')->choice(UnitSystem::class);
        $body->done();
        Pilot::here()
            ->fill(['units' => $units])
            ->save();
        $this->equipment->forget();

        return $this->show();
    }
}
