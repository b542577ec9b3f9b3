<?php

namespace DuskSwitch\App\Hangar;

use DuskSwitch\App\Models\Act;
use DuskSwitch\App\Models\Aircraft;
use DuskSwitch\App\Program\Bench;
use DuskSwitch\App\Program\Prover;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Kit\Catalogue;
use DuskSwitch\Core\Proof\Proof;
use DuskSwitch\Core\Readiness\DoneAct;
use DuskSwitch\Core\Readiness\EnteredLines;
use DuskSwitch\Core\Readiness\Readiness;
use DuskSwitch\Core\Readiness\ReadinessContext;
use DuskSwitch\Core\Readiness\ReadinessItem;
use DuskSwitch\Core\Sheet\Sheet;

/** The readiness list of an aircraft from its program and what was done with it. */
final readonly class ReadinessBook
{
    /** What a pilot set aside, or no longer does. */
    private const ASIDE = 'aside';

    public function __construct(
        private Bench $bench,
        private Prover $prover,
        private Acts $acts,
        private Entries $entries,
        private Catalogue $catalogue,
    ) {}

    /** @throws Refused where the program can't run */
    public function of(Aircraft $aircraft): Readiness
    {
        $circuit = $this->bench->circuit($aircraft->current()->document);
        $sheet = Sheet::of($circuit->program, $circuit->panel->transmitter, $this->catalogue);
        $states = array_count_values(array_column($this->entries->of($aircraft, $sheet), 'state'));

        return Readiness::of(
            new ReadinessContext(
                $this->acts->of($circuit),
                $this->catalogue,
                Proof::of($this->prover->context($circuit)),
                new EnteredLines(
                    $states['done'] ?? 0,
                    ($states['changed'] ?? 0) + count($this->entries->gone($aircraft, $sheet)),
                    count($sheet->lines()),
                ),
                $this->done($aircraft),
            ),
        );
    }

    /**
     * Keeps that an item doesn't apply, or that it does again.
     *
     * @param  string|null  $reason  null takes it back
     *
     * @throws Refused where the item is never set aside
     */
    public function setAside(Aircraft $aircraft, ReadinessItem $item, ?string $reason): void
    {
        if (! $item->canBeSetAside()) {
            throw Refused::because(
                'item',
                "\"{$item->title()}\" always applies; mend what is open there, or accept a finding with its reason",
            );
        }
        $this->acts->keep($aircraft, $this->acts->kit($aircraft), self::ASIDE, $item->value, [], $reason);
    }

    /** @return list<DoneAct> the newest of each kind and thing */
    private function done(Aircraft $aircraft): array
    {
        $newest = Act::query()
            ->where('aircraft_id', $aircraft->id)
            ->whereIn('kind', ['bind', 'test', 'check', self::ASIDE])
            ->groupBy('kind', 'about')
            ->selectRaw('max(id)');
        $acts = [];
        foreach (Act::query()->whereIn('id', $newest)->orderByDesc('id')->get() as $act) {
            $acts[] = new DoneAct(
                $act->kind,
                $act->about,
                $this->acts->tested($aircraft, $act),
                $act->created_at->toIso8601ZuluString(),
                $act->note,
            );
        }

        return $acts;
    }
}
