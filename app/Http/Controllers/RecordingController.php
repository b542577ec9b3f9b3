<?php

namespace DuskSwitch\App\Http\Controllers;

use DuskSwitch\App\Http\Query;
use DuskSwitch\App\Jobs\Jobs;
use DuskSwitch\App\Log\ColumnChoices;
use DuskSwitch\App\Log\RecordingFiles;
use DuskSwitch\App\Models\Recording;
use DuskSwitch\Core\Format\Json;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** Recordings in, by jobs beside the requests, and out again as they came. */
final readonly class RecordingController
{
    public function __construct(private Jobs $jobs, private RecordingFiles $files) {}

    /** Takes a file as it comes and begins to read it. */
    public function take(Request $request): JsonResponse
    {
        $name = $request->query->all()['name'] ?? '';
        $name = is_string($name) && mb_check_encoding($name, 'UTF-8') ? mb_substr(basename($name), 0, 120) : '';
        $aircraft = Query::whole($request, 'aircraft');
        $id = $this->jobs->make();
        $this->jobs->take($id, $request, 'upload');
        $this->jobs->start($id, 'log:import', [
            '--name='.($name === '' ? 'recording' : $name),
            ...$aircraft === null ? [] : ["--aircraft={$aircraft}"],
        ]);

        return new JsonResponse(['job' => $id], 202);
    }

    /** What a column may be, and in which units. */
    public function quantities(): JsonResponse
    {
        return new JsonResponse(['quantities' => ColumnChoices::offered()]);
    }

    /** Reads a recording once more with what the pilot says that its columns are. */
    public function columns(Request $request, Recording $recording): JsonResponse
    {
        $value = json_decode(
            json_encode(Json::decode($request->getContent(), Json::MAX_BODY_BYTES), JSON_THROW_ON_ERROR),
            true,
        );
        ColumnChoices::read($value);
        $id = $this->jobs->make();
        file_put_contents($this->jobs->file($id, 'columns.json'), json_encode($value, JSON_THROW_ON_ERROR));
        $this->jobs->start($id, 'log:import', ["--again={$recording->id}"]);

        return new JsonResponse(['job' => $id], 202);
    }

    /** The file as it came. */
    public function original(Recording $recording): BinaryFileResponse
    {
        return (new BinaryFileResponse(
            $this->files->original($recording),
            200,
            ['Content-Type' => 'application/octet-stream'],
            false,
        ))->setContentDisposition(
            'attachment',
            (string) preg_replace('/[^A-Za-z0-9._-]/', '-', $recording->name) ?: 'recording',
        );
    }
}
