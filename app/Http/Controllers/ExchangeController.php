<?php

namespace DuskSwitch\App\Http\Controllers;

use DuskSwitch\App\Hangar\Hangar;
use DuskSwitch\App\Http\AircraftJson;
use DuskSwitch\App\Models\Aircraft;
use DuskSwitch\App\Program\Bench;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;

/** Programs in and out as files. */
final class ExchangeController
{
    public function export(Aircraft $aircraft): Response
    {
        $file = (Str::slug($aircraft->name) ?: 'program')."-r{$aircraft->head}.json";

        return new Response($aircraft->current()->document, 200, [
            'Content-Type' => 'application/json',
            'Content-Disposition' => "attachment; filename=\"{$file}\"",
        ]);
    }

    public function import(Request $request, Bench $bench, Hangar $hangar, AircraftJson $json): JsonResponse
    {
        return $json->answer($hangar->add($bench->circuit($request->getContent())->program, 'Imported from a file'), 201);
    }
}
