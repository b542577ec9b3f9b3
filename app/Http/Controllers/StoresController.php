<?php

namespace DuskSwitch\App\Http\Controllers;

use DuskSwitch\Core\Airframe\Recipes;
use DuskSwitch\Core\Format\ExtrasEncoder;
use DuskSwitch\Core\Format\RecipeEncoder;
use DuskSwitch\Core\Format\TransmitterEncoder;
use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Kit\Transmitters;
use DuskSwitch\Core\Program\CurveEdit;
use DuskSwitch\Core\Program\Family;
use DuskSwitch\Core\Program\Ladder;
use Illuminate\Http\JsonResponse;

/** What there is to choose from. */
final class StoresController
{
    public function index(Transmitters $transmitters): JsonResponse
    {
        $found = array_filter(array_map($transmitters->find(...), $transmitters->ids()));

        return new JsonResponse([
            'transmitters' => array_map(fn (Transmitter $one): array => TransmitterEncoder::encode($one), array_values($found)),
            'families' => array_map(fn (Family $family): array => ['id' => $family->value, 'title' => $family->title()], Family::cases()),
        ]);
    }

    public function recipes(): JsonResponse
    {
        return new JsonResponse(['recipes' => array_map(RecipeEncoder::encode(...), Recipes::all()), 'curves' => CurveEdit::presets(), 'ladder' => array_map(ExtrasEncoder::rung(...), Ladder::usual())]);
    }
}
