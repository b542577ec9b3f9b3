<?php

namespace DuskSwitch\App\Logbook;

use DuskSwitch\App\Http\PilotZone;
use DuskSwitch\App\Models\Aircraft;
use DuskSwitch\App\Models\Flight;
use DuskSwitch\App\Models\Pack;
use DuskSwitch\App\Models\PackAct;
use DuskSwitch\Core\Kit\Catalogue;
use DuskSwitch\Core\Logbook\PackHistory;

/** Packs as the interface reads them: what they are, how they grew old, and which aircraft take their plug. */
final readonly class PackJson
{
    public function __construct(private Catalogue $catalogue) {}

    /** @return array<string, mixed> */
    public function all(): array
    {
        $plugs = $this->plugs();
        $flights = Flight::whereNotNull('pack_id')
            ->get(['pack_id', 'flown_at', 'charged'])
            ->groupBy('pack_id');

        return [
            'packs' => Pack::with('acts')
                ->orderByRaw('retired_on is not null')
                ->orderBy('label')
                ->get()
                ->map(fn (Pack $pack): array => $this->pack($pack, $flights->get($pack->id)?->all() ?? [], $plugs))
                ->all(),
            'plugs' => array_values(array_unique(array_filter(array_column($plugs, 0)))),
        ];
    }

    /**
     * @param  array<Flight>  $flights
     * @param  list<array{string, string}>  $plugs
     * @return array<string, mixed>
     */
    private function pack(Pack $pack, array $flights, array $plugs): array
    {
        $acts = $pack->acts
            ->map(
                fn (PackAct $one): array => [
                    'kind' => $one->kind,
                    'on' => substr($one->done_on, 0, 10),
                    'mah' => $one->mah,
                    'milliohms' => $one->milliohms,
                ],
            )
            ->values()
            ->all();
        $zone = PilotZone::here();
        $day = fn (Flight $one): ?string => $one->flown_at === null ? null : $zone->day($one->flown_at);
        $days = array_values(array_filter(array_map($day, $flights)));
        $afterwards = array_map(
            fn (Flight $one): array => ['on' => $day($one) ?? '', 'mah' => (float) $one->charged],
            array_values(array_filter($flights, fn (Flight $one): bool => $one->charged !== null)),
        );
        $history = PackHistory::of($acts, $days, $zone->today(), $afterwards);
        $same = fn (string $plug): string => mb_strtolower(trim($plug));

        return [
            'id' => $pack->id,
            'label' => $pack->label,
            'cells' => $pack->cells,
            'capacity' => $pack->capacity,
            'plug' => $pack->plug,
            'grams' => $pack->grams,
            'note' => $pack->note,
            'retiredOn' => $pack->retired_on === null ? null : substr($pack->retired_on, 0, 10),
            'flights' => count($flights),
            'cycles' => $history->cycles,
            'charged' => round($history->charged),
            'milliohms' => $history->milliohms,
            'growth' => $history->growth === null ? null : round($history->growth, 2),
            'isWorn' => $history->isWorn,
            'waits' => $history->waits,
            'wantsStorage' => $history->wantsStorage && $pack->retired_on === null,
            'mayWait' => $pack->retired_on === null ? $history->mayWait : null,
            'fits' => array_values(
                array_map(
                    fn (array $one): string => $one[1],
                    array_filter(
                        $plugs,
                        fn (array $one): bool => $one[0] !== '' && $same($one[0]) === $same($pack->plug),
                    ),
                ),
            ),
            'acts' => $acts,
        ];
    }

    /** @return list<array{string, string}> the plug of each aircraft's pack, and its name */
    private function plugs(): array
    {
        $plugs = [];
        foreach (Aircraft::withDocument()->get() as $aircraft) {
            $kit = json_decode((string) $aircraft->document)->aboard->kit->pack ?? null;
            $plugs[] = [is_string($kit) ? $this->catalogue->pack($kit)->plug ?? '' : '', $aircraft->name];
        }

        return $plugs;
    }
}
