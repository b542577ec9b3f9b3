<?php

namespace DuskSwitch\Core\Proof\Rule;

use DuskSwitch\Core\Program\Output;
use DuskSwitch\Core\Proof\Finding;
use DuskSwitch\Core\Proof\Judgement;
use DuskSwitch\Core\Proof\ProofContext;
use DuskSwitch\Core\Proof\Rule;
use DuskSwitch\Core\Proof\Severity;
use DuskSwitch\Core\Proof\Subject;

/** As many channels as the link carries. */
final class FitsTheLink implements Rule
{
    public function id(): string
    {
        return 'fits-the-link';
    }

    public function subject(): Subject
    {
        return Subject::Link;
    }

    public function says(): string
    {
        return 'No more channels than transmitter, link and receiver carry.';
    }

    public function judge(ProofContext $context): Judgement
    {
        $kit = $context->program->aboard->kit;
        $subtype = $context->transmitter->links[$kit->link ?? '']->subtypes[$kit->subtype ?? ''] ?? null;
        $carriers = [
            'subtype' => ['the link’s sub-type', $subtype['channels'] ?? null],
            'receiver' => [$context->receiver->name ?? 'the receiver', $context->receiver?->channels],
            'transmitter' => [$context->transmitter->name, $context->transmitter->channels],
        ];
        $found = [];
        foreach ($carriers as $what => [$who, $channels]) {
            $over = array_values(
                array_filter(
                    $context->program->outputs,
                    fn (Output $one): bool => $channels !== null && $one->channel > $channels,
                ),
            );
            if ($over !== []) {
                $last = $over[count($over) - 1]->channel;
                $names = implode(', ', array_map(fn (Output $one): string => "{$one->channel} {$one->name}", $over));
                $found[] = new Finding(
                    $this->id(),
                    Severity::Error,
                    "output:{$last}",
                    (count($over) === 1 ? "Channel {$names} doesn't" : "Channels {$names} don't").
                        " get through: {$who} carries {$channels}. Move what is important to lower channels, or ".
                        'choose another sub-type or receiver',
                    detail: $what,
                    channels: array_map(fn (Output $one): int => $one->channel, $over),
                );
            }
        }
        if ($found === [] && ($context->receiver === null || $subtype === null)) {
            return Judgement::notChecked(
                $context->receiver === null ? 'no receiver is chosen' : 'no link and sub-type are chosen',
            );
        }

        return Judgement::of($found);
    }
}
