<?php

namespace DuskSwitch\App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;

/**
 * An aircraft in the hangar. Its program is the revision that `head` names.
 *
 * @property int $id
 * @property string $uuid what it is called in backups, on every machine
 * @property string $name
 * @property string $family
 * @property string $transmitter
 * @property int $head
 * @property string|null $document of its program, where {@see self::withDocument()} asked for it
 * @property Carbon|null $saved_at when its program was saved, where {@see self::withSavedAt()} asked for it
 */
final class Aircraft extends Model
{
    use SoftDeletes;

    protected $table = 'aircraft';

    protected $guarded = [];

    protected static function booted(): void
    {
        self::creating(function (self $aircraft): void {
            $aircraft->uuid ??= (string) Str::uuid();
        });
    }

    /** @return HasMany<Revision, $this> */
    public function revisions(): HasMany
    {
        return $this->hasMany(Revision::class);
    }

    public function revision(int $number): Revision
    {
        return $this->revisions()->where('number', $number)->firstOrFail();
    }

    /** All aircraft by name, each with when its program was saved: one query. */
    public static function withSavedAt(): Builder
    {
        $saved = Revision::select('created_at')
            ->whereColumn('aircraft_id', 'aircraft.id')
            ->whereColumn('number', 'aircraft.head')
            ->limit(1);

        return self::query()
            ->addSelect(['saved_at' => $saved])
            ->withCasts(['saved_at' => 'datetime'])
            ->orderBy('name')
            ->orderBy('id');
    }

    /** All aircraft, each with the document of its program: one query. */
    public static function withDocument(): Builder
    {
        $document = Revision::select('document')
            ->whereColumn('aircraft_id', 'aircraft.id')
            ->whereColumn('number', 'aircraft.head')
            ->limit(1);

        return self::query()->addSelect(['document' => $document])->orderBy('id');
    }

    /** The number of the revision that was flown at a time: the last saved before it, else the present one. */
    public function revisionAt(?Carbon $at): int
    {
        $number =
            $at === null ? null : $this->revisions()->where('aside', false)->where('created_at', '<=', $at)->max('number');

        return is_numeric($number) ? (int) $number : $this->head;
    }

    public function current(): Revision
    {
        return $this->revision($this->head);
    }
}
