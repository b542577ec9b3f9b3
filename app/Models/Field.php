<?php

namespace DuskSwitch\App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A place to fly, with an outline and a height that aren't left.
 *
 * @property int $id
 * @property string $uuid
 * @property string $name
 * @property list<array{float, float}> $outline latitude and longitude of its corners
 * @property list<array{float, float}> $runway both ends, or nothing
 * @property float|null $height metres over the field
 */
final class Field extends Model
{
    protected $guarded = [];

    protected $casts = ['outline' => 'array', 'runway' => 'array', 'height' => 'float'];
}
