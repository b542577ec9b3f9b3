<?php

namespace DuskSwitch\Core\Document\Merge;

use DuskSwitch\Core\Document\Copy;
use DuskSwitch\Core\Document\Declaration;
use DuskSwitch\Core\Document\Form;
use DuskSwitch\Core\Document\Form\Keyed;
use DuskSwitch\Core\Document\Forms;
use DuskSwitch\Core\Document\Part;

/**
 * Brings two edits of the same document together, against the document that both began with. What one of them
 * changed is taken from it; what both changed, each otherwise, somebody has to choose. What is taken or chosen at once
 * is a part with an id of its own (an output, a phase), or a field of what is always there; a list without ids, such as
 * an output's feeds, and a condition are never taken apart.
 */
final class Merge
{
    /** @var list<MergedPart> */
    private array $parts = [];

    /**
     * @param  array<string, Side>  $choices  by the path of a part
     * @param  Side|null  $otherwise  whose the other parts are: Base; or Both, where two edits join; null where somebody
     *                  chooses then
     */
    private function __construct(
        private readonly Forms $forms,
        private readonly array $choices,
        private readonly ?Side $otherwise,
    ) {}

    /**
     * Both edits as one. All three are of one class.
     *
     * @param  array<string, Side>  $choices  by {@see MergedPart::$path}; those of other paths mean nothing
     */
    public static function of(Part $base, Part $mine, Part $theirs, Forms $forms, array $choices = []): Merged
    {
        return self::made(new self($forms, $choices, null), $base, $mine, $theirs);
    }

    /** The base with one part of one of the edits, and nothing else of them. */
    public static function only(string $path, Side $side, Part $base, Part $mine, Part $theirs, Forms $forms): Part
    {
        return self::made(new self($forms, [$path => $side], Side::Base), $base, $mine, $theirs)->document;
    }

    private static function made(self $merge, Part $base, Part $mine, Part $theirs): Merged
    {
        return new Merged($merge->fields('', $base, $mine, $theirs), $merge->parts);
    }

    private function fields(string $path, Part $base, Part $mine, Part $theirs): Part
    {
        $changed = [];
        foreach ($this->forms->declaration($mine::class)->fields($this->forms) as $field) {
            if ($field->isApart) {
                continue;
            }
            $name = $field->name;
            $at = $path === '' ? $field->key : "{$path}/{$field->key}";
            $versions = [$base->{$name}, $mine->{$name}, $theirs->{$name}];
            $isThere = $field->default instanceof Part || $field->inline !== null;
            $changed[$name] = $this->value($at, $field->form, $isThere, ...$versions);
        }

        return Copy::of($mine, $changed);
    }

    /** @param  bool  $isThere  true for a part that no document is without: its fields are chosen, not all of it */
    private function value(string $at, Form $form, bool $isThere, mixed $base, mixed $mine, mixed $theirs): mixed
    {
        if ($this->same($form, $mine, $theirs) && $this->otherwise !== Side::Base) {
            return $mine;
        }
        if ($isThere && $form instanceof Declaration) {
            assert($base instanceof Part && $mine instanceof Part && $theirs instanceof Part);

            return $this->fields($at, $base, $mine, $theirs);
        }
        $areMany = is_array($base) && is_array($mine) && is_array($theirs);
        if ($areMany && $form instanceof Keyed && $form->isKeyed()) {
            $versions = [$form->byId($base), $form->byId($mine), $form->byId($theirs)];

            return $form->together($this->content($at, $form, ...$versions));
        }

        return $this->part($at, $form, $base, $mine, $theirs);
    }

    /**
     * @param  array<int|string, mixed>  $base  by id
     * @param  array<int|string, mixed>  $mine
     * @param  array<int|string, mixed>  $theirs
     * @return array<int|string, mixed>
     */
    private function content(string $at, Keyed $form, array $base, array $mine, array $theirs): array
    {
        $merged = [];
        foreach (array_keys($mine + $theirs + $base) as $id) {
            $versions = [$base[$id] ?? null, $mine[$id] ?? null, $theirs[$id] ?? null];
            $merged[$id] = $this->part("{$at}/{$id}", $form->one($id, $this->forms), ...$versions);
        }
        $merged = array_filter($merged, fn (mixed $one): bool => $one !== null);
        $order = $this->order("{$at}/#order", $form->isRanked(), array_keys($base), array_keys($mine), array_keys($theirs));
        $sorted = [];
        foreach (Order::within(Order::with($order, array_keys($merged)), array_keys($merged)) as $id) {
            $sorted[$id] = $merged[$id];
        }

        return $sorted;
    }

    /**
     * @param  list<int|string>  $base
     * @param  list<int|string>  $mine
     * @param  list<int|string>  $theirs
     * @return list<int|string>
     */
    private function order(string $at, bool $isRanked, array $base, array $mine, array $theirs): array
    {
        [$asMine, $asTheirs] = [Order::with($mine, $theirs), Order::with($theirs, $mine)];
        if ($this->otherwise !== Side::Base && $asMine === $asTheirs) {
            return $asMine;
        }
        $changed = [
            ...Order::differs($base, $mine) || ($isRanked && array_diff($mine, $base) !== []) ? [Side::Mine] : [],
            ...Order::differs($base, $theirs) || ($isRanked && array_diff($theirs, $base) !== []) ? [Side::Theirs] : [],
        ];
        if ($changed === []) {
            return $asMine;
        }

        return match ($this->take($at, $changed, false)) {
            Side::Mine => $asMine,
            Side::Base => Order::with($base, $asMine),
            default => $asTheirs,
        };
    }

    private function part(string $at, Form $form, mixed $base, mixed $mine, mixed $theirs): mixed
    {
        if ($this->same($form, $mine, $theirs)) {
            return $this->otherwise === Side::Base ? $base : $mine;
        }
        $changed = [
            ...$this->same($form, $base, $mine) ? [] : [Side::Mine],
            ...$this->same($form, $base, $theirs) ? [] : [Side::Theirs],
        ];
        $joined = count($changed) > 1 ? $this->joined($base, $mine, $theirs) : null;

        return match ($this->take($at, $changed, $joined !== null)) {
            Side::Mine => $mine,
            Side::Both => $joined,
            Side::Base => $base,
            default => $theirs,
        };
    }

    /**
     * Whose a part is to be; notes it.
     *
     * @param  list<Side>  $changed
     */
    private function take(string $at, array $changed, bool $joins): ?Side
    {
        $usual = match (true) {
            $this->otherwise === Side::Base => Side::Base,
            count($changed) === 1 => $changed[0],
            $joins => $this->otherwise,
            default => null,
        };
        $chosen = $this->choices[$at] ?? $usual;
        $taken = $chosen === Side::Both && ! $joins ? $usual : $chosen;
        $this->parts[] = new MergedPart($at, $changed, $joins, $taken);

        return $taken;
    }

    /** Both edits of one part where they touch other fields of it; null where they meet in one. */
    private function joined(mixed $base, mixed $mine, mixed $theirs): ?Part
    {
        $isSame = $base instanceof Part && $mine instanceof Part && $theirs instanceof Part
            && $base::class === $mine::class && $mine::class === $theirs::class
            && $this->forms->of($mine::class) instanceof Declaration;
        $merged = $isSame ? self::made(new self($this->forms, [], Side::Both), $base, $mine, $theirs) : null;

        return $merged?->isDecided() === true ? $merged->document : null;
    }

    private function same(Form $form, mixed $one, mixed $other): bool
    {
        if ($one === $other || $one === null || $other === null) {
            return $one === $other;
        }

        return json_encode($form->write($one, $this->forms)) === json_encode($form->write($other, $this->forms));
    }
}
