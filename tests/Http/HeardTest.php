<?php

namespace DuskSwitch\Tests\Http;

use stdClass;

/** What a change under the hand says aloud, from a live frame to the words. */
final class HeardTest extends HttpTestCase
{
    /** @param  array<string, mixed>  $controls */
    private function moment(stdClass $document, array $controls, array $values = []): array
    {
        $frame = $this->api('POST', '/api/live', [
            'document' => $document,
            'inputs' => ['controls' => (object) $controls],
        ])->assertOk();

        return [
            'inputs' => ['controls' => (object) $controls],
            'phase' => $frame->json('phase'),
            'steps' => (object) $frame->json('steps'),
            'functions' => (object) $frame->json('functions'),
            'values' => (object) $values,
        ];
    }

    public function test_a_flipped_switch_says_its_step(): void
    {
        $document = json_decode((string) file_get_contents(base_path('database/demo/whinchat.json')));
        $document->sense = json_decode('{"announces": ["state"]}');
        $function = array_values(array_filter($document->functions, fn ($one): bool => isset($one->steps)))[0];
        $document->sense->announces = [$function->id];
        $control = $function->drive->control;
        $detents = array_keys((array) $function->drive->map);
        $answer = $this->api('POST', '/api/heard', [
            'document' => $document,
            'before' => $this->moment($document, [$control => $detents[count($detents) - 1]]),
            'now' => $this->moment($document, [$control => $detents[0]]),
        ])->assertOk();

        $names = array_column($function->steps, 'name', 'id');
        $step = ((array) $function->drive->map)[$detents[0]];
        self::assertSame([$names[$step] ?? ucfirst($step)], array_column($answer->json('said'), 'text'));
    }

    public function test_a_value_that_nothing_sends_and_one_that_is_no_number_are_told(): void
    {
        $document = json_decode((string) file_get_contents(base_path('database/demo/petrel.json')));
        $moment = $this->moment($document, []);
        $this->api('POST', '/api/heard', [
            'document' => $document,
            'before' => [...$moment, 'values' => (object) ['moon' => 3]],
            'now' => [...$moment, 'values' => (object) ['height' => 'high']],
        ], 422)->assertJsonFragment(['path' => 'before.values.moon'])->assertJsonFragment(['path' => 'now.values.height']);
    }
}
