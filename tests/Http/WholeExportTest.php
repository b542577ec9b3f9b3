<?php

namespace DuskSwitch\Tests\Http;

use DuskSwitch\App\Equipment\Equipment;
use DuskSwitch\App\Models\Definition;
use DuskSwitch\Tests\Core\Given;
use Opis\JsonSchema\Validator;
use stdClass;
use Symfony\Component\Process\Process;

/** A program travels with its equipment: on an empty machine it gives the same pulses, proof and rehearsal. */
final class WholeExportTest extends HttpTestCase
{
    /** Nightjar with nothing that ships: all of its equipment is the pilot's own, under names of its own. */
    private function ownNightjar(): int
    {
        $document = $this->demoDocument('Nightjar');
        foreach (
            [['transmitters', 'transmitter'], ['receivers', 'receiver'], ['controllers', 'controller']] as [$kind, $key]
        ) {
            $document->{$key} = $this->own($kind, $document->{$key});
        }
        $kit = $document->aboard->kit;
        $kit->pack = $this->own('packs', $kit->pack);
        if (isset($kit->speedController)) {
            $kit->speedController = $this->own('speed-controllers', $kit->speedController);
        }
        foreach ($document->sense->chain as $fitted) {
            $fitted->sensor = $this->own('sensors', $fitted->sensor);
        }
        $document->name = 'Whinchat';

        return $this->send('POST', '/api/import', (string) json_encode($document), 201)->json('id');
    }

    private function own(string $kind, string $id): string
    {
        $own = (object) json_decode((string) file_get_contents(Given::DEMO."/stores/{$kind}/{$id}.json"));
        [$own->id, $own->name] = ["field-{$id}", "Field {$own->name}"];
        $this->api('POST', "/api/stores/{$kind}", $own);

        return $own->id;
    }

    private function whole(int $id): string
    {
        return (string) $this->api('GET', "/api/aircraft/{$id}/export/whole")->getContent();
    }

    /** As on a machine that has only what ships. */
    private function emptyStores(): void
    {
        Definition::withTrashed()->forceDelete();
        \DuskSwitch\App\Models\DefinitionRevision::query()->delete();
        $this->app->make(Equipment::class)->forget();
    }

    /** @return array<string, mixed> */
    private function behaviour(int $id): array
    {
        $document = json_decode((string) $this->api('GET', "/api/aircraft/{$id}")->getContent())->document;
        $flight = $this->api('POST', '/api/rehearsal', [
            'document' => $document,
            'script' => 'out-and-back',
            'seed' => 7,
        ])->json();

        return [
            'pulses' => $this->api('POST', '/api/live', [
                'document' => $document,
                'inputs' => ['axes' => (object) ['roll' => 0.3, 'throttle' => -0.4], 'controls' => (object) []],
            ])->json('outputs'),
            'proof' => $this->api('POST', '/api/prove', ['document' => $document])->json('findings'),
            'said' => $flight['said'],
            'verdict' => $flight['verdict'] ?? null,
        ];
    }

    public function test_on_an_empty_machine_it_gives_the_same_pulses_proof_and_rehearsal(): void
    {
        $id = $this->ownNightjar();
        $before = $this->behaviour($id);
        $file = $this->whole($id);
        $validator = new Validator();
        $validator
            ->resolver()
            ?->registerFile('https://dusk-switch.example/schema/export.schema.json', 'schema/export.schema.json');
        $validator
            ->resolver()
            ?->registerFile('https://dusk-switch.example/schema/program.schema.json', 'schema/program.schema.json');
        self::assertTrue(
            $validator
                ->validate(json_decode($file), 'https://dusk-switch.example/schema/export.schema.json')
                ->isValid(),
        );

        $this->emptyStores();
        $this->api('GET', "/api/aircraft/{$id}", status: 424);
        $in = $this->send('POST', '/api/import', $file, 201);
        self::assertSame('Whinchat', $in->json('name'));
        self::assertEquals($before, $this->behaviour($in->json('id')));
        self::assertSame($file, $this->whole($in->json('id')), 'and goes out byte for byte');
    }

    public function test_what_is_here_and_different_is_shown_and_decided(): void
    {
        $id = $this->ownNightjar();
        $file = json_decode($this->whole($id));
        $place = array_search('packs', array_column($file->definitions, 'kind'), true);
        $file->definitions[$place]->document->capacity = 1111;
        $count = Definition::count();
        $shown = $this->api('POST', '/api/import', $file, 409);
        self::assertSame(['packs'], $shown->json('differing.*.kind'));
        self::assertSame(
            [1111, false],
            [$shown->json('differing.0.there.capacity'), $shown->json('differing.0.shipped')],
        );
        self::assertSame($count, Definition::count(), 'nothing was taken in yet');
        $pack = $shown->json('differing.0.id');
        $decide = fn (string $do): string => $this->api(
            'POST',
            '/api/import/decided',
            ['export' => $file, 'decisions' => [['kind' => 'packs', 'id' => $pack, 'do' => $do]]],
            201,
        )->json('document.aboard.kit.pack');
        $capacity = fn (string $id): float => $this->app->make(Equipment::class)->pack($id)->capacity ?? 0.0;

        self::assertSame($pack, $decide('leave'));
        self::assertNotSame(1111.0, $capacity($pack));
        $new = $decide('new');
        self::assertNotSame($pack, $new);
        self::assertSame(1111.0, $capacity($new));
        self::assertSame($pack, $decide('replace'));
        self::assertSame(1111.0, $capacity($pack));
        self::assertCount(
            2,
            $this->api('GET', "/api/stores/packs/{$pack}/revisions")->json('revisions'),
            'what it was stays in its history',
        );
    }

    public function test_one_that_ships_is_never_replaced(): void
    {
        $file = json_decode($this->whole($this->aircraft('Petrel')->id));
        $place = array_search('receivers', array_column($file->definitions, 'kind'), true);
        $file->definitions[$place]->document->channels = 9;
        $id = $file->definitions[$place]->document->id;
        self::assertTrue($this->api('POST', '/api/import', $file, 409)->json('differing.0.shipped'));
        $in = $this->api(
            'POST',
            '/api/import/decided',
            ['export' => $file, 'decisions' => [['kind' => 'receivers', 'id' => $id, 'do' => 'replace']]],
            201,
        );
        self::assertSame("{$id}-2", $in->json('document.receiver'));
    }

    public function test_a_spoiled_file_is_told_with_its_path_and_takes_nothing_in(): void
    {
        $good = $this->whole($this->ownNightjar());
        [$definitions, $aircraft] = [Definition::count(), \DuskSwitch\App\Models\Aircraft::count()];
        $spoil = function (callable $how) use ($good): stdClass {
            $file = json_decode($good);
            $how($file);

            return $file;
        };
        $this->emptyStores();
        foreach (
            [
                'definitions[0].document.channels' => fn (
                    stdClass $file,
                ) => ($file->definitions[0]->document->channels = 99),
                'definitions[1].kind' => fn (stdClass $file) => ($file->definitions[1]->kind = 'kites'),
                'extra' => fn (stdClass $file) => ($file->extra = 1),
                'functions[0].name' => fn (stdClass $file) => ($file->program->functions[0]->name = 7),
            ] as $path => $how
        ) {
            $this->api('POST', '/api/import', $spoil($how), 422)->assertJsonPath('faults.0.path', $path);
        }
        self::assertSame(
            [0, $aircraft],
            [Definition::count(), \DuskSwitch\App\Models\Aircraft::count()],
            'what came before the fault was taken back',
        );
        self::assertGreaterThan(0, $definitions);
    }

    public function test_every_command_takes_a_whole_export(): void
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'whole');
        file_put_contents($file, $this->whole($this->ownNightjar()));
        $run = fn (string ...$arguments): Process => tap(
            new Process(
                [PHP_BINARY, 'artisan', ...$arguments],
                dirname(__DIR__, 2),
                ['DUSK_DATABASE' => '/nowhere/at/all.sqlite'],
                '[{}]',
            ),
        )->run();
        foreach (
            [
                ['program:evaluate', $file],
                ['program:prove', $file],
                ['program:sheet', $file],
                ['rehearsal:run', $file, '--script=out-and-back'],
            ] as $arguments
        ) {
            $done = $run(...$arguments);
            self::assertContains($done->getExitCode(), [0, 1], "{$arguments[0]}: {$done->getErrorOutput()}");
            self::assertNotNull(json_decode($done->getOutput()), $arguments[0]);
        }
        unlink($file);
    }
}
