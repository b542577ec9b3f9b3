<?php

namespace DuskSwitch\App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A flight in the logbook, recorded or typed in. It stays readable when its aircraft is deleted.
 *
 * @property int $id
 * @property string $uuid
 * @property int|null $recording_id
 * @property int $place which flight of the recording it is, from 0
 * @property int|null $aircraft_id
 * @property string $aircraft_name as it was called when it flew
 * @property int|null $revision of the program that was flown
 * @property Carbon|null $flown_at
 * @property float|null $seconds in the air
 * @property string $site
 * @property string $pilot
 * @property int|null $pack_id
 * @property float|null $charged mAh that the charger put back
 * @property string $weather
 * @property string $note
 * @property array<string, float|null> $facts in base units
 * @property list<array{at: float, says: string}> $marks
 * @property int|null $reader the version of what found its facts; null where that had no number yet, or they were typed in
 */
final class Flight extends Model
{
    protected $guarded = [];

    protected $casts = [
        'facts' => 'array',
        'marks' => 'array',
        'flown_at' => 'datetime',
        'seconds' => 'float',
        'charged' => 'float',
    ];

    /** @return BelongsTo<Recording, $this> */
    public function recording(): BelongsTo
    {
        return $this->belongsTo(Recording::class);
    }

    /** @return BelongsTo<Pack, $this> */
    public function pack(): BelongsTo
    {
        return $this->belongsTo(Pack::class);
    }

    /** @return BelongsTo<Aircraft, $this> also one that was deleted */
    public function aircraft(): BelongsTo
    {
        return $this->belongsTo(Aircraft::class)->withTrashed();
    }
}
