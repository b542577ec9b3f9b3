<?php

namespace DuskSwitch\App\Models;

use DuskSwitch\Core\Units\UnitSystem;
use Illuminate\Database\Eloquent\Model;

/**
 * Who flies: the app has one pilot, and what is chosen here holds for all aircraft that say nothing else.
 *
 * @property UnitSystem $units in which values are read and heard
 */
final class Pilot extends Model
{
    protected $guarded = [];

    protected $casts = ['units' => UnitSystem::class];

    /** The pilot, as first met where nothing was chosen yet. */
    public static function here(): self
    {
        return self::query()->first() ?? new self(['units' => UnitSystem::Metric]);
    }
}
