<?php

namespace DuskSwitch\App\Hangar;

use Closure;
use DuskSwitch\App\Database\Restored;
use DuskSwitch\App\Models\Aircraft;
use DuskSwitch\App\Models\Revision;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Format\Json;
use DuskSwitch\Core\Format\ProgramEncoder;
use DuskSwitch\Core\Kit\StickMode;
use DuskSwitch\Core\Program\Program;
use Illuminate\Support\Facades\DB;
use stdClass;

/**
 * The aircraft and the revisions of their programs. Revisions are only ever added. Whatever changes an aircraft names
 * the revision that it was decided on; that is checked inside the transaction that makes the change.
 */
final class Hangar
{
    /** A new aircraft with its first revision. */
    public function add(Program $program, string $note): Aircraft
    {
        return DB::transaction(function () use ($program, $note): Aircraft {
            $aircraft = Aircraft::create([...$this->label($program), 'head' => 1]);
            $aircraft->revisions()->create(['number' => 1, 'document' => self::text($program), 'note' => $note]);

            return $aircraft;
        });
    }

    /**
     * Adds a revision on top of the one that the edit was based on. Nothing is added where nothing changed, nor
     * where the aircraft has moved on from the same edit of the same revision: its answer was lost on the way.
     *
     * @param  string|null  $uuid  of the aircraft that the edit is of, where whoever sends it knows
     *
     * @throws Conflict where the aircraft has moved on; the edit is kept aside
     * @throws Restored where another aircraft stands there since a restore
     */
    public function save(Aircraft $aircraft, int $base, Program $program, string $note, ?string $uuid = null): Aircraft
    {
        $document = self::text($program);
        $conflict = DB::transaction(function () use ($aircraft, $base, $program, $document, $note, $uuid): ?Conflict {
            $aircraft->refresh();
            if ($uuid !== null && $uuid !== $aircraft->uuid) {
                throw new Restored();
            }
            $current = $aircraft->current();
            if ($current->document === $document) {
                return null;
            }
            $moved = $aircraft->head !== $base;
            $revision =
                ($moved ? $this->sameEdit($aircraft, $base, $document) : null) ??
                $aircraft->revisions()->create([
                    'number' => (int) $aircraft->revisions()->max('number') + 1,
                    'parent' => $base,
                    'document' => $document,
                    'note' => $note,
                    'aside' => $moved,
                ]);
            if ($moved) {
                return new Conflict($base, $current, $revision);
            }
            $aircraft->update([...$this->label($program), 'head' => $revision->number]);

            return null;
        });
        if ($conflict !== null) {
            throw $conflict;
        }

        return $aircraft;
    }

    /** The stick mode of the aircraft that was saved last: pilots keep to one. */
    public function usualStickMode(): StickMode
    {
        $last = Revision::query()->where('aside', false)->latest('id')->value('document');
        $document = is_string($last) ? json_decode($last) : null;
        $mode = $document instanceof stdClass ? $document->stickMode ?? null : null;

        return (is_int($mode) ? StickMode::tryFrom($mode) : null) ?? StickMode::Two;
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
        return $aircraft
            ->revisions()
            ->where('parent', $aircraft->head)
            ->where('aside', false)
            ->orderByDesc('number')
            ->first();
    }

    /**
     * Makes a revision the present one.
     *
     * @throws Conflict where the aircraft isn't at $base any more
     */
    public function turnTo(Aircraft $aircraft, int $base, Revision $revision, Program $program): void
    {
        $this->at(
            $aircraft,
            $base,
            fn () => $aircraft->update([...$this->label($program), 'head' => $revision->number]),
        );
    }

    /**
     * Takes an aircraft out of the hangar; {@see self::restore()} brings it back.
     *
     * @throws Conflict where the aircraft isn't at $base any more
     */
    public function delete(Aircraft $aircraft, int $base): void
    {
        $this->at($aircraft, $base, fn () => $aircraft->delete());
    }

    /**
     * Brings a deleted aircraft back; one that is there stays as it is.
     *
     * @throws Conflict where it isn't at $base: it was brought back and changed before
     */
    public function restore(int $id, int $base): Aircraft
    {
        $aircraft = Aircraft::withTrashed()->findOrFail($id);
        $this->at($aircraft, $base, fn () => $aircraft->restore());

        return $aircraft;
    }

    /** Does something to an aircraft that stands at a revision: looked at and done in one transaction. */
    private function at(Aircraft $aircraft, int $base, Closure $change): void
    {
        $conflict = DB::transaction(function () use ($aircraft, $base, $change): ?Conflict {
            $found = Aircraft::withTrashed()->findOrFail($aircraft->id);
            $aircraft->setRawAttributes($found->getAttributes(), true);
            if ($aircraft->head !== $base) {
                return new Conflict($base, $aircraft->current());
            }
            $change();

            return null;
        });
        if ($conflict !== null) {
            throw $conflict;
        }
    }

    private function sameEdit(Aircraft $aircraft, int $base, string $document): ?Revision
    {
        return $aircraft
            ->revisions()
            ->where('parent', $base)
            ->where('document', $document)
            ->orderByDesc('number')
            ->first();
    }

    /** @throws Refused where it couldn't be read back */
    private static function text(Program $program): string
    {
        $text = ProgramEncoder::encode($program);
        if (strlen($text) > Json::MAX_BYTES) {
            throw Refused::because(
                '',
                sprintf(
                    'this program is %.1f MB written out; at most %.0f MB are kept. Shorten its notes, callouts or '.
                        'lists',
                    strlen($text) / 1e6,
                    Json::MAX_BYTES / 1e6,
                ),
            );
        }

        return $text;
    }

    /** @return array{name: string, family: string, transmitter: string} */
    private function label(Program $program): array
    {
        return ['name' => $program->name, 'family' => $program->family->value, 'transmitter' => $program->transmitter];
    }
}
