<?php

namespace DuskSwitch\App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\SoftDeletes;

/**
 * A definition of the pilot's own as it is now: a transmitter, receiver, controller, pack, sensor, flight script.
 *
 * @property string $kind
 * @property string $slug its id in documents
 * @property string $document its text
 * @property int $head the number of its revision
 */
final class Definition extends Model
{
    use SoftDeletes;

    protected $guarded = [];
}
