<?php

namespace DuskSwitch\App\Backup;

use Illuminate\Support\Facades\DB;
use Ramsey\Uuid\Uuid;
use stdClass;

/** Brings the aircraft of an unpacked backup in, with what was done with them in hand. */
final class AircraftMerge
{
    private readonly Tally $acts;

    public function __construct(private readonly bool $keep)
    {
        $this->acts = new Tally();
    }

    /** Takes in what is new, and keeps both where two differ. */
    public function merge(stdClass $one): RestoreStatus
    {
        $here = DB::table('main.aircraft')->where('uuid', $one->uuid)->first();
        $status = $here === null ? RestoreStatus::New : $this->status($one, $here);
        if ($this->keep) {
            match ($status) {
                RestoreStatus::New => $this->add($one, $one->uuid, $one->name),
                RestoreStatus::Newer => $this->goOn($one, $here->id ?? 0),
                // Both went on from the same: theirs becomes an aircraft beside ours.
                RestoreStatus::Conflict => $this->addTwin($one),
                RestoreStatus::Same, RestoreStatus::Older => null,
            };
        }
        // Of a twin they speak of its own revisions, and came with it.
        if ($status !== RestoreStatus::Conflict) {
            $this->addActs($one, $here->id ?? null);
        }

        return $status;
    }

    /** What was done with aircraft in hand. */
    public function acts(): Tally
    {
        return $this->acts;
    }

    private function status(stdClass $one, stdClass $here): RestoreStatus
    {
        return RestoreStatus::of(
            DB::table('main.revisions')->where('aircraft_id', $here->id)->pluck('document', 'number')->all(),
            DB::table('staged.revisions')->where('aircraft_id', $one->id)->pluck('document', 'number')->all(),
            (int) $here->head === (int) $one->head && ($here->deleted_at === null) === ($one->deleted_at === null),
        );
    }

    /** An aircraft beside the present one; restoring the same backup once more adds no further one. */
    private function addTwin(stdClass $one): void
    {
        $head = (string) DB::table('staged.revisions')
            ->where('aircraft_id', $one->id)
            ->where('number', $one->head)
            ->value('document');
        $uuid = (string) Uuid::uuid5(Uuid::NAMESPACE_OID, $one->uuid.hash('sha256', $head));
        if (DB::table('main.aircraft')->where('uuid', $uuid)->doesntExist()) {
            $id = $this->add($one, $uuid, mb_substr((string) $one->name, 0, 46).' (from backup)');
            $this->addActs($one, $id);
        }
    }

    private function add(stdClass $one, string $uuid, string $name): int
    {
        $isTaken = DB::table('main.aircraft')->where('id', $one->id)->exists();
        $id = (int) DB::table('main.aircraft')->insertGetId([
            ...array_diff_key((array) $one, $isTaken ? ['id' => true] : []),
            'uuid' => $uuid,
            'name' => $name,
        ]);
        $this->addRevisions($one, $id, []);

        return $id;
    }

    /** What the backup has more of an aircraft that is here. */
    private function goOn(stdClass $one, int $id): void
    {
        $this->addRevisions(
            $one,
            $id,
            DB::table('main.revisions')->where('aircraft_id', $id)->pluck('number', 'number')->all(),
        );
        DB::table('main.aircraft')
            ->where('id', $id)
            ->update(array_diff_key((array) $one, ['id' => true, 'created_at' => true]));
    }

    /** @param  array<int, int>  $known  numbers that are here */
    private function addRevisions(stdClass $one, int $id, array $known): void
    {
        foreach (
            DB::table('staged.revisions')->where('aircraft_id', $one->id)->orderBy('number')->lazy(200) as $revision
        ) {
            if (! isset($known[$revision->number])) {
                DB::table('main.revisions')->insert([
                    ...array_diff_key((array) $revision, ['id' => true]),
                    'aircraft_id' => $id,
                ]);
            }
        }
    }

    /** Acts are only ever added: those that aren't here come in, whichever side's program went on. */
    private function addActs(stdClass $one, ?int $id): void
    {
        $id ??= $this->keep ? (int) DB::table('main.aircraft')->where('uuid', $one->uuid)->value('id') : null;
        $known = [];
        foreach (
            $id === null ? [] : DB::table('main.acts')->where('aircraft_id', $id)->orderBy('id')->lazy(500) as $act
        ) {
            $key = self::key($act);
            $known[$key] = ($known[$key] ?? 0) + 1;
        }
        foreach (DB::table('staged.acts')->where('aircraft_id', $one->id)->orderBy('id')->lazy(500) as $act) {
            $key = self::key($act);
            if (($known[$key] ?? 0) > 0) {
                $known[$key]--;
                $this->acts->same++;

                continue;
            }
            $this->acts->new++;
            $this->keep &&
                DB::table('main.acts')->insert([...array_diff_key((array) $act, ['id' => true]), 'aircraft_id' => $id]);
        }
        $this->acts->gone += array_sum($known);
    }

    private static function key(stdClass $act): string
    {
        $values = array_diff_key((array) $act, ['id' => true, 'aircraft_id' => true]);
        $values['items'] = json_encode(json_decode($act->items));

        return hash('xxh128', (string) json_encode($values));
    }
}
