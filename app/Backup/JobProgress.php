<?php

namespace DuskSwitch\App\Backup;

/** Writes how far a job has come where its page looks, a few times a second. */
final class JobProgress implements Progress
{
    private const SECONDS = 0.2;

    private float $told = 0.0;

    public function __construct(private readonly Jobs $jobs, private readonly string $id) {}

    public function at(int $done, int $total): void
    {
        if (microtime(true) - $this->told > self::SECONDS) {
            $this->told = microtime(true);
            $this->jobs->tell($this->id, ['done' => $done, 'total' => $total, 'state' => 'running', 'says' => '']);
        }
    }
}
