<?php

namespace DuskSwitch\App\Log;

use DuskSwitch\App\Jobs\Jobs;
use DuskSwitch\App\Jobs\Progress;
use DuskSwitch\App\Models\Recording;
use DuskSwitch\Core\Fault\Refused;
use Illuminate\Support\LazyCollection;

/** Recordings that came with a backup, whose columns weren't read here yet. */
final readonly class UnreadRecordings
{
    public function __construct(private RecordingFiles $files, private Imports $imports, private Jobs $jobs) {}

    public function any(): bool
    {
        return $this->unread()->isNotEmpty();
    }

    /** Begins to read them beside the requests, where there are any. */
    public function begin(): void
    {
        $this->any() && $this->jobs->start($this->jobs->make(), 'log:read-again', []);
    }

    /**
     * Reads one where it needs it and is small enough; else all are read beside the requests.
     *
     * @param  int  $most  bytes
     * @return bool false where it is still to be read
     */
    public function read(Recording $recording, int $most): bool
    {
        if ($recording->bytes <= $most || ! $this->files->isUnread($recording)) {
            $this->one($recording);

            return true;
        }
        $this->begin();

        return false;
    }

    /** Reads them one after the other. */
    public function all(Progress $progress): void
    {
        $total = Recording::count();
        foreach ($this->unread() as $done => $recording) {
            $this->one($recording);
            $progress->at($done + 1, max($total, $done + 1));
        }
    }

    private function one(Recording $recording): void
    {
        if (! $this->files->isUnread($recording)) {
            return;
        }
        try {
            $this->imports->readAgain($recording);
        } catch (Refused) {
            // This version can't read what another could: its facts stay, and the file as it came.
        }
    }

    /** @return LazyCollection<int, Recording> */
    private function unread(): LazyCollection
    {
        return Recording::query()
            ->orderBy('id')
            ->lazyById(100)
            ->filter(fn (Recording $one): bool => $this->files->isUnread($one))
            ->values();
    }
}
