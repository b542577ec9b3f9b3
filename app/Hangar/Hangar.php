<?php

namespace DuskSwitch\App\Hangar;

use DuskSwitch\App\Models\Aircraft;
use DuskSwitch\App\Models\Revision;
use DuskSwitch\Core\Format\ProgramEncoder;
use DuskSwitch\Core\Program\Program;
use Illuminate\Support\Facades\DB;

/** The aircraft and the revisions of their programs. Revisions are only ever added. */
final class Hangar
{
    /** A new aircraft with its first revision. */
    public function add(Program $program, string $note): Aircraft
    {
        return DB::transaction(function () use ($program, $note): Aircraft {
            $aircraft = Aircraft::create([...$this->label($program), 'head' => 1]);
            $aircraft->revisions()->create(['number' => 1, 'document' => ProgramEncoder::encode($program), 'note' => $note]);

            return $aircraft;
        });
    }

    /**
     * Adds a revision on top of the one that the edit was based on. Nothing is added where nothing changed.
     *
     * @throws Conflict where the aircraft has moved on; the edit is kept aside
     */
    public function save(Aircraft $aircraft, int $base, Program $program, string $note): Aircraft
    {
        $document = ProgramEncoder::encode($program);
        $conflict = null;
        DB::transaction(function () use ($aircraft, $base, $program, $document, $note, &$conflict): void {
            $aircraft->refresh();
            $current = $aircraft->current();
            if ($current->document === $document) {
                return;
            }
            $revision = $aircraft->revisions()->create([
                'number' => (int) $aircraft->revisions()->max('number') + 1,
                'parent' => $base,
                'document' => $document,
                'note' => $note,
                'aside' => $aircraft->head !== $base,
            ]);
            if ($aircraft->head === $base) {
                $aircraft->update([...$this->label($program), 'head' => $revision->number]);
            } else {
                $conflict = new Conflict($base, $current, $revision);
            }
        });
        if ($conflict !== null) {
            throw $conflict;
        }

        return $aircraft;
    }

    /** The revision that undo leads to, or null. */
    public function before(Aircraft $aircraft): ?Revision
    {
        $parent = $aircraft->current()->parent;

        return $parent === null ? null : $aircraft->revision($parent);
    }

    /** The revision that redo leads to, or null: the newest that was made from the present one. */
    public function after(Aircraft $aircraft): ?Revision
    {
        return $aircraft->revisions()->where('parent', $aircraft->head)->where('aside', false)->orderByDesc('number')->first();
    }

    /** Makes a revision the present one. */
    public function turnTo(Aircraft $aircraft, Revision $revision, Program $program): void
    {
        $aircraft->update([...$this->label($program), 'head' => $revision->number]);
    }

    /** @return array{name: string, family: string, transmitter: string} */
    private function label(Program $program): array
    {
        return ['name' => $program->name, 'family' => $program->family->value, 'transmitter' => $program->transmitter];
    }
}
