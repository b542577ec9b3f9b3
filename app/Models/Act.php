<?php

namespace DuskSwitch\App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * Something that the pilot did with an aircraft in hand: bound it, tested a step at the bench, went through a
 * checklist, entered a line of the sheet, set an item of the readiness list aside, named a revision, kept the
 * controller's settings.
 *
 * @property int $aircraft_id
 * @property string $kind bind, test, check, entry, aside, named or settings
 * @property string $about binding, the step, the checklist, the item, or the transmitter that a line was entered into
 * @property int $revision the program's at that time
 * @property string|null $fingerprint of what was tested; null where it was kept before there were any
 * @property list<string> $items what was ticked, or with what it was done; of an entry the line's key and value
 * @property string|null $note the pilot's own, or why it was flown though the proof had found an error
 * @property Carbon $created_at
 */
final class Act extends Model
{
    public const UPDATED_AT = null;

    protected $guarded = [];

    protected $casts = ['items' => 'array'];
}
