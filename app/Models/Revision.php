<?php

namespace DuskSwitch\App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * One state of an aircraft's program. Never changed, never deleted.
 *
 * @property int $number
 * @property int|null $parent the revision that it was made from
 * @property string $document the program's canonical text
 * @property string $note what was done, in words
 * @property bool $aside an edit that was refused as it was based on an old revision, kept beside the others
 * @property Carbon $created_at
 */
final class Revision extends Model
{
    public const UPDATED_AT = null;

    protected $guarded = [];

    protected $casts = ['aside' => 'boolean'];
}
