<?php

namespace DuskSwitch\App\Hangar;

use DuskSwitch\App\Models\Act;
use DuskSwitch\App\Models\Aircraft;
use Illuminate\Support\Facades\DB;

/** Names that a pilot gives revisions: “as flown at the contest”. */
final readonly class RevisionNames
{
    private const KIND = 'named';

    /** @return array<int, string> by number of the revision */
    public function of(Aircraft $aircraft): array
    {
        $names = [];
        foreach (Act::where('aircraft_id', $aircraft->id)->where('kind', self::KIND)->orderBy('id')->get() as $act) {
            $names[$act->revision] = $act->items[0] ?? '';
        }

        return $names;
    }

    /** Gives a revision a name, or takes it away. */
    public function name(Aircraft $aircraft, int $number, ?string $name): void
    {
        $aircraft->revision($number);
        DB::transaction(function () use ($aircraft, $number, $name): void {
            Act::where('aircraft_id', $aircraft->id)->where('kind', self::KIND)->where('revision', $number)->delete();
            if ($name !== null) {
                Act::create([
                    'aircraft_id' => $aircraft->id,
                    'kind' => self::KIND,
                    'about' => 'revision',
                    'revision' => $number,
                    'fingerprint' => null,
                    'items' => [$name],
                    'note' => null,
                ]);
            }
        });
    }
}
