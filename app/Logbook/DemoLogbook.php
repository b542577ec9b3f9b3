<?php

namespace DuskSwitch\App\Logbook;

use DuskSwitch\App\Log\Imports;
use DuskSwitch\App\Log\LogFile;
use DuskSwitch\App\Models\Aircraft;
use DuskSwitch\App\Models\Field;
use DuskSwitch\App\Models\Flight;
use DuskSwitch\App\Models\Pack;
use DuskSwitch\App\Models\Upkeep;
use Illuminate\Support\Str;

/** A spring at Saltmarsh Field, all made up: recordings of many loggers with their faults, packs, work done. */
final readonly class DemoLogbook
{
    public function __construct(private Imports $imports) {}

    /** Puts it into a logbook that is empty, read as anybody's recordings are. */
    public function load(): void
    {
        /** @var array{packs: list<array<string, mixed>>, flights: array<string, array<string, mixed>>, upkeep: list<array<string, mixed>>, fields: list<array<string, mixed>>} $demo */
        $demo = json_decode(
            (string) file_get_contents(database_path('demo/recordings/logbook.json')),
            true,
            flags: JSON_THROW_ON_ERROR,
        );
        array_walk($demo['packs'], $this->pack(...));
        foreach ($demo['flights'] as $file => $notes) {
            $this->flight($file, $notes);
        }
        array_walk($demo['upkeep'], $this->work(...));
        foreach ($demo['fields'] as $field) {
            Field::create([...$field, 'uuid' => (string) Str::uuid()]);
        }
    }

    /** @param  array<string, mixed>  $notes */
    private function flight(string $file, array $notes): void
    {
        $path = database_path("demo/recordings/{$file}");
        $aircraft = Aircraft::where('name', $notes['aircraft'])->first();
        $recording = $this->imports->take(new LogFile($path, $file), $path, $aircraft);
        $recording->flights()->get()->each(
            fn (Flight $flight): bool => $flight->update([
                'flown_at' => $flight->flown_at ?? $notes['at'],
                'pack_id' => Pack::where('label', $notes['pack'] ?? null)->first()?->id,
                ...array_intersect_key($notes, array_flip(['charged', 'site', 'weather', 'note'])),
            ]),
        );
    }

    /** @param  array<string, mixed>  $pack */
    private function pack(array $pack): void
    {
        $kept = Pack::create([
            ...array_diff_key($pack, ['resistance' => 0]),
            'uuid' => (string) Str::uuid(),
            'note' => '',
        ]);
        foreach ($pack['resistance'] as $day => $milliohms) {
            $kept->acts()->create(['kind' => 'resistance', 'done_on' => $day, 'milliohms' => $milliohms, 'note' => '']);
        }
    }

    /** @param  array<string, mixed>  $work */
    private function work(array $work): void
    {
        Upkeep::create([
            'aircraft_id' => Aircraft::where('name', $work['aircraft'])->firstOrFail()->id,
            'part' => $work['part'],
            'did' => $work['did'],
            'done_on' => $work['on'],
            'every_flights' => $work['flights'],
            'every_months' => $work['months'],
            'note' => $work['note'],
        ]);
    }
}
