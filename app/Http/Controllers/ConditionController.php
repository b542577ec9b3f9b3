<?php

namespace DuskSwitch\App\Http\Controllers;

use DuskSwitch\App\Http\Body;
use DuskSwitch\App\Program\Bench;
use DuskSwitch\Core\Format\ConditionDecoder;
use DuskSwitch\Core\Kit\Catalogue;
use DuskSwitch\Core\Program\ConditionTexts;
use DuskSwitch\Core\Program\ConditionTree;
use DuskSwitch\Core\Signal\Compiler;
use DuskSwitch\Core\Telemetry\Threshold;
use DuskSwitch\Core\Telemetry\Values;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** A condition while it is put together. */
final readonly class ConditionController
{
    /** Under this name it is tried; a pilot's own name can't begin so. */
    private const TRIED = '0-tried';

    public function __construct(private Bench $bench, private Catalogue $catalogue) {}

    /** In words; refused where the document has nothing that it asks for. */
    public function say(Request $request): JsonResponse
    {
        $body = Body::of($request, ['document', 'condition']);
        $condition = ConditionDecoder::decode($body->need('condition'));
        $body->done();
        $circuit = $this->bench->read($body->raw('document'));
        $program = $circuit->program;
        $transmitter = $circuit->panel->transmitter;
        Compiler::compile(
            $program->with(conditions: [...$program->conditions, self::TRIED => $condition]),
            $transmitter,
        );
        $levels = new Threshold(Values::of($program, $this->catalogue));

        return new JsonResponse([
            'says' => (new ConditionTexts($program, $transmitter, $levels->say(...)))->say($condition),
            'momentary' => ConditionTree::isMomentary($condition, $program->conditions),
        ]);
    }
}
