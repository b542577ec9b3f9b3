<?php

namespace DuskSwitch\App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A small document of which there is one of a kind and about something.
 *
 * @property string $kind columns, balance or video
 * @property string $about
 * @property array<mixed> $content
 */
final class Paper extends Model
{
    protected $guarded = [];

    protected $casts = ['content' => 'array'];

    /** @return array<mixed>|null what was kept, or null */
    public static function read(string $kind, string $about): ?array
    {
        return self::query()->where('kind', $kind)->where('about', $about)->first()?->content;
    }

    /** @param  array<mixed>  $content */
    public static function keep(string $kind, string $about, array $content): void
    {
        self::query()->updateOrCreate(['kind' => $kind, 'about' => $about], ['content' => $content]);
    }
}
