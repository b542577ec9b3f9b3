<?php

namespace DuskSwitch\App\Http\Controllers;

use DuskSwitch\App\Backup\Backup;
use DuskSwitch\App\Http\Body;
use DuskSwitch\App\Http\Problems;
use DuskSwitch\App\Jobs\Jobs;
use DuskSwitch\Core\Fault\Refused;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** Everything out as one file, and in again. It takes as long as it takes: jobs beside the requests do it. */
final readonly class BackupController
{
    public function __construct(private Jobs $jobs) {}

    public function backUp(): JsonResponse
    {
        $id = $this->jobs->make();
        $this->jobs->start($id, 'data:backup', []);

        return new JsonResponse(['job' => $id], 202);
    }

    /** How far a job has come. */
    public function look(string $job): JsonResponse
    {
        $found = $this->jobs->look($job);

        return $found === null ? Problems::say(404, 'There is no such job any more.') : new JsonResponse($found);
    }

    /** Stops a job at its next step; what it changed until then is undone. */
    public function stop(string $job): JsonResponse
    {
        if ($this->jobs->look($job) === null) {
            return Problems::say(404, 'There is no such job any more.');
        }
        $this->jobs->stop($job);

        return new JsonResponse(['job' => $job], 202);
    }

    /** Starts a job that was interrupted once more, with what it was given. */
    public function again(string $job): JsonResponse
    {
        return $this->jobs->look($job) !== null && $this->jobs->again($job)
            ? new JsonResponse(['job' => $job], 202)
            : Problems::say(404, 'This job can\'t be run again; start it from the beginning.');
    }

    public function download(string $job): BinaryFileResponse|JsonResponse
    {
        $file = $this->jobs->file($job, 'backup.zip');
        if ($this->jobs->look($job) === null || ! is_file($file)) {
            return Problems::say(404, 'There is no such backup any more; make another one.');
        }

        return (new BinaryFileResponse(
            $file,
            200,
            ['Content-Type' => 'application/zip'],
            false,
        ))->setContentDisposition('attachment', Backup::name());
    }

    /** Takes a backup in as it comes, and looks what it would bring. Nothing is changed. */
    public function upload(Request $request): JsonResponse
    {
        $id = $this->jobs->make();
        $this->jobs->take($id, $request, 'upload.zip');
        $this->jobs->start($id, 'data:restore', []);

        return new JsonResponse(['job' => $id], 202);
    }

    /** Restores what was taken in, the one way or the other. */
    public function restore(Request $request, string $job): JsonResponse
    {
        $body = Body::of($request, ['how']);
        $how = $body->need('how')->text(10);
        $body->done();
        if (! in_array($how, ['merge', 'replace'], true)) {
            throw Refused::because('how', 'must be merge or replace');
        }
        if ($this->jobs->look($job) === null) {
            return Problems::say(404, 'There is no such backup any more; choose the file again.');
        }
        $this->jobs->tell($job, ['done' => 0, 'total' => 0, 'state' => 'running', 'says' => '']);
        $this->jobs->start($job, 'data:restore', ["--{$how}"]);

        return new JsonResponse(['job' => $job], 202);
    }
}
