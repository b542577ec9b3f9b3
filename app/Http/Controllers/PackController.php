<?php

namespace DuskSwitch\App\Http\Controllers;

use DuskSwitch\App\Http\Body;
use DuskSwitch\App\Logbook\PackJson;
use DuskSwitch\App\Models\Pack;
use DuskSwitch\App\Models\PackAct;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Str;

/** The packs that a pilot owns, and what was done with them. */
final readonly class PackController
{
    private const KINDS = ['charge', 'storage', 'resistance'];

    public function __construct(private PackJson $json) {}

    public function index(): JsonResponse
    {
        return new JsonResponse($this->json->all());
    }

    public function store(Request $request): JsonResponse
    {
        $body = Body::of($request, ['label', 'cells', 'capacity', 'plug'], ['grams', 'note']);
        $this->fill(new Pack(['uuid' => (string) Str::uuid()]), $body);

        return $this->index();
    }

    public function change(Request $request, Pack $pack): JsonResponse
    {
        $this->fill(
            $pack,
            Body::of($request, [], ['label', 'cells', 'capacity', 'plug', 'grams', 'note', 'retiredOn']),
        );

        return $this->index();
    }

    public function destroy(Pack $pack): JsonResponse
    {
        $pack->delete();

        return $this->index();
    }

    /** Something that was done with a pack. */
    public function act(Request $request, Pack $pack): JsonResponse
    {
        $body = Body::of($request, ['kind', 'on'], ['mah', 'milliohms']);
        $kind = $body->need('kind')->text(20);
        in_array($kind, self::KINDS, true) ||
            $body->need('kind')->fault('must be one of '.implode(', ', self::KINDS));
        $act = [
            'pack_id' => $pack->id,
            'kind' => $kind,
            'done_on' => Body::day($body->need('on')),
            'mah' => $body->optional('mah')?->number(0, 100_000),
            'milliohms' => $body->optional('milliohms')?->number(0.01, 1000),
        ];
        if ($kind === 'resistance' && $act['milliohms'] === null) {
            $body->node->fault('a measured resistance wants "milliohms", those of one cell');
        }
        $body->done();
        PackAct::create($act);

        return $this->index();
    }

    private function fill(Pack $pack, Body $body): void
    {
        $node = $body->node;
        foreach (['label' => 40, 'plug' => 40, 'note' => 200] as $key => $most) {
            $node->has($key) && ($pack->{$key} = $body->need($key)->text($most, $key !== 'label'));
        }
        $node->has('cells') && ($pack->cells = $body->need('cells')->whole(1, 24));
        $node->has('capacity') && ($pack->capacity = $body->need('capacity')->number(10, 100_000));
        $node->has('grams') && ($pack->grams = $body->optional('grams')?->number(0, 100_000));
        $node->has('retiredOn') &&
            ($pack->retired_on = ($day = $body->optional('retiredOn')) === null ? null : Body::day($day));
        $body->done();
        $pack->save();
    }
}
