<?php

namespace DuskSwitch\Core\Edits;

use Closure;
use DuskSwitch\Core\Document\LeafChanges;
use DuskSwitch\Core\Document\Merge\Merge;
use DuskSwitch\Core\Document\Merge\MergedPart;
use DuskSwitch\Core\Document\Merge\Side;
use DuskSwitch\Core\Format\Spelling;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\SummaryItem;

/** What two edits of a program changed, part by part, in words. */
final readonly class EditWords
{
    /** @var array<string, SummaryItem> */
    private array $before;

    /** @param  Closure(Program): array<string, SummaryItem>  $summary  all that can be said of a program */
    public function __construct(
        private Program $base,
        private Program $mine,
        private Program $theirs,
        private Closure $summary,
    ) {
        $this->before = $summary($base);
    }

    /** A part with what each side changed in it. */
    public function of(MergedPart $part): EditedPart
    {
        $sides = array_map(fn (Side $side): array => $this->side($part, $side), $part->changed);
        $words = array_combine(array_column($part->changed, 'value'), array_column($sides, 1));

        return new EditedPart(
            $part,
            $sides[0][0] ?? $part->path,
            $words[Side::Mine->value] ?? [],
            $words[Side::Theirs->value] ?? [],
        );
    }

    /** @return array{string, non-empty-list<string>} what it's called, and what a side changed in it */
    private function side(MergedPart $part, Side $side): array
    {
        if (str_ends_with($part->path, '/#order')) {
            return $this->order(explode('/', $part->path, -1), $part->path, $side);
        }
        $program = Merge::only($part->path, $side, $this->base, $this->mine, $this->theirs, Spelling::forms());
        assert($program instanceof Program);
        $after = ($this->summary)($program);
        $said = Differences::between($this->before, $after)
            ?: LeafChanges::between(Spelling::of($this->base), Spelling::of($program));

        return [$this->title($part->path, $after), $said === [] ? ['Changed'] : $said];
    }

    /**
     * @param  list<string>  $keys  down to the list
     * @return array{string, non-empty-list<string>}
     */
    private function order(array $keys, string $path, Side $side): array
    {
        $merged = Merge::of($this->base, $this->mine, $this->theirs, Spelling::forms(), [$path => $side]);
        $list = array_reduce(
            $keys,
            fn (mixed $within, string $key): mixed => is_array($within) ? $within[$key] ?? null : null,
            Spelling::of($merged->document),
        );
        $names = [];
        foreach (is_array($list) ? $list : [] as $one) {
            $name = is_array($one) ? $one['name'] ?? $one['id'] ?? '' : '';
            $names[] = is_string($name) ? $name : '';
        }

        return ['Order of '.end($keys), [implode(', ', $names)]];
    }

    /** @param  array<string, SummaryItem>  $after */
    private function title(string $path, array $after): string
    {
        foreach ($this->before + $after as $key => $item) {
            $old = $this->before[$key]->facts ?? [];
            $new = $after[$key]->facts ?? [];
            if ($item == ($after[$key] ?? null) && isset($this->before[$key])) {
                continue;
            }
            $label = array_values(array_udiff_assoc($new + $old, $old, self::compare(...)))[0][0] ??
                array_values(array_udiff_assoc($old, $new, self::compare(...)))[0][0] ?? $item->kind;

            return ucfirst($item->name === '' ? $label : "{$item->kind} {$item->name}");
        }

        return ucfirst(str_replace('/', ' ', $path));
    }

    /**
     * @param  array{string, string}  $one
     * @param  array{string, string}  $other
     */
    private static function compare(array $one, array $other): int
    {
        return $one <=> $other;
    }
}
