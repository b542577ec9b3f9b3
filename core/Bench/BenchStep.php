<?php

namespace DuskSwitch\Core\Bench;

use DuskSwitch\Core\Link\InstalledKit;

/** A step of the work with the aircraft in hand; what lies in `Step/` is one. */
interface BenchStep
{
    /** Its name in records. */
    public function id(): string;

    /** Its name: "Order and direction". */
    public function says(): string;

    /** Where it comes: the lower the earlier. */
    public function place(): int;

    /** True where an aircraft with that kit has something to test here. */
    public function isNeeded(InstalledKit $kit): bool;

    /**
     * What to do and to see, in order; nothing where the step has a drawing or a table of its own.
     *
     * @return list<GuideLine>
     */
    public function guide(InstalledKit $kit): array;

    /** @return list<TestedPart> what it stands on */
    public function tested(): array;
}
