<?php

namespace DuskSwitch\App\Http\Controllers;

use DuskSwitch\App\Http\Query;
use DuskSwitch\App\Logbook\LogbookImport;
use DuskSwitch\App\Logbook\LogbookJson;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Logbook\LogbookReader;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** The logbook as a file: a table or JSON, out and in. */
final readonly class LogbookFileController
{
    /** Bytes of a life of flying. */
    private const MOST = 8 << 20;

    /** All of it as a file: a table, or JSON as the interface reads it. */
    public function show(string $ending): Response
    {
        $book = new LogbookJson();
        [$text, $media] = $ending === 'csv'
            ? [$book->csv(), 'text/csv; charset=utf-8']
            : [json_encode($book->list(null), JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE)."\n", 'application/json'];

        return new Response($text, 200, [
            'Content-Type' => $media,
            'Content-Disposition' => "attachment; filename=\"logbook.{$ending}\"",
        ]);
    }

    /** Another logbook as it comes: looked at, or taken in. */
    public function take(Request $request): JsonResponse
    {
        if ((int) $request->header('Content-Length', '0') > self::MOST) {
            throw Refused::because('', 'the file has more than 8 MB, and no logbook is so long: is it a recording?');
        }
        $monthFirst = match ($request->query->all()['first'] ?? null) {
            null => null,
            'day' => false,
            'month' => true,
            default => throw Refused::because('first', 'must be day or month: what stands first in its dates'),
        };
        $reading = LogbookReader::read($request->getContent(), $monthFirst);

        return new JsonResponse((new LogbookImport())->of($reading, Query::flag($request, 'keep')));
    }
}
