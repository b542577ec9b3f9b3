<?php

namespace DuskSwitch\App\Http\Controllers;

use DuskSwitch\App\Stores\ShippedShelf;
use DuskSwitch\Core\Airframe\Recipes;
use DuskSwitch\Core\Format\ExtrasEncoder;
use DuskSwitch\Core\Format\RecipeEncoder;
use DuskSwitch\Core\Format\TransmitterEncoder;
use DuskSwitch\Core\Kit\Link;
use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Kit\Transmitters;
use DuskSwitch\Core\Program\CurveEdit;
use DuskSwitch\Core\Program\Family;
use DuskSwitch\Core\Program\Ladder;
use Illuminate\Http\JsonResponse;

/** What there is to choose from. */
final class StoresController
{
    public function index(Transmitters $transmitters, ShippedShelf $shelf): JsonResponse
    {
        $found = array_filter(array_map($transmitters->find(...), $transmitters->ids()));

        return new JsonResponse([
            'transmitters' => array_map(fn (Transmitter $one): array => TransmitterEncoder::encode($one), array_values($found)),
            'links' => array_map(fn (Transmitter $one): array => ['transmitter' => $one->id, 'links' => array_map(fn (Link $link): array => [
                'id' => $link->id, 'name' => $link->name,
                'subtypes' => array_map(fn (string $id, array $subtype): array => ['id' => $id, 'name' => $subtype['name']], array_keys($link->subtypes), $link->subtypes),
            ], array_values($one->links))], array_values($found)),
            'receivers' => $shelf->documents('receivers'),
            'controllers' => $shelf->documents('controllers'),
            'packs' => $shelf->documents('packs'),
            'speedControllers' => $shelf->documents('speed-controllers'),
            'families' => array_map(fn (Family $family): array => ['id' => $family->value, 'title' => $family->title()], Family::cases()),
        ]);
    }

    public function recipes(): JsonResponse
    {
        return new JsonResponse(['recipes' => array_map(RecipeEncoder::encode(...), Recipes::all()), 'curves' => CurveEdit::presets(), 'ladder' => array_map(ExtrasEncoder::rung(...), Ladder::usual())]);
    }
}
