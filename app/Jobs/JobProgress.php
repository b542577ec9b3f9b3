<?php

namespace DuskSwitch\App\Jobs;

/** Writes how far a job has come where its page looks, a few times a second; ends it where its page wants that. */
final class JobProgress implements Progress
{
    private const SECONDS = 0.2;

    private float $told = 0.0;

    public function __construct(private readonly Jobs $jobs, private readonly string $id) {}

    /** @throws Stopped */
    public function at(int $done, int $total): void
    {
        if ($this->jobs->isToStop($this->id)) {
            throw new Stopped();
        }
        if (microtime(true) - $this->told > self::SECONDS) {
            $this->told = microtime(true);
            $this->jobs->tell($this->id, ['done' => $done, 'total' => $total, 'state' => 'running', 'says' => '']);
        }
    }
}
