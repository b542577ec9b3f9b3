<?php

namespace DuskSwitch\App\Http\Controllers;

use DuskSwitch\App\Http\Body;
use DuskSwitch\App\Http\Proposal;
use DuskSwitch\App\Models\Aircraft;
use DuskSwitch\App\Program\Bench;
use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Edits\Differences;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Kit\Catalogue;
use DuskSwitch\Core\Move\Taken\TakenPart;
use DuskSwitch\Core\Move\Taken\TakenParts;
use DuskSwitch\Core\Signal\Circuit;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** One aircraft beside another: what differs, and parts of it taken over. */
final readonly class OtherAircraftController
{
    public function __construct(private Bench $bench, private Proposal $proposal, private Catalogue $catalogue) {}

    /** What is otherwise in another aircraft, and what can be taken of it. */
    public function compare(Request $request): JsonResponse
    {
        $body = Body::of($request, ['document', 'aircraft']);
        $other = $this->other($body);

        return new JsonResponse([
            'changes' => Differences::between(
                $this->bench->summary($this->bench->read($body->raw('document'))->program),
                $this->bench->summary($other->program),
            ),
            'parts' => array_map(
                fn (TakenPart $one): array => ['id' => $one->value, 'name' => $one->title()],
                TakenPart::cases(),
            ),
        ]);
    }

    /** The document with parts of another aircraft. */
    public function take(Request $request): JsonResponse
    {
        $body = Body::of($request, ['document', 'aircraft', 'parts']);
        $parts = array_map(
            fn (JsonCursor $item): TakenPart => $item->choice(TakenPart::class),
            $body->need('parts')->items(8, 1),
        );
        $other = $this->other($body);
        $circuit = $this->bench->read($body->raw('document'));
        $taken = (new TakenParts($other->program, $circuit->panel->transmitter, $this->catalogue))->into(
            $circuit->program,
            $parts,
        );

        return $this->proposal->answer($circuit, $taken->program, $taken->losses);
    }

    private function other(Body $body): Circuit
    {
        $id = $body->need('aircraft')->whole(1, 999_999_999);
        $body->done();
        $aircraft =
            Aircraft::query()->find($id) ??
            throw Refused::because('aircraft', 'there is no such aircraft any more; choose another one');

        return $this->bench->circuit($aircraft->current()->document);
    }
}
