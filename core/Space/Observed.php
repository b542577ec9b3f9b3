<?php

namespace DuskSwitch\Core\Space;

/** What can be told of a program: in a whole region, or for one hand. */
interface Observed
{
    /**
     * Where the pulse of a channel is, in µs, both ends inclusive; none where the program has no such output.
     *
     * @return list<array{int, int}>
     */
    public function pulses(int $channel): array;

    /** Whether an output stops at a limit, as bits of {@see Truth}. */
    public function clips(int $channel): int;

    /**
     * @return list<int> the places of the steps that a stepped function may be in; none where there's no such function
     */
    public function steps(string $function): array;

    /** @return non-empty-list<int> the places of the phases that may be active */
    public function phases(): array;

    /** @return non-empty-list<array{float, float}> where an input is */
    public function input(int $input): array;
}
