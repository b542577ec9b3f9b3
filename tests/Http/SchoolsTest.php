<?php

namespace DuskSwitch\Tests\Http;

use Illuminate\Testing\TestResponse;

/** Conditions, presses, throws, channels and ranges as the interface asks for them. */
final class SchoolsTest extends HttpTestCase
{
    /** @param  array<string, mixed>  $body */
    private function ask(string $path, array $body, string $aircraft = 'Nightjar', int $status = 200): TestResponse
    {
        $document = json_decode(
            (string) $this->api('GET', "/api/aircraft/{$this->aircraft($aircraft)->id}")->getContent(),
        )->document;

        return $this->api('POST', "/api/{$path}", ['document' => $document, ...$body], $status);
    }

    public function test_a_condition_is_said_while_it_is_put_together(): void
    {
        $pressed = ['control' => 'button-left', 'at' => 'pressed'];
        $this->ask('condition', ['condition' => ['taps' => $pressed, 'count' => 2, 'within' => 0.3]])
            ->assertExactJson(['says' => 'Left button pressed twice within 0.3 s', 'momentary' => true]);
        $this->ask('condition', ['condition' => ['toggle' => ['held' => $pressed, 'seconds' => 2]]])
            ->assertJsonPath('says', 'changed over by Left button pressed for 2 s')
            ->assertJsonPath('momentary', false);
        $this->ask('condition', ['condition' => ['any' => [$pressed, ['taps' => $pressed, 'count' => 1, 'within' => 0.3]]]])
            ->assertJsonPath('momentary', false);
        $this->ask('condition', ['condition' => ['all' => [$pressed, ['control' => 'nowhere', 'at' => 'away']]]], status: 422)
            ->assertSee('nowhere');
        $this->ask('condition', ['condition' => ['step' => ['arm', 'half']]], status: 422)->assertSee('half');
    }

    public function test_a_button_works_a_function_by_the_press_that_was_chosen(): void
    {
        $aircraft = $this->aircraft();
        $path = "/api/aircraft/{$aircraft->id}/assign";
        $to = ['base' => 1, 'function' => 'beeper', 'to' => 'control:button-left', 'press' => 'double'];
        $this->api('POST', $path, $to)
            ->assertJsonPath('buttons.beeper', ['button' => 'button-left', 'press' => 'double'])
            ->assertJsonPath('words.functions.beeper', ['changed over by Left button pressed twice within 0.4 s']);
        $this->api('POST', $path, ['base' => 2, 'function' => 'flip', 'to' => 'control:left-back', 'press' => 'long'], 422)
            ->assertJsonPath('faults.0.path', 'press');
    }

    public function test_throws_are_measured_asked_for_and_proposed(): void
    {
        $measured = $this->ask(
            'propose/measured-throw',
            [
                'channel' => 1,
                'unit' => 'deg',
                'moved' => [['by' => 20, 'way' => 0], ['by' => 0, 'way' => 1], ['by' => 22, 'way' => 1]],
                'chord' => 50,
            ],
            'Tern',
        );
        $document = json_decode((string) $measured->getContent())->document;
        self::assertSame([-20, 0, 22], $document->aboard->throws[0]->moved);
        self::assertSame(
            ['Throw of channel 1: none → -20° at 1060 µs, 0° at 1500 µs, 22° at 1940 µs, chord 50 mm'],
            $measured->json('changes'),
        );

        $look = $this->api('POST', '/api/throws', ['document' => $document, 'unit' => 'deg']);
        self::assertSame(['Ailerons', 'Roll', [1060, 1500, 1940]], [
            $look->json('surfaces.0.name'),
            $look->json('surfaces.0.by'),
            $look->json('surfaces.0.sends'),
        ]);
        $this->assertEquals([20, 22], $look->json('functions.0.places.0.now.0.throw'));
        // 60 % of full stick: three fifths of either way.
        $this->assertEquals([12, 13.2], $look->json('functions.0.places.1.now.0.throw'));

        $wanted = [
            ['place' => 'phase:main', 'below' => 20, 'above' => 22],
            ['place' => 'phase:learner', 'below' => 10, 'above' => 11],
        ];
        $body = ['document' => $document, 'function' => 'roll', 'unit' => 'deg', 'wanted' => $wanted];
        $solved = $this->api('POST', '/api/propose/throws', $body);
        self::assertSame(['Roll rate, Learner: 60 % → 50 %'], $solved->json('changes'));
        $this->api('POST', '/api/propose/throws', [...$body, 'function' => 'yaw'], 422)
            ->assertSee('Rudder isn\'t measured yet', false);
    }

    public function test_a_new_channel_and_a_controller_set_up_for_the_switches(): void
    {
        $more = json_decode((string) $this->ask('propose/channel', [], 'Tern')->getContent())->document;
        self::assertSame([6, [1.25, 1.25]], [$more->outputs[5]->channel, $more->outputs[5]->travel]);

        $made = $this->api('POST', '/api/aircraft', [
            'name' => 'Eisvogel',
            'family' => 'multirotor',
            'transmitter' => 'quayside-8',
            'controller' => 'keel-f4',
            'stickMode' => 3,
            'settings' => ['arming' => 'one'],
        ], 201);
        self::assertSame(3, $made->json('document.stickMode'));
        self::assertSame(3, $this->api('GET', '/api/stores')->json('usualStickMode'));
        $document = json_decode((string) $made->getContent())->document;
        self::assertSame([1250, 2100], [
            $document->aboard->controller->arming->ranges[0]->from,
            $document->aboard->controller->arming->ranges[0]->to,
        ]);
        $same = $this->api('POST', '/api/propose/ranges', ['document' => $document]);
        self::assertSame([], $same->json('changes'), 'they are so already');
        unset($document->controller);
        $this->api('POST', '/api/propose/ranges', ['document' => $document], 422)->assertSee('choose one in Kit first');
    }

    public function test_a_transmitter_from_a_few_answers_can_be_kept_at_once(): void
    {
        $answers = [
            'id' => 'drei-mal-drei',
            'name' => 'Drei mal drei',
            'channels' => 9,
            'span' => 500,
            'counts' => ['two' => 3, 'three' => 3, 'button' => 0, 'dial' => 0, 'slider' => 0],
            'mixesPositions' => false,
            'curvePoints' => 0,
            'links' => ['one-way-hopping'],
        ];
        $made = json_decode(
            (string) $this->api('POST', '/api/propose/transmitter-definition', ['answers' => $answers])->getContent(),
        )->definition;
        $kept = $this->api('POST', '/api/stores/transmitters', (array) $made)->json('transmitters');
        self::assertContains('drei-mal-drei', array_column($kept, 'id'));
        $this->api('POST', '/api/propose/transmitter-definition', ['answers' => [...$answers, 'channels' => 0]], 422)
            ->assertJsonPath('faults.0.path', 'answers.channels');
    }
}
