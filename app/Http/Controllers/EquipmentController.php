<?php

namespace DuskSwitch\App\Http\Controllers;

use DuskSwitch\App\Equipment\DefinitionKind;
use DuskSwitch\App\Equipment\Equipment;
use DuskSwitch\App\Equipment\Usages;
use DuskSwitch\App\Hangar\Hangar;
use DuskSwitch\App\Http\Body;
use DuskSwitch\App\Http\Problems;
use DuskSwitch\App\Http\Query;
use DuskSwitch\App\Models\DefinitionRevision;
use DuskSwitch\Core\Airframe\Recipes;
use DuskSwitch\Core\Fault\Fault;
use DuskSwitch\Core\Format\RecipeEncoder;
use DuskSwitch\Core\Format\Spelling;
use DuskSwitch\Core\Format\TransmitterAnswersDecoder;
use DuskSwitch\Core\Format\TransmitterEncoder;
use DuskSwitch\Core\Format\TransmitterWriter;
use DuskSwitch\Core\Kit\Link;
use DuskSwitch\Core\Kit\NewTransmitter;
use DuskSwitch\Core\Kit\StickMode;
use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Program\CurveEdit;
use DuskSwitch\Core\Program\Family;
use DuskSwitch\Core\Program\TrainingPlan;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** What there is to choose from, and the pilot's own definitions. */
final readonly class EquipmentController
{
    public function __construct(private Equipment $equipment, private Hangar $hangar) {}

    public function index(): JsonResponse
    {
        return new JsonResponse($this->everything());
    }

    public function recipes(): JsonResponse
    {
        return new JsonResponse([
            'recipes' => array_map(RecipeEncoder::encode(...), Recipes::all()),
            'curves' => CurveEdit::presets(),
            'ladder' => array_map(Spelling::of(...), TrainingPlan::usual()),
        ]);
    }

    /** A transmitter's definition from a few answers, to be looked at and kept. */
    public function transmitter(Request $request): JsonResponse
    {
        $body = Body::of($request, ['answers']);
        $known = array_merge(
            [],
            ...array_map(
                fn (string $id): array => $this->equipment->find($id)->links ?? [],
                $this->equipment->ids(),
            ),
        );
        $answers = TransmitterAnswersDecoder::read($body->need('answers'), $known);
        $body->done();

        return new JsonResponse(['definition' => TransmitterWriter::write(NewTransmitter::of($answers))]);
    }

    public function keep(Request $request, DefinitionKind $kind): JsonResponse
    {
        $this->equipment->keep($kind, $request->getContent(), Query::whole($request, 'base'));

        return new JsonResponse($this->everything());
    }

    /** Takes a definition away. What needs it is told first; said so, it's taken away all the same. */
    public function remove(Request $request, DefinitionKind $kind, string $id): JsonResponse
    {
        $usages = Query::flag($request, 'anyway') ? [] : Usages::of($kind, $id);
        if ($usages !== [] && ! $this->equipment->isShipped($kind, $id)) {
            return Problems::say(
                409,
                'This is still needed: '.implode('; ', $usages).'. It can be brought back at any time.',
                array_map(fn (string $one): Fault => new Fault('', $one), $usages),
            );
        }

        return $this->equipment->remove($kind, $id)
            ? new JsonResponse($this->everything())
            : Problems::say(404, 'There is no such definition of your own.');
    }

    public function revisions(DefinitionKind $kind, string $id): JsonResponse
    {
        return new JsonResponse([
            'revisions' => array_map(
                fn (DefinitionRevision $one): array => [
                    'revision' => $one->number,
                    'savedAt' => $one->created_at->toIso8601ZuluString(),
                    'document' => json_decode($one->document),
                ],
                $this->equipment->revisions($kind, $id),
            ),
        ]);
    }

    /** Brings a definition back, or one of its revisions. */
    public function restore(Request $request, DefinitionKind $kind, string $id): JsonResponse
    {
        $body = Body::of($request, [], ['revision']);
        $number = $body->node->at('revision')?->whole(1, 1_000_000_000);
        $body->done();

        return $this->equipment->restore($kind, $id, $number)
            ? new JsonResponse($this->everything())
            : Problems::say(404, 'There is no such revision.');
    }

    /** @return array<string, mixed> */
    private function everything(): array
    {
        $found = array_values(array_filter(array_map($this->equipment->find(...), $this->equipment->ids())));
        $names = fn (DefinitionKind $kind): array => array_map(
            fn (array $one): \stdClass => $one['document'],
            $this->equipment->all($kind),
        );

        return [
            'transmitters' => array_map(TransmitterEncoder::encode(...), $found),
            'links' => array_map(
                fn (Transmitter $one): array => [
                    'transmitter' => $one->id,
                    'links' => array_map(self::link(...), array_values($one->links)),
                ],
                $found,
            ),
            'receivers' => $names(DefinitionKind::Receivers),
            'controllers' => $names(DefinitionKind::Controllers),
            'packs' => $names(DefinitionKind::Packs),
            'speedControllers' => $names(DefinitionKind::SpeedControllers),
            'spans' => NewTransmitter::spans(),
            'stickModes' => array_map(
                fn (StickMode $mode): array => ['mode' => $mode->value, 'says' => $mode->title()],
                StickMode::cases(),
            ),
            'usualStickMode' => $this->hangar->usualStickMode()->value,
            'families' => array_map(
                fn (Family $family): array => [
                    'id' => $family->value,
                    'title' => $family->title(),
                    'recipe' => Recipes::of($family)->id(),
                ],
                Family::cases(),
            ),
            'definitions' => array_map(
                fn (DefinitionKind $kind): array => [
                    'kind' => $kind->value,
                    'title' => $kind->title(),
                    'one' => $kind->one(),
                    'items' => $this->equipment->all($kind),
                ],
                DefinitionKind::cases(),
            ),
        ];
    }

    /** @return array<string, mixed> */
    private static function link(Link $link): array
    {
        return [
            'id' => $link->id,
            'name' => $link->name,
            'subtypes' => array_map(
                fn (string $id, array $subtype): array => ['id' => $id, 'name' => $subtype['name']],
                array_keys($link->subtypes),
                $link->subtypes,
            ),
        ];
    }
}
