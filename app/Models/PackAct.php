<?php

namespace DuskSwitch\App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * Something that was done with a pack: charged, stored, measured.
 *
 * @property int $id
 * @property int $pack_id
 * @property string $kind charge, storage or resistance
 * @property string $done_on
 * @property float|null $mah that went in
 * @property float|null $milliohms of a cell
 * @property string $note
 */
final class PackAct extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    protected $casts = ['mah' => 'float', 'milliohms' => 'float'];
}
