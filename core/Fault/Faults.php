<?php

namespace DuskSwitch\Core\Fault;

/**
 * Collects faults while a document is read, so that all of them can be told at once.
 * The one mutable thing that a reading needs; it lives as long as the reading.
 */
final class Faults
{
    /** A message longer than this helps nobody: later faults are counted, not kept. */
    private const KEPT = 50;

    /** @var list<Fault> */
    private array $faults = [];

    private int $more = 0;

    /** Notes that what stands at $path is wrong. */
    public function add(string $path, string $says): void
    {
        if (count($this->faults) < self::KEPT) {
            $this->faults[] = new Fault($path, $says);
        } else {
            $this->more++;
        }
    }

    /** True while nothing wrong was found. */
    public function none(): bool
    {
        return $this->faults === [];
    }

    /** How many there are, those included that aren't kept. */
    public function count(): int
    {
        return count($this->faults) + $this->more;
    }

    /**
     * Ends the reading.
     *
     * @throws Refused when anything was wrong
     */
    public function refuseAny(): void
    {
        if ($this->faults === []) {
            return;
        }
        $faults = $this->faults;
        if ($this->more > 0) {
            $faults[] = new Fault('', "and {$this->more} more like these");
        }
        throw new Refused($faults);
    }
}
