<?php

namespace DuskSwitch\Core\Readiness;

use DuskSwitch\Core\Kinds\Kinds;

/**
 * The readiness list "Before you fly". An aircraft is ready when no item is left: each is done, isn't needed, or was set
 * aside with a reason.
 */
final readonly class Readiness
{
    /** @param  list<JudgedItem>  $items  in the order of the work */
    private function __construct(public array $items, private ReadinessContext $context) {}

    /** The list of an aircraft. */
    public static function of(ReadinessContext $context): self
    {
        $checks = Kinds::in(__DIR__.'/Check', __NAMESPACE__.'\Check', ReadinessCheck::class);
        $order = array_flip(array_column(ReadinessItem::cases(), 'value'));
        usort(
            $checks,
            fn (ReadinessCheck $a, ReadinessCheck $b): int => $order[$a->item()->value] <=> $order[$b->item()->value],
        );

        return new self(
            array_map(
                fn (ReadinessCheck $check): JudgedItem => self::asideOr($context, $check->judge($context)),
                $checks,
            ),
            $context,
        );
    }

    /** True where nothing is left to do. */
    public function isReady(): bool
    {
        return $this->next() === null;
    }

    /** What to do next; null where nothing is left. */
    public function next(): ?JudgedItem
    {
        return $this->open()[0] ?? null;
    }

    /** @return list<JudgedItem> what is left to do */
    public function open(): array
    {
        return array_values(array_filter($this->items, fn (JudgedItem $one): bool => ! $one->state->isSettled()));
    }

    /**
     * What has to be settled before a checklist can be closed: nothing for the first power-up, which belongs to the
     * bench; everything but the checklists themselves for the first flight; everything for each flight.
     *
     * @return list<JudgedItem>
     */
    public function openBefore(string $checklist): array
    {
        return match ($checklist) {
            'first-power' => [],
            'first-flight' => array_values(
                array_filter($this->open(), fn (JudgedItem $one): bool => $one->item !== ReadinessItem::Checklists),
            ),
            default => $this->open(),
        };
    }

    /** @return list<array{string, string}> what was accepted or set aside, and why: it's said wherever "ready" is */
    public function reservations(): array
    {
        $all = [];
        foreach ($this->items as $one) {
            if ($one->state === ItemState::SetAside) {
                $all[] = ["{$one->item->title()}: {$one->says}", (string) $one->reason];
            }
        }
        foreach ($this->context->proof->accepted as [$finding, $reason]) {
            $all[] = [$finding->says, $reason];
        }

        return $all;
    }

    /** Set aside is what the pilot said of this equipment, and what is still open. */
    private static function asideOr(ReadinessContext $context, JudgedItem $judged): JudgedItem
    {
        $aside = $context->last('aside', $judged->item->value);

        return $aside !== null &&
            $aside->note !== null &&
            $aside->fingerprint === $context->print->equipment() &&
            ! $judged->state->isSettled() &&
            $judged->item->canBeSetAside()
            ? $judged->setAside($aside->note)
            : $judged;
    }
}
