<?php

namespace DuskSwitch\App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A definition of the pilot's own: a transmitter, receiver, controller, pack or speed controller.
 *
 * @property string $kind
 * @property string $slug its id in documents
 * @property string $document its text
 */
final class Definition extends Model
{
    protected $guarded = [];
}
