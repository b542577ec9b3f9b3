<?php

namespace DuskSwitch\App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;

/**
 * An aircraft in the hangar. Its program is the revision that `head` names.
 *
 * @property int $id
 * @property string $name
 * @property string $family
 * @property string $transmitter
 * @property int $head
 */
final class Aircraft extends Model
{
    use SoftDeletes;

    protected $table = 'aircraft';

    protected $guarded = [];

    /** @return HasMany<Revision, $this> */
    public function revisions(): HasMany
    {
        return $this->hasMany(Revision::class);
    }

    public function revision(int $number): Revision
    {
        return $this->revisions()->where('number', $number)->firstOrFail();
    }

    public function current(): Revision
    {
        return $this->revision($this->head);
    }
}
