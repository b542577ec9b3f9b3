<?php

namespace DuskSwitch\App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * Work on an aircraft: a part that was fitted, something that was looked after, and when it's due again.
 *
 * @property int $id
 * @property int $aircraft_id
 * @property string $part
 * @property string $did
 * @property string $done_on
 * @property int|null $every_flights
 * @property int|null $every_months
 * @property float|null $grams_before of the whole aircraft
 * @property float|null $grams_after
 * @property string $note
 */
final class Upkeep extends Model
{
    protected $table = 'upkeep';

    protected $guarded = [];

    protected $casts = [
        'every_flights' => 'integer', 'every_months' => 'integer', 'grams_before' => 'float', 'grams_after' => 'float',
    ];
}
