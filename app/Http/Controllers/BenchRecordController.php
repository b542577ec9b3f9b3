<?php

namespace DuskSwitch\App\Http\Controllers;

use DuskSwitch\App\Hangar\Acts;
use DuskSwitch\App\Http\Body;
use DuskSwitch\App\Models\Aircraft;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Link\BenchStep;
use DuskSwitch\Core\Link\InstalledKit;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** The steps at the bench: which were done with the aircraft in hand, and whether that still holds. */
final readonly class BenchRecordController
{
    public function __construct(private Acts $acts) {}

    public function index(Aircraft $aircraft): JsonResponse
    {
        $kit = $this->acts->kit($aircraft);

        return new JsonResponse([
            'revision' => $aircraft->head,
            'steps' => array_map(
                fn (BenchStep $step): array => $this->step($aircraft, $kit, $step),
                array_values(array_filter(BenchStep::cases(), fn (BenchStep $one): bool => $one->isNeeded($kit))),
            ),
        ]);
    }

    public function store(Request $request, Aircraft $aircraft): JsonResponse
    {
        $body = Body::of($request, ['step', 'revision']);
        $step = $body->need('step')->choice(BenchStep::class);
        $revision = $body->need('revision')->whole(1, 1_000_000);
        $body->done();
        if ($revision !== $aircraft->head) {
            throw Refused::because(
                'revision',
                "the program is at revision {$aircraft->head} now, and this was tested with {$revision}: look at the ".
                    'changes, test again, then tick it',
            );
        }
        $kit = $this->acts->kit($aircraft);
        if (! $step->isNeeded($kit)) {
            throw Refused::because('step', "this aircraft has nothing to test there: {$step->says()}");
        }
        $this->acts->keep($aircraft, $kit, 'test', $step->value, [], null);

        return $this->index($aircraft);
    }

    /** @return array<string, mixed> */
    private function step(Aircraft $aircraft, InstalledKit $kit, BenchStep $step): array
    {
        $act = $this->acts->last($aircraft, 'test', $step->value, 1)->first();

        return [
            'id' => $step->value,
            'name' => $step->says(),
            'state' => match (true) {
                $act === null => 'open',
                $this->acts->holds($aircraft, $act, $kit) => 'done',
                default => 'changed',
            },
            'at' => $act?->created_at->toIso8601ZuluString(),
            'revision' => $act?->revision,
        ];
    }
}
