<?php

namespace DuskSwitch\App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * A pack that the pilot owns, with a label of its own.
 *
 * @property int $id
 * @property string $uuid
 * @property string $label
 * @property int $cells in series
 * @property float $capacity mAh
 * @property string $plug
 * @property float|null $grams
 * @property string $note
 * @property string|null $retired_on
 */
final class Pack extends Model
{
    protected $guarded = [];

    protected $casts = ['cells' => 'integer', 'capacity' => 'float', 'grams' => 'float'];

    /** @return HasMany<PackAct, $this> */
    public function acts(): HasMany
    {
        return $this->hasMany(PackAct::class)->orderBy('done_on')->orderBy('id');
    }
}
