<?php

namespace DuskSwitch\App\Http\Controllers;

use DuskSwitch\App\Hangar\ReadinessBook;
use DuskSwitch\App\Hangar\ReadinessSummaries;
use DuskSwitch\App\Http\Body;
use DuskSwitch\App\Http\ReadinessJson;
use DuskSwitch\App\Models\Aircraft;
use DuskSwitch\Core\Readiness\ReadinessItem;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** The list "Before you fly" of an aircraft, and how all of them stand. */
final readonly class ReadinessController
{
    public function __construct(private ReadinessBook $book, private ReadinessSummaries $summaries) {}

    public function index(): JsonResponse
    {
        $all = [];
        foreach ($this->summaries->all() as $id => $summary) {
            $all[] = ['id' => $id, 'readiness' => $summary];
        }

        return new JsonResponse(['aircraft' => $all]);
    }

    public function show(Aircraft $aircraft): JsonResponse
    {
        return new JsonResponse([
            'revision' => $aircraft->head,
            ...ReadinessJson::whole($this->book->of($aircraft)),
        ]);
    }

    /** Sets an item aside with a reason, or takes that back. */
    public function setAside(Request $request, Aircraft $aircraft): JsonResponse
    {
        $body = Body::of($request, ['item'], ['reason']);
        $item = $body->need('item')->choice(ReadinessItem::class);
        $reason = $body->node->at('reason')?->text(400);
        $body->done();
        $this->book->setAside($aircraft, $item, $reason);

        return $this->show($aircraft);
    }
}
