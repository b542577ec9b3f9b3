<?php

namespace DuskSwitch\App\Database;

use LogicException;

/**
 * Keeps writers out while a backup takes the place of what is here. Whoever writes holds the gate open from its first
 * write until its process or its request ends; a restore shuts it, which waits for those who are inside. It is a
 * lock of
 * the machine's, so a process that dies lets go of it.
 */
final class WriteGate
{
    /** @var resource|null */
    private $held = null;

    private bool $isShutter = false;

    /** True where something was written since it was last asked. */
    private bool $isUsed = false;

    /** @param  string|null  $file  null where nobody else can reach the database: it lies in the memory */
    public function __construct(private readonly ?string $file) {}

    /**
     * Called before each write.
     *
     * @throws RestoreRunning where a restore has shut it
     */
    public function enter(): void
    {
        $this->isUsed = true;
        if ($this->file === null || $this->held !== null) {
            return;
        }
        $held = $this->open();
        // On a disk that can't be written to the write itself fails next, with its own words.
        if ($held === null) {
            return;
        }
        if (! flock($held, LOCK_SH | LOCK_NB)) {
            fclose($held);
            throw new RestoreRunning();
        }
        $this->held = $held;
    }

    /** True where something was written since this was last asked. */
    public function wasUsed(): bool
    {
        [$was, $this->isUsed] = [$this->isUsed, false];

        return $was;
    }

    /** Lets go, as a process does at its end; a test's requests share one. */
    public function leave(): void
    {
        if ($this->held !== null && ! $this->isShutter) {
            fclose($this->held);
            $this->held = null;
        }
    }

    /**
     * Shuts it for everybody else until {@see self::reopen()}.
     *
     * @param  float  $patience  seconds to wait for those who write
     * @return bool false where they still did
     */
    public function shut(float $patience): bool
    {
        if ($this->file === null || $this->isShutter) {
            return true;
        }
        if ($this->held !== null) {
            throw new LogicException('Whoever has written can\'t shut the gate: it would wait for itself.');
        }
        $held = $this->open();
        $until = microtime(true) + $patience;
        for (; $held !== null && ! flock($held, LOCK_EX | LOCK_NB); usleep(20_000)) {
            if (microtime(true) > $until) {
                fclose($held);

                return false;
            }
        }
        [$this->held, $this->isShutter] = [$held, true];

        return true;
    }

    public function reopen(): void
    {
        if ($this->held !== null) {
            fclose($this->held);
        }
        [$this->held, $this->isShutter] = [null, false];
    }

    /** @return resource|null */
    private function open()
    {
        // "e": a job that is started meanwhile must not hold it, too.
        $file = @fopen((string) $this->file, 'ce');

        return $file === false ? null : $file;
    }
}
