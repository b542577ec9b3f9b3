<?php

namespace DuskSwitch\App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A checklist that was gone through.
 *
 * @property string $list
 * @property int $revision the program's at that time
 * @property list<string> $items as they were ticked
 * @property string|null $reason why it was flown though the proof had found an error
 * @property Carbon $created_at
 */
final class Check extends Model
{
    public const UPDATED_AT = null;

    protected $guarded = [];

    protected $casts = ['items' => 'array'];
}
