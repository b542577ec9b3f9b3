<?php

namespace DuskSwitch\Core\Rehearsal;

/** The scripts that can be rehearsed; kept outside the core. */
interface Scenarios
{
    /** The script of that id, or null. */
    public function scenario(string $id): ?Scenario;

    /** @return list<Scenario> all of them */
    public function scenarios(): array;
}
