<?php

namespace DuskSwitch\App\Http\Controllers;

use DuskSwitch\App\Hangar\Acts;
use DuskSwitch\App\Hangar\ReadinessBook;
use DuskSwitch\App\Http\Body;
use DuskSwitch\App\Http\ReadinessJson;
use DuskSwitch\App\Models\Act;
use DuskSwitch\App\Models\Aircraft;
use DuskSwitch\App\Program\Bench;
use DuskSwitch\App\Program\Prover;
use DuskSwitch\Core\Checklist\Checklist;
use DuskSwitch\Core\Checklist\Checklists;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Kit\Catalogue;
use DuskSwitch\Core\Link\InstalledKit;
use DuskSwitch\Core\Readiness\JudgedItem;
use DuskSwitch\Core\Telemetry\Values;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Checklists made from the program, and when they were gone through. */
final readonly class ChecklistController
{
    private const LAST = 5;

    public function __construct(
        private Catalogue $catalogue,
        private Bench $bench,
        private Prover $prover,
        private Acts $acts,
        private ReadinessBook $book,
    ) {}

    public function index(Aircraft $aircraft): JsonResponse
    {
        [$lists, $kit] = $this->read($aircraft);
        $readiness = $this->book->of($aircraft);

        return new JsonResponse([
            'revision' => $aircraft->head,
            'ready' => $readiness->isReady(),
            'reservations' => ReadinessJson::reservations($readiness),
            'lists' => array_map(
                fn (Checklist $list): array => [
                    'id' => $list->id,
                    'title' => $list->title,
                    'items' => $list->items,
                    'open' => array_map(ReadinessJson::item(...), $readiness->openBefore($list->id)),
                    'done' => $this->acts
                        ->last($aircraft, 'check', $list->id, self::LAST)
                        ->map(
                            fn (Act $act): array => [
                                'revision' => $act->revision,
                                'at' => $act->created_at->toIso8601ZuluString(),
                                'reason' => $act->note,
                                'holds' => $this->acts->holds($aircraft, $act, $kit),
                            ],
                        )
                        ->all(),
                ],
                $lists,
            ),
        ]);
    }

    public function store(Request $request, Aircraft $aircraft): JsonResponse
    {
        $body = Body::of($request, ['list', 'items']);
        $id = $body->need('list')->id();
        $ticked = array_map(fn ($item): string => $item->text(400), $body->need('items')->items(64));
        $body->done();
        [$lists, $kit] = $this->read($aircraft);
        $list =
            array_values(array_filter($lists, fn (Checklist $one): bool => $one->id === $id))[0] ??
            throw Refused::because('list', 'there is no such checklist');
        $open = array_values(array_diff($list->items, $ticked));
        if ($open !== []) {
            throw Refused::because(
                'items',
                'not ticked yet: '.
                    implode('; ', array_slice($open, 0, 3)).
                    (count($open) > 3 ? ' and '.(count($open) - 3).' more' : ''),
            );
        }
        $left = $this->book->of($aircraft)->openBefore($id);
        if ($left !== []) {
            throw Refused::because(
                'list',
                'not ready: '.
                    implode('; ', array_map(fn (JudgedItem $one): string => $one->item->title(), $left)).
                    '. Settle each in its place, or say there why it doesn\'t apply',
            );
        }
        $this->acts->keep($aircraft, $kit, 'check', $id, $list->items, null);

        return $this->index($aircraft);
    }

    /** @return array{list<Checklist>, InstalledKit} */
    private function read(Aircraft $aircraft): array
    {
        $circuit = $this->bench->circuit($aircraft->current()->document);
        $context = $this->prover->context($circuit);

        return [
            (new Checklists(
                $circuit,
                $context->receiver,
                $context->controller,
                Values::of($circuit->program, $this->catalogue)->tellVoltage(),
            ))->all(),
            $this->acts->of($circuit),
        ];
    }
}
