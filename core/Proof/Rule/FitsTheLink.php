<?php

namespace DuskSwitch\Core\Proof\Rule;

use DuskSwitch\Core\Proof\Evidence;
use DuskSwitch\Core\Proof\Finding;
use DuskSwitch\Core\Proof\Rule;
use DuskSwitch\Core\Proof\Severity;
use DuskSwitch\Core\Solve\SumSignal;

/** As many channels as the link carries, in the time that its frame has. */
final class FitsTheLink implements Rule
{
    public function id(): string
    {
        return 'fits-the-link';
    }

    public function says(): string
    {
        return 'No more channels than transmitter, link and receiver carry; a sum signal fits its frame of 22.5 ms.';
    }

    public function check(Evidence $evidence): array
    {
        $found = [];
        $last = max([0, ...array_column($evidence->program->outputs, 'channel')]);
        $kit = $evidence->program->aboard->kit;
        $subtype = $evidence->transmitter->links[$kit->link ?? '']->subtypes[$kit->subtype ?? ''] ?? null;
        $carries = array_filter(['the link’s sub-type' => $subtype['channels'] ?? null, $evidence->receiver->name ?? 'the receiver' => $evidence->receiver?->channels, $evidence->transmitter->name => $evidence->transmitter->channels]);
        foreach ($carries as $who => $channels) {
            if ($last > $channels) {
                $found[] = new Finding($this->id(), Severity::Error, "output:{$last}", "Channel {$last} doesn't get through: {$who} carries {$channels}. Move what is important to lower channels, or choose another sub-type or receiver");
            }
        }
        if ($kit->wire === 'sum' && ! SumSignal::fits($last)) {
            $found[] = new Finding($this->id(), Severity::Error, "output:{$last}", "A sum signal of {$last} channels may need ".round(SumSignal::longest($last), 1).' ms, and its frame has '.SumSignal::FRAME.' ms: at most '.SumSignal::most().' channels fit. Use the serial wire, or fewer channels');
        }

        return $found;
    }
}
