<?php

namespace DuskSwitch\App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * A recording that was imported. The file as it came and what was read of it lie beside the database.
 *
 * @property int $id
 * @property string $uuid
 * @property string $sha256 of the file as it came
 * @property string $name of that file
 * @property int $bytes
 * @property string $format csv, nmea, gpx, kml, igc or geojson
 * @property array<string, mixed> $report its columns, bad lines and counts
 * @property Carbon $created_at
 */
final class Recording extends Model
{
    public const UPDATED_AT = null;

    protected $guarded = [];

    protected $casts = ['report' => 'array'];

    /** @return HasMany<Flight, $this> */
    public function flights(): HasMany
    {
        return $this->hasMany(Flight::class)->orderBy('place');
    }
}
