<?php

namespace DuskSwitch\App\Hangar;

use DuskSwitch\App\Models\Act;
use DuskSwitch\App\Models\Aircraft;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Sheet\Line;
use DuskSwitch\Core\Sheet\Sheet;
use Illuminate\Support\Facades\DB;

/** Which lines of a sheet were entered into a transmitter, and whether they still say the same. */
final readonly class Entries
{
    private const KIND = 'entry';

    /**
     * What stands in the transmitter of the lines that the sheet has now.
     *
     * @return array<string, array{state: string, value: string, at: string, revision: int}> by the line's key; `changed` where the sheet says something else by now
     */
    public function of(Aircraft $aircraft, Sheet $sheet): array
    {
        $entered = [];
        $lines = $sheet->lines();
        $former = $sheet->formerKeys();
        foreach ($this->acts($aircraft, $sheet)->get() as $act) {
            [$key, $value] = [$act->items[0] ?? '', $act->items[1] ?? ''];
            $key = isset($lines[$key]) ? $key : $former[$key] ?? '';
            if (isset($lines[$key])) {
                $entered[$key] = [
                    'state' => $act->fingerprint === self::fingerprint($lines[$key]) ? 'done' : 'changed',
                    'value' => $value,
                    'at' => $act->created_at->toIso8601ZuluString(),
                    'revision' => $act->revision,
                ];
            }
        }

        return $entered;
    }

    /**
     * What stands in the transmitter, and the sheet has no more: to be taken out there.
     *
     * @return list<array{key: string, what: string, value: string}>
     */
    public function gone(Aircraft $aircraft, Sheet $sheet): array
    {
        $known = $sheet->lines() + $sheet->formerKeys();
        $gone = [];
        foreach ($this->acts($aircraft, $sheet)->get() as $act) {
            $key = $act->items[0] ?? '';
            if (! isset($known[$key])) {
                $gone[] = ['key' => $key, 'what' => $act->items[2] ?? 'A line', 'value' => $act->items[1] ?? ''];
            }
        }

        return $gone;
    }

    /** Forgets what was taken out of the transmitter. */
    public function forget(Aircraft $aircraft, Sheet $sheet): void
    {
        $keys = array_column($this->gone($aircraft, $sheet), 'key');
        foreach ($this->acts($aircraft, $sheet)->get() as $act) {
            in_array($act->items[0] ?? '', $keys, true) && $act->delete();
        }
    }

    /**
     * Keeps that lines were entered, or that they weren't.
     *
     * @param  list<string>  $keys
     *
     * @throws Refused where the sheet has no such line
     */
    public function tick(Aircraft $aircraft, Sheet $sheet, array $keys, bool $done): void
    {
        $lines = $sheet->lines();
        foreach ($keys as $at => $key) {
            if (! isset($lines[$key])) {
                throw Refused::because("keys[{$at}]", 'the sheet has no such line now; look at it again, then tick it');
            }
        }
        $former = array_diff_key($sheet->formerKeys(), $lines);
        DB::transaction(function () use ($aircraft, $sheet, $keys, $done, $lines, $former): void {
            foreach ($this->acts($aircraft, $sheet)->get() as $act) {
                $key = $act->items[0] ?? '';
                in_array($former[$key] ?? $key, $keys, true) && $act->delete();
            }
            foreach ($done ? $keys : [] as $key) {
                Act::create([
                    'aircraft_id' => $aircraft->id,
                    'kind' => self::KIND,
                    'about' => $sheet->transmitter->id,
                    'revision' => $aircraft->head,
                    'fingerprint' => self::fingerprint($lines[$key]),
                    'items' => [$key, $lines[$key]->value, $lines[$key]->what],
                    'note' => null,
                ]);
            }
        });
    }

    /** @return \Illuminate\Database\Eloquent\Builder<Act> */
    private function acts(Aircraft $aircraft, Sheet $sheet): \Illuminate\Database\Eloquent\Builder
    {
        return Act::query()
            ->where('aircraft_id', $aircraft->id)
            ->where('kind', self::KIND)
            ->where('about', $sheet->transmitter->id)
            ->orderBy('id');
    }

    private static function fingerprint(Line $line): string
    {
        return substr(hash('sha256', $line->value), 0, 24);
    }
}
