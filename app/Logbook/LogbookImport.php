<?php

namespace DuskSwitch\App\Logbook;

use DuskSwitch\App\Models\Aircraft;
use DuskSwitch\App\Models\Flight;
use DuskSwitch\App\Models\Pack;
use DuskSwitch\Core\Logbook\LogbookEntry;
use DuskSwitch\Core\Logbook\LogbookReading;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Takes flights of another logbook in: all of its lines that can be read, or none. */
final readonly class LogbookImport
{
    /** So many are shown before they are taken in. */
    private const SHOWN = 8;

    /** @var array<string, list<Aircraft>> by name in small letters */
    private array $aircraft;

    /** @var array<string, list<Pack>> by label in small letters */
    private array $packs;

    public function __construct()
    {
        $aircraft = $packs = [];
        foreach (Aircraft::all() as $one) {
            $aircraft[self::plain($one->name)][] = $one;
        }
        foreach (Pack::all() as $one) {
            $packs[self::plain($one->label)][] = $one;
        }
        [$this->aircraft, $this->packs] = [$aircraft, $packs];
    }

    /**
     * The one of that name; null where there is none, or more than one.
     *
     * @template T of Aircraft|Pack
     *
     * @param  array<string, list<T>>  $all
     * @return T|null
     */
    private static function only(array $all, string $name): Aircraft|Pack|null
    {
        $found = $all[self::plain($name)] ?? [];

        return count($found) === 1 ? $found[0] : null;
    }

    /**
     * What would come in, or has.
     *
     * @param  bool  $keep  false only looks
     * @return array<string, mixed>
     */
    public function of(LogbookReading $reading, bool $keep): array
    {
        // What is there is looked at where nobody else can add to it.
        return $keep ? DB::transaction(fn (): array => $this->look($reading, true)) : $this->look($reading, false);
    }

    /** @return array<string, mixed> */
    private function look(LogbookReading $reading, bool $keep): array
    {
        $there = Flight::get(['flown_at', 'aircraft_name', 'seconds'])
            ->mapWithKeys(
                fn (Flight $one): array => [
                    self::key($one->flown_at?->getTimestamp(), $one->aircraft_name, $one->seconds) => true,
                ],
            )
            ->all();
        $new = [];
        foreach ($reading->entries as $entry) {
            $key = self::key($entry->at, $entry->aircraft, $entry->seconds);
            if (! isset($there[$key])) {
                [$there[$key], $new[]] = [true, $entry];
            }
        }
        if ($keep) {
            array_map($this->add(...), $new);
        }

        return [
            'new' => count($new),
            'known' => count($reading->entries) - count($new),
            'bad' => array_map(fn (array $one): array => ['line' => $one[0], 'why' => $one[1]], $reading->bad),
            'remarks' => [...$reading->remarks, ...$this->remarks($new)],
            'isDayGuessed' => $reading->isDayGuessed,
            'flights' => array_map($this->shown(...), array_slice($new, 0, self::SHOWN)),
        ];
    }

    /**
     * @param  list<LogbookEntry>  $new
     * @return list<string>
     */
    private function remarks(array $new): array
    {
        $names = fn (string $key, array $known, bool $several): string => implode(
            ', ',
            array_slice(
                array_unique(
                    array_filter(
                        array_map(fn (LogbookEntry $one): string => $one->{$key}, $new),
                        fn (string $one): bool => $one !== '' &&
                            self::only($known, $one) === null &&
                            isset($known[self::plain($one)]) === $several,
                    ),
                ),
                0,
                12,
            ),
        );
        $say = fn (string $says, string $names): array => $names === '' ? [] : ["{$says}: {$names}."];

        return [
            ...$say('Not in the hangar, so known by name only', $names('aircraft', $this->aircraft, false)),
            ...$say(
                'More than one aircraft has the name, so known by name only',
                $names('aircraft', $this->aircraft, true),
            ),
            ...$say('Not among the packs, so kept in the notes', $names('pack', $this->packs, false)),
            ...$say('More than one pack has the label, so kept in the notes', $names('pack', $this->packs, true)),
        ];
    }

    /** @return array<string, mixed> */
    private function shown(LogbookEntry $one): array
    {
        return [
            'line' => $one->line,
            'flownAt' => $one->at === null ? null : gmdate('Y-m-d\TH:i:s\Z', $one->at),
            'aircraft' => $one->aircraft,
            'isKnown' => self::only($this->aircraft, $one->aircraft) !== null,
            'seconds' => $one->seconds,
            'site' => $one->site,
        ];
    }

    private function add(LogbookEntry $one): void
    {
        $aircraft = self::only($this->aircraft, $one->aircraft);
        $pack = self::only($this->packs, $one->pack);
        $at = $one->at === null ? null : Carbon::createFromTimestampUTC($one->at);
        $note = $one->pack !== '' && $pack === null ? trim("{$one->note}\nPack: {$one->pack}") : $one->note;
        Flight::create([
            'uuid' => (string) Str::uuid(),
            'aircraft_id' => $aircraft?->id,
            'aircraft_name' => $aircraft->name ?? $one->aircraft,
            'revision' => $aircraft?->revisionAt($at),
            'flown_at' => $at,
            'seconds' => $one->seconds,
            'site' => $one->site,
            'pilot' => $one->pilot,
            'pack_id' => $pack?->id,
            'charged' => $one->charged,
            'weather' => $one->weather,
            'note' => $note,
            'facts' => $one->facts,
            'marks' => $one->marks,
        ]);
    }

    /** Two flights are the same where they began in the same minute, with the same aircraft, and lasted as long. */
    private static function key(?int $at, string $aircraft, ?float $seconds): string
    {
        return implode('|', [
            $at === null ? '' : intdiv($at, 60),
            self::plain($aircraft),
            $seconds === null ? '' : (int) round($seconds),
        ]);
    }

    private static function plain(string $name): string
    {
        return mb_strtolower(trim($name));
    }
}
