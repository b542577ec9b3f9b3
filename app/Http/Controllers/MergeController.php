<?php

namespace DuskSwitch\App\Http\Controllers;

use DuskSwitch\App\Hangar\MergedEdits;
use DuskSwitch\App\Hangar\Merging;
use DuskSwitch\App\Http\AircraftJson;
use DuskSwitch\App\Http\Body;
use DuskSwitch\App\Models\Aircraft;
use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Document\Merge\Side;
use DuskSwitch\Core\Document\ValueText;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Two edits of one aircraft brought together: looked at, then kept. */
final readonly class MergeController
{
    private const MOST_FINDINGS = 2000;

    public function __construct(private Merging $merging, private AircraftJson $json) {}

    /** What both become together. */
    public function look(Request $request, Aircraft $aircraft): JsonResponse
    {
        $body = Body::of($request, ['base', 'aside'], ['choices']);

        return new JsonResponse($this->edits($aircraft, $body)->answer());
    }

    /** Keeps it. */
    public function keep(Request $request, Aircraft $aircraft): JsonResponse
    {
        $body = Body::of($request, ['base', 'aside', 'seen'], ['choices']);
        $seen = array_map(
            fn (JsonCursor $one): string => $one->text(300),
            $body->need('seen')->items(self::MOST_FINDINGS),
        );
        $edits = $this->edits($aircraft, $body);

        return $this->json->answer($this->merging->keep($aircraft, $edits, $seen));
    }

    private function edits(Aircraft $aircraft, Body $body): MergedEdits
    {
        $base = $body->base();
        $aside = $body->revision('aside');
        $choices = self::choices($body->optional('choices'));
        $body->done();

        return $this->merging->of($aircraft, $base, $aside, $choices);
    }

    /** @return array<string, Side> by path */
    private static function choices(?JsonCursor $node): array
    {
        $choices = [];
        if ($node !== null && ! $node->isObject()) {
            $node->wrongType('an object');
        }
        foreach ($node?->keyed() ?? [] as $path => $value) {
            $side = is_string($value) && $value !== Side::Base->value ? Side::tryFrom($value) : null;
            if ($side === null) {
                $node->faultAt((string) $path, ValueText::noneOf(['mine', 'theirs', 'both'], $value));
            } else {
                $choices[(string) $path] = $side;
            }
        }

        return $choices;
    }
}
