<?php

namespace DuskSwitch\Core\Readiness;

use DuskSwitch\Core\Format\Fingerprint;
use DuskSwitch\Core\Kit\Catalogue;
use DuskSwitch\Core\Link\InstalledKit;
use DuskSwitch\Core\Proof\Proof;

/** All that the readiness list is made of: the program with its equipment, its proof, and what was done with it. */
final readonly class ReadinessContext
{
    public Fingerprint $print;

    /** @param  list<DoneAct>  $acts  the newest first */
    public function __construct(
        public InstalledKit $kit,
        public Catalogue $catalogue,
        public Proof $proof,
        public EnteredLines $entered,
        private array $acts,
    ) {
        $this->print = new Fingerprint($kit);
    }

    /** The newest act of a kind, or null. */
    public function last(string $kind, string $about): ?DoneAct
    {
        foreach ($this->acts as $act) {
            if ($act->kind === $kind && $act->about === $about) {
                return $act;
            }
        }

        return null;
    }
}
