<?php

namespace DuskSwitch\Core\Link;

use DuskSwitch\Core\Kit\Link;
use DuskSwitch\Core\Kit\Receiver;

/** Do transmitter and receiver speak with each other, and does all get through? */
final readonly class LinkCheck
{
    public function __construct(private InstalledKit $kit) {}

    /** @return list<VerdictPoint> nothing where no receiver is chosen */
    public function points(): array
    {
        return $this->kit->receiver === null ? [] : [...$this->link(), ...$this->channels(), ...$this->telemetry()];
    }

    /** @return list<VerdictPoint> */
    private function link(): array
    {
        $kit = $this->kit;
        $receiver = $kit->receiver;
        if ($receiver === null) {
            return [];
        }
        $link = $kit->transmitter->links[$receiver->link] ?? null;
        if ($link === null) {
            return [
                VerdictPoint::wrong(
                    'Link',
                    "{$kit->transmitter->name} doesn't speak the link of {$receiver->name} ({$receiver->link}).",
                    'Take a receiver of a link that it speaks: '.
                        (implode(', ', array_map(fn ($one): string => $one->name, $kit->transmitter->links)) ?:
                            'none is in its definition').
                        '.',
                ),
            ];
        }

        return array_values(
            array_filter([
                $this->chosen($receiver, $link),
                $kit->choice->link === $receiver->link ? $this->subtype($receiver, $link) : null,
                $this->firmware($receiver, $link),
            ]),
        );
    }

    private function chosen(Receiver $receiver, Link $link): VerdictPoint
    {
        $kit = $this->kit;

        return match ($kit->choice->link) {
            null => VerdictPoint::open(
                'Link',
                "{$receiver->name} needs the link {$link->name}; the program has none, so link and sub-type are not ".
                    'checked.',
                'Choose link and sub-type before you bind.',
            ),
            $receiver->link => VerdictPoint::fine(
                'Link',
                "{$kit->transmitter->name} and {$receiver->name} speak {$link->name}.",
            ),
            default => VerdictPoint::wrong(
                'Link',
                "The program is set to {$kit->choice->link}, and {$receiver->name} speaks {$link->name}: they don't ".
                    'bind.',
                "Choose {$link->name}.",
            ),
        };
    }

    private function subtype(Receiver $receiver, Link $link): VerdictPoint
    {
        $wanted = $link->subtypes[$receiver->subtype]['name'] ?? null;

        return match (true) {
            $wanted === null => VerdictPoint::wrong(
                'Sub-type',
                "{$this->kit->transmitter->name} has no sub-type {$receiver->subtype} of {$link->name}, which {$receiver->name} needs.",
                'Take another receiver.',
            ),
            $this->kit->choice->subtype === $receiver->subtype => VerdictPoint::fine('Sub-type', $wanted.'.'),
            default => VerdictPoint::wrong(
                'Sub-type',
                "The wrong sub-type is chosen: {$receiver->name} needs {$wanted}. With the wrong one it doesn't ".
                    'bind, or binds and stays in failsafe.',
                "Choose {$wanted} before you bind.",
            ),
        };
    }

    private function firmware(Receiver $receiver, Link $link): VerdictPoint
    {
        return $link->generation === $receiver->generation
            ? VerdictPoint::fine('Firmware', "Both sides are of generation {$link->generation}.")
            : VerdictPoint::wrong(
                'Firmware',
                "{$this->kit->transmitter->name} has generation {$link->generation} of that link, {$receiver->name} generation {$receiver->generation}: they don't bind, or bind and go into failsafe at once.",
                'Back everything up, then bring all parts to the same generation.',
            );
    }

    /** @return list<VerdictPoint> */
    private function channels(): array
    {
        $last = max([0, ...array_column($this->kit->program->outputs, 'channel')]);
        $subtype =
            $this->kit->transmitter->links[$this->kit->choice->link ?? '']->subtypes[
                $this->kit->choice->subtype ?? ''
            ] ?? null;
        $carry = min(
            array_filter(
                [$this->kit->transmitter->channels, $this->kit->receiver?->channels, $subtype['channels'] ?? null],
                fn (?int $one): bool => $one !== null,
            ),
        );

        return [
            $last <= $carry
                ? VerdictPoint::fine('Channels', "The program uses {$last}, the link carries {$carry}.")
                : VerdictPoint::wrong(
                    'Channels',
                    "The program uses channel {$last}, and {$carry} get through.",
                    'Move what is important to lower channels, or choose another sub-type or receiver.',
                ),
        ];
    }

    /** @return list<VerdictPoint> */
    private function telemetry(): array
    {
        $link = $this->kit->transmitter->links[$this->kit->receiver->link ?? ''] ?? null;

        return $link?->telemetry === true && $this->kit->receiver?->telemetry === true
            ? [VerdictPoint::fine('Telemetry', 'The receiver sends back; after binding a reading is the proof.')]
            : [
                VerdictPoint::look(
                    'Telemetry',
                    'Nothing comes back over this link.',
                    'Fly by a timer; no voltage, no signal warning. A receiver with telemetry changes that.',
                ),
            ];
    }
}
