<?php

namespace DuskSwitch\App\Http\Controllers;

use DuskSwitch\App\Hangar\Entries;
use DuskSwitch\App\Http\Body;
use DuskSwitch\App\Http\Query;
use DuskSwitch\App\Models\Aircraft;
use DuskSwitch\App\Program\Bench;
use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Format\SheetEncoder;
use DuskSwitch\Core\Sheet\Sheet;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;

/** What to key in, for the program's own transmitter or for another: on the screen, as a file, on paper. */
final readonly class SheetController
{
    public function __construct(private Bench $bench, private Entries $entries) {}

    public function show(Request $request, Aircraft $aircraft): JsonResponse
    {
        return $this->answer($aircraft, $this->sheet($request, $aircraft));
    }

    /** Keeps which lines were entered into a transmitter, or no more. */
    public function tick(Request $request, Aircraft $aircraft): JsonResponse
    {
        $body = Body::of($request, ['transmitter', 'revision', 'keys', 'done']);
        $transmitter = $body->need('transmitter')->id();
        $revision = $body->need('revision')->whole(1, 1_000_000);
        $keys = array_map(fn (JsonCursor $key): string => $key->text(40), $body->need('keys')->items(2000, 1));
        $done = $body->need('done')->flag();
        $body->done();
        if ($revision !== $aircraft->head) {
            throw Refused::because(
                'revision',
                "the program is at revision {$aircraft->head} now, and these lines are of {$revision}: look at the ".
                    'sheet again, then tick them',
            );
        }
        $sheet = $this->bench->sheet($aircraft->current()->document, $transmitter);
        $this->entries->tick($aircraft, $sheet, $keys, $done);

        return $this->answer($aircraft, $sheet);
    }

    /** What the sheet has no more was taken out of the transmitter. */
    public function takenOut(Request $request, Aircraft $aircraft): JsonResponse
    {
        $body = Body::of($request, ['transmitter']);
        $transmitter = $body->need('transmitter')->id();
        $body->done();
        $sheet = $this->bench->sheet($aircraft->current()->document, $transmitter);
        $this->entries->forget($aircraft, $sheet);

        return $this->answer($aircraft, $sheet);
    }

    private function answer(Aircraft $aircraft, Sheet $sheet): JsonResponse
    {
        return new JsonResponse([
            ...SheetEncoder::encode($sheet),
            'entered' => (object) $this->entries->of($aircraft, $sheet),
            'gone' => $this->entries->gone($aircraft, $sheet),
        ]);
    }

    public function csv(Request $request, Aircraft $aircraft): Response
    {
        $file = (Str::slug($aircraft->name) ?: 'program')."-r{$aircraft->head}-sheet.csv";

        return new Response(SheetEncoder::csv($this->sheet($request, $aircraft)), 200, [
            'Content-Type' => 'text/csv; charset=utf-8',
            'Content-Disposition' => "attachment; filename=\"{$file}\"",
        ]);
    }

    public function page(Request $request, Aircraft $aircraft): Response
    {
        $of = "Revision {$aircraft->head}, printed on ".now()->format('j F Y').'.';

        return new Response(SheetEncoder::html($this->sheet($request, $aircraft), $of), 200, [
            'Content-Type' => 'text/html; charset=utf-8',
        ]);
    }

    private function sheet(Request $request, Aircraft $aircraft): Sheet
    {
        return $this->bench->sheet($aircraft->current()->document, Query::id($request, 'transmitter'));
    }
}
