<?php

namespace DuskSwitch\App\Http\Controllers;

use DuskSwitch\App\Hangar\Acts;
use DuskSwitch\App\Http\Body;
use DuskSwitch\App\Models\Act;
use DuskSwitch\App\Models\Aircraft;
use DuskSwitch\App\Program\Bench;
use DuskSwitch\App\Program\Prover;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Flight\Checklist;
use DuskSwitch\Core\Flight\Checklists;
use DuskSwitch\Core\Link\InstalledKit;
use DuskSwitch\Core\Proof\Answer;
use DuskSwitch\Core\Proof\Finding;
use DuskSwitch\Core\Proof\Proof;
use DuskSwitch\Core\Proof\ProofContext;
use DuskSwitch\Core\Proof\Severity;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Checklists made from the program, and when they were gone through. */
final readonly class ChecklistController
{
    private const LAST = 5;

    public function __construct(private Bench $bench, private Prover $prover, private Acts $acts) {}

    public function index(Aircraft $aircraft): JsonResponse
    {
        [$lists, $context, $kit] = $this->read($aircraft);

        return new JsonResponse([
            'revision' => $aircraft->head,
            'errors' => $this->errors($context),
            'lists' => array_map(
                fn (Checklist $list): array => [
                    'id' => $list->id,
                    'title' => $list->title,
                    'items' => $list->items,
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
        $body = Body::of($request, ['list', 'items'], ['reason']);
        $id = $body->need('list')->id();
        $ticked = array_map(fn ($item): string => $item->text(400), $body->need('items')->items(64));
        $reason = $body->node->at('reason')?->text(400);
        $body->done();
        [$lists, $context, $kit] = $this->read($aircraft);
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
        $errors = $this->errors($context);
        if ($errors !== [] && $reason === null) {
            throw Refused::because(
                'reason',
                (count($errors) === 1 ? 'one thing stands' : count($errors).' things stand').
                    " in the way: {$errors[0]}. Mend it, or say why it's all right to go on",
            );
        }
        $this->acts->keep($aircraft, $kit, 'check', $id, $list->items, $errors === [] ? null : $reason);

        return $this->index($aircraft);
    }

    /** @return array{list<Checklist>, ProofContext, InstalledKit} */
    private function read(Aircraft $aircraft): array
    {
        $circuit = $this->bench->circuit($aircraft->current()->document);
        $context = $this->prover->context($circuit);

        return [
            (new Checklists($circuit, $context->receiver, $context->controller))->all(),
            $context,
            $this->acts->of($circuit),
        ];
    }

    /** @return list<string> what the proof says is wrong, and what it couldn't check: both withhold "ready" */
    private function errors(ProofContext $context): array
    {
        $proof = Proof::of($context);
        $errors = array_filter($proof->findings, fn (Finding $one): bool => $one->severity === Severity::Error);
        $unchecked = array_filter($proof->rules, fn (array $one): bool => $one[1]->answer === Answer::NotChecked);

        return [
            ...array_values(array_map(fn (Finding $one): string => $one->says, $errors)),
            ...array_values(
                array_unique(array_map(fn (array $one): string => "Not checked: {$one[1]->why}", $unchecked)),
            ),
        ];
    }
}
