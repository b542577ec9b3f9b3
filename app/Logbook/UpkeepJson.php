<?php

namespace DuskSwitch\App\Logbook;

use DateTimeImmutable;
use DuskSwitch\App\Http\PilotZone;
use DuskSwitch\App\Models\Aircraft;
use DuskSwitch\App\Models\Flight;
use DuskSwitch\App\Models\Paper;
use DuskSwitch\App\Models\Upkeep;
use DuskSwitch\Core\Logbook\Balance;
use DuskSwitch\Core\Logbook\BalanceItem;
use DuskSwitch\Core\Logbook\Reminder;

/** The upkeep of an aircraft as the interface reads it: what was done and is due, where it balances. */
final class UpkeepJson
{
    /** @return array<string, mixed> */
    public static function of(Aircraft $aircraft): array
    {
        $zone = PilotZone::here();
        $today = $zone->today();
        $flown = Flight::where('aircraft_id', $aircraft->id)
            ->pluck('flown_at')
            ->filter()
            ->map(fn ($at): string => $zone->day($at));
        $work = Upkeep::where('aircraft_id', $aircraft->id)->orderByDesc('done_on')->orderByDesc('id')->get();
        $newest = [];

        return [
            'work' => $work
                ->map(function (Upkeep $one) use ($flown, $today, &$newest): array {
                    $since = $flown->filter(fn (string $day): bool => $day >= substr($one->done_on, 0, 10))->count();
                    $reminder = Reminder::of(
                        new DateTimeImmutable($one->done_on),
                        $one->every_flights,
                        $one->every_months,
                        $since,
                        $today,
                    );
                    // What was done again later isn't due any more.
                    $isOver = isset($newest[$one->part]);
                    $newest[$one->part] = true;

                    return [
                        'id' => $one->id,
                        'part' => $one->part,
                        'did' => $one->did,
                        'on' => substr($one->done_on, 0, 10),
                        'everyFlights' => $one->every_flights,
                        'everyMonths' => $one->every_months,
                        'gramsBefore' => $one->grams_before,
                        'gramsAfter' => $one->grams_after,
                        'note' => $one->note,
                        'flightsSince' => $since,
                        'state' => $isOver ? 'over' : $reminder->state,
                        'flightsLeft' => $reminder->flights,
                        'daysLeft' => $reminder->days,
                    ];
                })
                ->values()
                ->all(),
            'balance' => self::balance(Paper::read('balance', $aircraft->uuid) ?? ['mark' => null, 'items' => []]),
        ];
    }

    /**
     * @param  array<mixed>  $kept  `{"mark": mm|null, "within": mm, "items": [{"name", "mass", "arm"}]}`, the
     *                             second where it's known
     * @return array<string, mixed>
     */
    private static function balance(array $kept): array
    {
        $items = array_map(
            fn (array $one): BalanceItem => new BalanceItem($one['name'], (float) $one['mass'], (float) $one['arm']),
            $kept['items'],
        );
        $mark = $kept['mark'] === null ? null : (float) $kept['mark'];
        $within = isset($kept['within']) ? (float) $kept['within'] : null;
        $balance = Balance::of($items);
        $round = fn (?float $one): ?float => $one === null ? null : round($one, 1);

        return [
            'mark' => $mark,
            'within' => $within,
            'isOn' => $mark === null || $within === null ? null : $balance?->isOn($mark, $within),
            'mass' => $round($balance?->mass),
            'arm' => $round($balance?->arm),
            'behind' => $mark === null ? null : $round($balance?->behind($mark)),
            'items' => array_map(
                fn (BalanceItem $one): array => [
                    'name' => $one->name,
                    'mass' => $one->mass,
                    'arm' => $one->arm,
                    'move' => $mark === null ? null : $round($balance?->move($mark, $one)),
                    'ballast' => $mark === null ? null : $round($balance?->ballast($mark, $one->arm)),
                ],
                $items,
            ),
        ];
    }
}
