<?php

namespace DuskSwitch\StandIn;

use DuskSwitch\Core\Kit\Binding;
use DuskSwitch\Core\Link\Act;
use DuskSwitch\Core\Link\Kit;
use DuskSwitch\Core\Link\Lamp;
use DuskSwitch\Core\Link\ReceiverPort;

/**
 * A receiver to practise on. It needs what real ones need: the right order, some distance, the same link and
 * sub-type, matching firmware; and it fails as they do. Immutable: every act gives a receiver.
 */
final readonly class SimulatedReceiver implements ReceiverPort
{
    private function __construct(
        private Kit $kit,
        private bool $powered = false,
        private bool $transmitting = false,
        private bool $held = false,
        private bool $close = true,
        private bool $waiting = false,
        private bool $bound = false,
        private bool $fresh = true,
        private bool $sends = false,
        private bool $display = false,
        private string $says = 'Nothing has power yet.',
    ) {}

    /** A new receiver, never bound, on the bench half a metre from its transmitter. */
    public static function of(Kit $kit): self
    {
        return new self($kit);
    }

    public function after(Act $act): self
    {
        $binding = $this->kit->receiver->binding ?? Binding::Button;

        return match ($act) {
            Act::StepClose => $this->but(close: true, says: 'Half a metre: too close swamps the receiver while it binds.'),
            Act::StepBack => $this->but(close: false, says: '2 to 2.5 m away.'),
            Act::TransmitterOn => $this->but(transmitting: true, says: 'The transmitter is on.'),
            Act::TransmitterOff => $this->but(transmitting: false, sends: false, says: $this->bound && $this->powered ? 'The link is lost: the receiver goes into failsafe.' : 'The transmitter is off.'),
            Act::ButtonHeld => $this->but(held: true, says: $this->powered ? 'It has power already: the button counts only while power comes on. Cut its power first.' : 'The button is held.'),
            Act::ButtonReleased => $this->but(held: false, says: 'The button is released.'),
            Act::DisplayOn => $this->but(display: true, says: 'The display unit is bound.'),
            Act::PowerOn => $this->powered($binding),
            Act::PowerOff => $this->but(powered: false, waiting: false, says: 'No power.'),
            Act::Command => match (true) {
                $binding !== Binding::Command => $this->but(says: 'This receiver isn\'t bound by a command; see its steps.'),
                ! $this->powered => $this->but(says: 'The controller has no power: nothing listens to the command.'),
                default => $this->but(waiting: true, says: 'The controller tells the receiver to wait for its transmitter.'),
            },
            Act::Save => $this->powered
                ? $this->but(waiting: false, fresh: false, says: $this->bound ? 'Saved and powered anew: '.$this->heard() : 'Saved and powered anew; it isn\'t bound.')
                : $this->but(says: 'The controller has no power.'),
            Act::TransmitterBinds => $this->binds($binding),
        };
    }

    private function powered(Binding $binding): self
    {
        $waits = match ($binding) {
            Binding::Button => $this->held,
            Binding::Automatic => $this->fresh && ! $this->bound,
            Binding::Menu, Binding::Display => $this->sends && ! $this->bound,
            Binding::Command => false,
        };
        $now = $this->but(powered: true, waiting: $waits, fresh: false, says: $waits ? 'It waits to be bound.' : ($this->bound ? $this->heard() : 'It has power and hears nothing that it knows.'));

        // Where the transmitter is sending its bind signal already, they find each other now.
        return $waits && $this->sends ? $now->found() : $now;
    }

    private function binds(Binding $binding): self
    {
        if (! $this->transmitting) {
            return $this->but(says: 'The transmitter is off.');
        }
        if ($binding === Binding::Display && ! $this->display) {
            return $this->but(says: 'The display unit is bound first, the hand control second.');
        }

        return $this->waiting ? $this->but(sends: true)->found() : $this->but(sends: true, says: match ($binding) {
            Binding::Button => 'The receiver isn\'t waiting: its button must be held while it gets power.',
            Binding::Command => 'The receiver isn\'t waiting: type the command first.',
            default => 'The transmitter sends its bind signal; now power the receiver.',
        });
    }

    /** They find each other, or not. */
    private function found(): self
    {
        $receiver = $this->kit->receiver;
        $link = $this->kit->transmitter->links[$receiver->link ?? ''] ?? null;
        $why = match (true) {
            $receiver === null || $link === null => 'They don\'t speak the same kind of link: it goes on blinking. Take a receiver of a link that the transmitter speaks.',
            $this->kit->choice->link !== $receiver->link => 'Another link is chosen in the program: it goes on blinking. Choose '.$link->name.'.',
            ! isset($link->subtypes[$receiver->subtype]) => "The transmitter has no sub-type {$receiver->subtype} of that link: it goes on blinking. Take another receiver.",
            $this->kit->choice->subtype !== $receiver->subtype => 'The wrong sub-type is chosen in the program: it goes on blinking. Choose '.$link->subtypes[$receiver->subtype]['name'].'.',
            $this->close => 'Too close: the transmitter swamps it. Step back to 2 to 2.5 m and begin again.',
            default => null,
        };

        return $why === null
            ? $this->but(bound: true, waiting: false, sends: false, says: 'They have found each other. Cut its power and power it anew: solid light and a reading are the proof.')
            : $this->but(says: $why);
    }

    private function heard(): string
    {
        return match (true) {
            ! $this->matches() => 'It is bound and drops into failsafe at once: the firmware of the two sides doesn\'t match. Bring both to the same generation.',
            ! $this->transmitting => 'It is bound, and the transmitter is off: failsafe.',
            default => 'Solid light'.($this->kit->receiver?->telemetry === true ? ' and a telemetry reading' : '').': bound.',
        };
    }

    private function matches(): bool
    {
        return ($this->kit->transmitter->links[$this->kit->receiver->link ?? '']->generation ?? 0) === $this->kit->receiver?->generation;
    }

    public function lamp(): Lamp
    {
        return match (true) {
            ! $this->powered => Lamp::Off,
            $this->waiting => Lamp::Quick,
            $this->hears() => Lamp::Solid,
            default => Lamp::Slow,
        };
    }

    public function hears(): bool
    {
        return $this->powered && $this->bound && $this->transmitting && ! $this->waiting && $this->matches();
    }

    public function telemetry(): bool
    {
        return $this->hears() && $this->kit->receiver?->telemetry === true;
    }

    public function says(): string
    {
        return $this->says;
    }

    private function but(
        ?bool $powered = null, ?bool $transmitting = null, ?bool $held = null, ?bool $close = null, ?bool $waiting = null,
        ?bool $bound = null, ?bool $fresh = null, ?bool $sends = null, ?bool $display = null, ?string $says = null,
    ): self {
        return new self(
            $this->kit, $powered ?? $this->powered, $transmitting ?? $this->transmitting, $held ?? $this->held, $close ?? $this->close, $waiting ?? $this->waiting,
            $bound ?? $this->bound, $fresh ?? $this->fresh, $sends ?? $this->sends, $display ?? $this->display, $says ?? $this->says,
        );
    }
}
