<?php

namespace DuskSwitch\App\Http\Controllers;

use DuskSwitch\App\Hangar\Acts;
use DuskSwitch\App\Http\Body;
use DuskSwitch\App\Models\Aircraft;
use DuskSwitch\Core\Bench\BenchStep;
use DuskSwitch\Core\Bench\BenchSteps;
use DuskSwitch\Core\Bench\GuideLine;
use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Fault\Refused;
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
                BenchSteps::needed($kit),
            ),
        ]);
    }

    public function store(Request $request, Aircraft $aircraft): JsonResponse
    {
        $body = Body::of($request, ['step', 'revision'], ['seen']);
        $step = $body->need('step');
        $revision = $body->need('revision')->whole(1, 1_000_000);
        $seen = array_map(
            fn (JsonCursor $one): ?string => $one->isNull() ? null : trim($one->text(80, true)),
            $body->node->at('seen')?->items(32) ?? [],
        );
        $body->done();
        if ($revision !== $aircraft->head) {
            throw Refused::because(
                'revision',
                "the program is at revision {$aircraft->head} now, and this was tested with {$revision}: look at the ".
                    'changes, test again, then tick it',
            );
        }
        $kit = $this->acts->kit($aircraft);
        $done = BenchSteps::by($step->text(40)) ??
            throw Refused::because('step', 'there is no step "'.$step->text(40).'" at the bench');
        if (! $done->isNeeded($kit)) {
            throw Refused::because('step', "this aircraft has nothing to test there: {$done->says()}");
        }
        $this->acts->keep($aircraft, $kit, 'test', $done->id(), self::lines($done, $kit, $seen), null);

        return $this->index($aircraft);
    }

    /**
     * The lines of a guided step as they are kept, each with what was noted.
     *
     * @param  list<string|null>  $seen  for each line null where it isn't ticked, else what was noted
     * @return list<string>
     *
     * @throws Refused where a line isn't ticked, or wants a note and has none
     */
    private static function lines(BenchStep $step, InstalledKit $kit, array $seen): array
    {
        return array_map(function (GuideLine $line, int $index) use ($seen): string {
            $noted = $seen[$index] ?? null;
            if ($noted === null) {
                throw Refused::because("seen[{$index}]", "not ticked yet: \"{$line->says}\"");
            }
            if ($line->asks !== null && $noted === '') {
                throw Refused::because("seen[{$index}]", "\"{$line->asks}\" is not noted yet: write down what it was");
            }

            return $line->asks === null ? $line->says : "{$line->asks}: {$noted}";
        }, $guide = $step->guide($kit), array_keys($guide));
    }

    /** @return array<string, mixed> */
    private function step(Aircraft $aircraft, InstalledKit $kit, BenchStep $step): array
    {
        $act = $this->acts->last($aircraft, 'test', $step->id(), 1)->first();

        return [
            'id' => $step->id(),
            'name' => $step->says(),
            'state' => match (true) {
                $act === null => 'open',
                $this->acts->holds($aircraft, $act, $kit) => 'done',
                default => 'changed',
            },
            'at' => $act?->created_at->toIso8601ZuluString(),
            'revision' => $act?->revision,
            'guide' => array_map(
                fn (GuideLine $line): array => [
                    'says' => $line->says,
                    'otherwise' => $line->otherwise,
                    'asks' => $line->asks,
                ],
                $step->guide($kit),
            ),
            'noted' => $act->items ?? [],
        ];
    }
}
