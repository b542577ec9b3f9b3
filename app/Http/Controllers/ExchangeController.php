<?php

namespace DuskSwitch\App\Http\Controllers;

use DuskSwitch\App\Equipment\DefinitionKind;
use DuskSwitch\App\Equipment\Equipment;
use DuskSwitch\App\Hangar\Decision;
use DuskSwitch\App\Hangar\Hangar;
use DuskSwitch\App\Hangar\Import;
use DuskSwitch\App\Hangar\WholeExport;
use DuskSwitch\App\Http\AircraftJson;
use DuskSwitch\App\Http\Body;
use DuskSwitch\App\Models\Aircraft;
use DuskSwitch\App\Program\Bench;
use DuskSwitch\Core\Format\Json;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;

/** Programs in and out as files. */
final class ExchangeController
{
    public function __construct(
        private Bench $bench,
        private Hangar $hangar,
        private Import $import,
        private Equipment $equipment,
        private AircraftJson $json,
    ) {}

    /** The program alone. */
    public function export(Aircraft $aircraft): Response
    {
        return self::file($aircraft, $aircraft->current()->document, 'json');
    }

    /** The program with every definition that it uses. */
    public function whole(Aircraft $aircraft): Response
    {
        return self::file($aircraft, WholeExport::write($aircraft->current()->document, $this->equipment), 'whole.json');
    }

    /** A program, or a whole export whose definitions are the same as here, or not here yet. */
    public function import(Request $request): JsonResponse
    {
        $value = Json::decode($request->getContent(), Json::MAX_BODY_BYTES);
        if (! WholeExport::is($value)) {
            return $this->json->answer(
                $this->hangar->add($this->bench->circuit($request->getContent())->program, 'Imported from a file'),
                201,
            );
        }
        $export = WholeExport::read($value);
        $differing = $this->import->differing($export);
        if ($differing !== []) {
            $count = count($differing);

            return new JsonResponse(
                [
                    'message' => ($count === 1 ? 'One definition in this file is' : "{$count} definitions in this ".
                        'file are').
                        ' here already, and different. Choose what becomes of each.',
                    'differing' => $differing,
                ],
                409,
            );
        }

        return $this->json->answer($this->import->take($export, []), 201);
    }

    /** A whole export, with what becomes of the definitions that differ. */
    public function decided(Request $request): JsonResponse
    {
        $body = Body::of($request, ['export', 'decisions']);
        $decisions = [];
        foreach ($body->need('decisions')->items(64) as $item) {
            $item->keys(['kind', 'id', 'do']);
            $kind = $item->at('kind')?->choice(DefinitionKind::class) ?? DefinitionKind::Packs;
            $decisions["{$kind->value} {$item->at('id')?->id()}"] =
                $item->at('do')?->choice(Decision::class) ?? Decision::New;
        }
        $body->done();

        return $this->json->answer($this->import->take(WholeExport::read($body->raw('export')), $decisions), 201);
    }

    private static function file(Aircraft $aircraft, string $text, string $ending): Response
    {
        $file = (Str::slug($aircraft->name) ?: 'program')."-r{$aircraft->head}.{$ending}";

        return new Response($text, 200, [
            'Content-Type' => 'application/json',
            'Content-Disposition' => "attachment; filename=\"{$file}\"",
        ]);
    }
}
