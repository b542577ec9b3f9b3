<?php

namespace DuskSwitch\Core\Rehearsal;

use DuskSwitch\Core\Program\Family;

/** The scripts that can be rehearsed; kept outside the core. */
interface Scenarios
{
    /** The script of that id, or null. */
    public function scenario(string $id): ?Scenario;

    /** @return list<Scenario> those that a family flies */
    public function scenarios(Family $family): array;
}
