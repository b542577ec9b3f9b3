<?php

namespace DuskSwitch\Tests\Http;

use DuskSwitch\App\Models\Act;
use stdClass;

/** Between aircraft and in time: compared, taken from, named, brought back from a file. */
final class OtherAircraftTest extends HttpTestCase
{
    private function document(string $aircraft): stdClass
    {
        $path = "/api/aircraft/{$this->aircraft($aircraft)->id}";

        return json_decode((string) $this->api('GET', $path)->getContent())->document;
    }

    public function test_two_aircraft_are_compared_in_words_and_by_names(): void
    {
        $body = ['document' => $this->document('Nightjar'), 'aircraft' => $this->aircraft('Midge')->id];
        $changes = $this->api('POST', '/api/compare', $body)->json('changes');

        self::assertContains('Name: Nightjar → Midge', $changes);
        self::assertContains('Controller: Keel F4 → Keel Mite', $changes);
        $self = ['document' => $this->document('Nightjar'), 'aircraft' => $this->aircraft('Nightjar')->id];
        self::assertSame([], $this->api('POST', '/api/compare', $self)->json('changes'));
        $this->api('POST', '/api/compare', [...$body, 'aircraft' => 99], 422)->assertSee('choose another one');
    }

    public function test_parts_are_proposed_with_what_is_left_out(): void
    {
        $body = ['document' => $this->document('Tern'), 'aircraft' => $this->aircraft('Petrel')->id];
        $taken = $this->api('POST', '/api/propose/taken', [...$body, 'parts' => ['rates', 'alarms']]);

        self::assertContains('Brakes is left out: no function there does the same', $taken->json('notes'));
        self::assertNotSame([], $taken->json('changes'));
        $this->api('POST', '/api/propose/taken', [...$body, 'parts' => []], 422)->assertJsonPath('faults.0.path', 'parts');
        $this->api('POST', '/api/propose/taken', [...$body, 'parts' => ['wings']], 422)
            ->assertJsonPath('faults.0.path', 'parts[0]');
    }

    public function test_a_file_becomes_a_revision_of_the_aircraft_in_view(): void
    {
        $tern = $this->document('Tern');
        $file = json_decode((string) json_encode($tern, JSON_PRESERVE_ZERO_FRACTION));
        $file->outputs[0]->reverse = true;
        $alone = $this->api('POST', '/api/propose/file', ['document' => $tern, 'file' => $file]);
        self::assertSame(['1 Ailerons direction: normal → reversed'], $alone->json('changes'));

        $id = $this->aircraft('Tern')->id;
        $whole = json_decode((string) $this->call('GET', "/api/aircraft/{$id}/export/whole")->getContent());
        $whole->program->outputs[0]->reverse = true;
        $same = $this->api('POST', '/api/propose/file', ['document' => $tern, 'file' => $whole]);
        self::assertSame($alone->json('changes'), $same->json('changes'));
        $file->outputs[0]->travel = 9;
        $this->api('POST', '/api/propose/file', ['document' => $tern, 'file' => $file], 422)
            ->assertJsonPath('faults.0.path', 'outputs[0].travel');
    }

    public function test_two_programs_at_one_place_of_the_transmitter_are_told(): void
    {
        $kept = function (string $name, string $place): stdClass {
            $aircraft = $this->aircraft($name);
            $document = $this->document($name);
            $document->aboard->kit->memory = $place;
            $this->api('PUT', "/api/aircraft/{$aircraft->id}/program", [
                'base' => $aircraft->head,
                'document' => $document,
                'note' => 'place',
            ]);

            return $document;
        };
        $kept('Dunlin', '7');
        $nightjar = $kept('Nightjar', '7');
        $topics = fn (stdClass $document): array => array_column(
            $this->api('POST', '/api/kit', [
                'document' => $document,
                'aircraft' => $this->aircraft('Nightjar')->id,
            ])->json('verdict'),
            'says',
            'topic',
        );

        self::assertSame('Dunlin lies at 7 of Harbour 16 too.', $topics($nightjar)['Memory']);
        $nightjar->aboard->kit->memory = '8';
        self::assertArrayNotHasKey('Memory', $topics($nightjar));
        // Another transmitter has a place 7 of its own.
        $nightjar->aboard->kit->memory = '7';
        $kept('Dunlin', '9');
        $kept('Tern', '7');
        self::assertArrayNotHasKey('Memory', $topics($nightjar));
    }

    public function test_a_revision_has_a_name_until_it_is_taken_away(): void
    {
        $id = $this->aircraft('Rook')->id;
        $name = fn (?string $name, int $number = 1, int $status = 200) => $this->api(
            'PUT',
            "/api/aircraft/{$id}/revisions/{$number}/name",
            ['name' => $name],
            $status,
        );

        $name('Wie im Mai geflogen')->assertJsonPath('revisions.0.name', 'Wie im Mai geflogen');
        $name('Anders')->assertJsonPath('revisions.0.name', 'Anders');
        self::assertSame(1, Act::where('kind', 'named')->count());
        $name('', status: 422)->assertJsonPath('faults.0.path', 'name');
        $name('Nirgends', 7, 404);
        $name(null)->assertJsonPath('revisions.0.name', null);
    }

    public function test_the_controllers_settings_are_kept_with_what_changed(): void
    {
        $path = "/api/aircraft/{$this->aircraft('Nightjar')->id}/settings";
        $first = "set loop = 8\nset gyro = soft\nset idle = 5";
        $this->api('POST', $path, ['text' => $first, 'note' => 'vor dem Update'])
            ->assertJsonPath('kept.0.lines', 3)
            ->assertJsonPath('kept.0.changed', []);
        // Line ends and a blank at the end are no change.
        $this->api('POST', $path, ['text' => str_replace("\n", "\r\n", $first)."\r\n"])->assertJsonCount(1, 'kept');
        $kept = $this->api('POST', $path, ['text' => "set loop = 8\nset gyro = hard\nset idle = 5\nset new = 1"]);
        self::assertSame(
            ['-set gyro = soft', '+set gyro = hard', '+set new = 1'],
            $kept->json('kept.0.changed'),
        );
        self::assertSame('vor dem Update', $kept->json('kept.1.note'));
        self::assertSame(
            "{$first}\n",
            $this->call('GET', "{$path}/{$kept->json('kept.1.id')}")->getContent(),
        );
        $this->api('POST', $path, ['text' => "  \n"], 422)->assertJsonPath('faults.0.path', 'text');
        $this->api('GET', "{$path}/4711", status: 404);
    }
}
