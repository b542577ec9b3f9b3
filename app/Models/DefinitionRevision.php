<?php

namespace DuskSwitch\App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * One state of a definition of the pilot's own. Never changed, never deleted.
 *
 * @property string $kind
 * @property string $slug the definition's id
 * @property int $number
 * @property string $document its text
 * @property Carbon $created_at
 */
final class DefinitionRevision extends Model
{
    public const UPDATED_AT = null;

    protected $guarded = [];
}
