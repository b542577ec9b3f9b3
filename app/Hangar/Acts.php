<?php

namespace DuskSwitch\App\Hangar;

use DuskSwitch\App\Models\Act;
use DuskSwitch\App\Models\Aircraft;
use DuskSwitch\App\Program\Bench;
use DuskSwitch\Core\Bench\BenchSteps;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Format\Fingerprint;
use DuskSwitch\Core\Kit\Catalogue;
use DuskSwitch\Core\Link\InstalledKit;
use DuskSwitch\Core\Signal\Circuit;
use Illuminate\Support\Collection;
use LogicException;

/** What was done with an aircraft in hand, and whether it still holds: it does while what it tested is as it was. */
final readonly class Acts
{
    public const BINDING = 'binding';

    public function __construct(private Bench $bench, private Catalogue $catalogue) {}

    /** What is aboard as the program is now. */
    public function kit(Aircraft $aircraft): InstalledKit
    {
        return $this->of($this->bench->circuit($aircraft->current()->document));
    }

    /**
     * @param  InstalledKit  $kit  what is aboard now
     * @param  list<string>  $items  what was ticked, or with what it was done
     */
    public function keep(
        Aircraft $aircraft,
        InstalledKit $kit,
        string $kind,
        string $about,
        array $items,
        ?string $note,
    ): void {
        Act::create([
            'aircraft_id' => $aircraft->id,
            'kind' => $kind,
            'about' => $about,
            'revision' => $aircraft->head,
            'fingerprint' => self::fingerprint($kit, $kind, $about),
            'items' => $items,
            'note' => $note,
        ]);
    }

    /** @return Collection<int, Act> the newest first */
    public function last(Aircraft $aircraft, string $kind, string $about, int $most): Collection
    {
        return Act::where('aircraft_id', $aircraft->id)
            ->where('kind', $kind)
            ->where('about', $about)
            ->orderByDesc('id')
            ->limit($most)
            ->get();
    }

    /** True while what it tested is as it was. */
    public function holds(Aircraft $aircraft, Act $act, InstalledKit $now): bool
    {
        return $this->tested($aircraft, $act) === self::fingerprint($now, $act->kind, $act->about);
    }

    /** The fingerprint of what an act tested; null where nobody knows any more. */
    public function tested(Aircraft $aircraft, Act $act): ?string
    {
        if ($act->fingerprint !== null) {
            return $act->fingerprint;
        }
        $revision = $aircraft->revisions()->where('number', $act->revision)->first();
        try {
            return $revision === null
                ? null
                : self::fingerprint($this->of($this->bench->circuit($revision->document)), $act->kind, $act->about);
        } catch (Refused) {
            // That revision can't be read any more: nobody knows what was tested.
            return null;
        }
    }

    /** What is aboard of a program that runs. */
    public function of(Circuit $circuit): InstalledKit
    {
        return InstalledKit::of($circuit->program, $circuit->panel->transmitter, $this->catalogue);
    }

    private static function fingerprint(InstalledKit $kit, string $kind, string $about): string
    {
        $print = new Fingerprint($kit);

        return match ($kind) {
            'bind' => $print->binding(),
            'test' => $print->step(
                BenchSteps::by($about) ?? throw new LogicException("There is no step at the bench called {$about}."),
            ),
            'aside' => $print->equipment(),
            default => $print->whole(),
        };
    }
}
