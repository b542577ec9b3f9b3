<?php

namespace DuskSwitch\App\Http\Controllers;

use DuskSwitch\App\Http\Query;
use DuskSwitch\App\Models\Aircraft;
use DuskSwitch\App\Program\Bench;
use DuskSwitch\Core\Format\SheetEncoder;
use DuskSwitch\Core\Sheet\Sheet;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;

/** What to key in, for the program's own transmitter or for another: on the screen, as a file, on paper. */
final readonly class SheetController
{
    public function __construct(private Bench $bench) {}

    public function show(Request $request, Aircraft $aircraft): JsonResponse
    {
        return new JsonResponse(SheetEncoder::encode($this->sheet($request, $aircraft)));
    }

    public function csv(Request $request, Aircraft $aircraft): Response
    {
        $file = (Str::slug($aircraft->name) ?: 'program')."-r{$aircraft->head}-sheet.csv";

        return new Response(SheetEncoder::csv($this->sheet($request, $aircraft)), 200, ['Content-Type' => 'text/csv; charset=utf-8', 'Content-Disposition' => "attachment; filename=\"{$file}\""]);
    }

    public function page(Request $request, Aircraft $aircraft): Response
    {
        return new Response(SheetEncoder::html($this->sheet($request, $aircraft)), 200, ['Content-Type' => 'text/html; charset=utf-8']);
    }

    private function sheet(Request $request, Aircraft $aircraft): Sheet
    {
        return $this->bench->sheet($aircraft->current()->document, Query::id($request, 'transmitter'));
    }
}
