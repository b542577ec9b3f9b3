<?php

namespace DuskSwitch\App\Http\Controllers;

use DuskSwitch\App\Http\Body;
use DuskSwitch\App\Logbook\FlightComparison;
use DuskSwitch\App\Logbook\Learning;
use DuskSwitch\App\Logbook\UpkeepJson;
use DuskSwitch\App\Models\Aircraft;
use DuskSwitch\App\Models\Paper;
use DuskSwitch\App\Models\Upkeep;
use DuskSwitch\App\Program\Bench;
use DuskSwitch\Core\Document\JsonCursor;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** What an aircraft's flights teach and its upkeep: alarm levels, calibration, comparison, work, balance. */
final readonly class UpkeepController
{
    public function __construct(private Bench $bench, private Learning $learning) {}

    public function learn(Request $request, Aircraft $aircraft): JsonResponse
    {
        $body = Body::of($request, ['document', 'reserve']);
        $reserve = $body->need('reserve')->number(0.05, 0.8);
        $body->done();

        return new JsonResponse($this->learning->json($aircraft, $this->bench->read($body->raw('document')), $reserve));
    }

    public function compare(Request $request): JsonResponse
    {
        $body = Body::of($request, ['before', 'after']);
        $ids = fn (string $key): array => array_map(
            fn (JsonCursor $one): int => $one->whole(1, 2_000_000_000),
            $body->need($key)->items(500, 1),
        );
        [$before, $after] = [$ids('before'), $ids('after')];
        $body->done();

        return new JsonResponse(['rows' => FlightComparison::of($before, $after)]);
    }

    public function show(Aircraft $aircraft): JsonResponse
    {
        return new JsonResponse(UpkeepJson::of($aircraft));
    }

    public function store(Request $request, Aircraft $aircraft): JsonResponse
    {
        $body = Body::of(
            $request,
            ['part', 'did', 'on'],
            ['everyFlights', 'everyMonths', 'gramsBefore', 'gramsAfter', 'note'],
        );
        $work = [
            'aircraft_id' => $aircraft->id,
            'part' => $body->need('part')->text(60),
            'did' => $body->need('did')->text(120),
            'done_on' => Body::day($body->need('on')),
            'every_flights' => $body->optional('everyFlights')?->whole(1, 10_000),
            'every_months' => $body->optional('everyMonths')?->whole(1, 240),
            'grams_before' => $body->optional('gramsBefore')?->number(0, 100_000),
            'grams_after' => $body->optional('gramsAfter')?->number(0, 100_000),
            'note' => $body->optional('note')?->text(200, true) ?? '',
        ];
        $body->done();
        Upkeep::create($work);

        return $this->show($aircraft);
    }

    public function destroy(Upkeep $upkeep): JsonResponse
    {
        $aircraft = Aircraft::withTrashed()->findOrFail($upkeep->aircraft_id);
        $upkeep->delete();

        return $this->show($aircraft);
    }

    public function balance(Request $request, Aircraft $aircraft): JsonResponse
    {
        $body = Body::of($request, ['mark', 'items'], ['within']);
        $within = $body->optional('within')?->number(0, 500);
        $kept = [
            'mark' => $body->optional('mark')?->number(-5000, 5000),
            ...$within === null ? [] : ['within' => $within],
            'items' => array_map(self::item(...), $body->need('items')->items(60)),
        ];
        $body->done();
        Paper::keep('balance', $aircraft->uuid, $kept);

        return $this->show($aircraft);
    }

    /** @return array{name: string, mass: float, arm: float} */
    private static function item(JsonCursor $one): array
    {
        $one->keys(['name', 'mass', 'arm']);

        return [
            'name' => $one->at('name')?->text(60) ?? '',
            'mass' => $one->at('mass')?->number(0, 100_000) ?? 0.0,
            'arm' => $one->at('arm')?->number(-5000, 5000) ?? 0.0,
        ];
    }
}
