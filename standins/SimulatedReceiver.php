<?php

namespace DuskSwitch\StandIn;

use DuskSwitch\Core\Kit\Binding;
use DuskSwitch\Core\Link\BindingAction;
use DuskSwitch\Core\Link\InstalledKit;
use DuskSwitch\Core\Link\Lamp;
use DuskSwitch\Core\Link\LinkBudget;
use DuskSwitch\Core\Link\ReceiverFault;
use DuskSwitch\Core\Link\ReceiverPort;

/**
 * A receiver to practise on. It needs what real ones need: the right order, some distance, the same link and
 * sub-type, matching firmware; it fails as they do, and can be given a trouble. Every act gives a receiver; the one
 * before stays as it was.
 */
final class SimulatedReceiver implements ReceiverPort
{
    private bool $powered = false;

    private bool $fromPack = false;

    private bool $transmitting = false;

    private bool $buttonHeld = false;

    private bool $waiting = false;

    private bool $bound = false;

    private bool $otherPart = false;

    private bool $bindSignal = false;

    private bool $displayBound = false;

    private float $metres = 0.5;

    private float $milliwatts = 10.0;

    private string $says = 'Nothing has power yet.';

    private readonly Binding $binding;

    private function __construct(private readonly InstalledKit $kit, private readonly ?ReceiverFault $trouble)
    {
        $this->binding = $kit->receiver->binding->by ?? Binding::Button;
    }

    /** A new receiver, never bound, on the bench half a metre from its transmitter. */
    public static function of(InstalledKit $kit, ?ReceiverFault $trouble = null): self
    {
        return new self($kit, $trouble);
    }

    public function after(BindingAction $act): self
    {
        $next = clone $this;
        $next->says = match ($act) {
            BindingAction::StepClose => $next->stand(
                0.5,
                'Half a metre: too close swamps the receiver while it binds.',
            ),
            BindingAction::StepBack => $next->stand(2.5, '2 to 2.5 m away.'),
            BindingAction::FarOut => $next->stand(400.0, '400 m out.').$next->also(),
            BindingAction::TransmitterOn => $next->transmitter(true),
            BindingAction::TransmitterOff => $next->transmitter(false),
            BindingAction::TransmitterBinds => $next->bind(),
            BindingAction::ButtonHeld => $next->button(true),
            BindingAction::ButtonReleased => $next->button(false),
            BindingAction::DisplayOn => $next->display(),
            BindingAction::PowerOn => $next->power(),
            BindingAction::FlightPack => $next->pack(),
            BindingAction::PowerOff => $next->dark('No power.'),
            BindingAction::Command => $next->command(),
            BindingAction::OtherPart => $next->otherPart(),
            BindingAction::Save => $next->save(),
            BindingAction::MoveSticks => $next->moveSticks(),
            BindingAction::RangeCheck => $next->rangeCheck(),
            BindingAction::MorePower => $next->morePower(),
        };

        return $next;
    }

    private function stand(float $metres, string $says): string
    {
        $this->metres = $metres;

        return $says;
    }

    private function transmitter(bool $on): string
    {
        [$this->transmitting, $this->bindSignal] = [$on, $on && $this->bindSignal];
        if ($on) {
            return 'The transmitter is on.'.$this->also();
        }

        return match (true) {
            ! $this->bound || ! $this->powered => 'The transmitter is off.',
            $this->trouble === ReceiverFault::NoFailsafe => 'The link is lost: every channel keeps its last '.
                'position. That is no failsafe.',
            default => 'The link is lost: the receiver goes into failsafe.',
        };
    }

    private function button(bool $held): string
    {
        $this->buttonHeld = $held;
        if (! $held) {
            return 'The button is released.';
        }

        return $this->powered
            ? 'It has power already: the button counts only while power comes on. Cut its power first.'
            : 'The button is held.';
    }

    private function display(): string
    {
        $this->displayBound = true;

        return 'The display unit is bound.';
    }

    private function pack(): string
    {
        $this->fromPack = true;

        return $this->power();
    }

    private function dark(string $says): string
    {
        [$this->powered, $this->waiting, $this->fromPack, $this->otherPart] = [false, false, false, false];

        return $says;
    }

    private function power(): string
    {
        $this->waiting = match ($this->binding) {
            Binding::Button => $this->buttonHeld,
            Binding::Automatic => ! $this->transmitting && ! $this->bound,
            Binding::Together => ! $this->bound,
            Binding::Menu, Binding::Display => $this->bindSignal && ! $this->bound,
            Binding::Command => false,
        };
        $this->powered = true;
        // Where the transmitter is sending its bind signal already, they find each other now.
        if ($this->waiting && $this->bindSignal) {
            return $this->find();
        }

        return match (true) {
            $this->waiting => 'It waits to be bound.',
            $this->bound => $this->heard(),
            $this->binding === Binding::Automatic => 'It hears a transmitter and doesn\'t wait: cut its power, '.
                'transmitter off, then power it.',
            default => 'It has power and hears nothing that it knows.',
        };
    }

    private function otherPart(): string
    {
        $this->otherPart = true;

        return 'The second part waits, too.';
    }

    private function command(): string
    {
        if ($this->binding !== Binding::Command) {
            return 'This receiver isn\'t bound by a command; see its steps.';
        }
        if (! $this->powered) {
            return 'The controller has no power: nothing listens to the command.';
        }
        $this->waiting = true;

        return 'The controller tells the receiver to wait for its transmitter.';
    }

    private function save(): string
    {
        if (! $this->powered) {
            return 'The controller has no power.';
        }
        $this->waiting = false;

        return $this->bound ? 'Saved and powered again: '.$this->heard() : 'Saved and powered again; it isn\'t bound.';
    }

    private function bind(): string
    {
        if (! $this->transmitting) {
            return 'The transmitter is off.';
        }
        if ($this->binding === Binding::Display && ! $this->displayBound) {
            return 'The display unit is bound first, the hand control second.';
        }
        if ($this->binding === Binding::Together && ! $this->bound && ! ($this->waiting && $this->otherPart)) {
            return 'One of the two parts isn\'t waiting: power both, then bind.';
        }
        $this->bindSignal = true;

        return $this->waiting
            ? $this->find()
            : match ($this->binding) {
                Binding::Button => 'The receiver isn\'t waiting: its button must be held while it gets power.',
                Binding::Command => 'The receiver isn\'t waiting: type the command first.',
                Binding::Automatic => 'The receiver isn\'t waiting: it does at a power-up with the transmitter off.',
                default => 'The transmitter sends its bind signal; now power the receiver.',
            };
    }

    /** They find each other, or not. */
    private function find(): string
    {
        $receiver = $this->kit->receiver;
        $link = $this->kit->transmitter->links[$receiver->link ?? ''] ?? null;
        $why = match (true) {
            $receiver === null || $link === null => 'They don\'t speak the same kind of link: it goes on blinking. '.
                'Take a receiver of a link that the transmitter speaks.',
            $this->kit->choice->link !== $receiver->link => 'Another link is chosen in the program: it goes on '.
                'blinking. Choose '.$link->name.'.',
            ! isset($link->subtypes[$receiver->subtype]) => "The transmitter has no sub-type {$receiver->subtype} of that link: it goes on blinking. Take another receiver.",
            $this->kit->choice->subtype !== $receiver->subtype => 'The wrong sub-type is chosen in the program: it '.
                'goes on blinking. Choose '.
                $link->subtypes[$receiver->subtype]['name'].
                '.',
            $this->metres < 2.0 => 'Too close: the transmitter swamps it. Step back to 2 to 2.5 m and begin again.',
            default => null,
        };
        if ($why !== null) {
            return $why;
        }
        [$this->bound, $this->waiting, $this->bindSignal] = [true, false, false];

        return 'They have found each other. Cut its power and power it again: solid light and a reading are the proof.';
    }

    private function moveSticks(): string
    {
        if (! $this->hears()) {
            return 'No bar moves: the receiver hears nothing.';
        }
        if ($this->trouble === ReceiverFault::WeakSupply && ! $this->fromPack) {
            return $this->dark('The servos move and pull its supply down: it goes dark.');
        }

        return match (true) {
            ! $this->arrives() => 'Solid light, and no bar moves at the controller.',
            $this->trouble === ReceiverFault::OtherOrder => 'The roll stick moves the yaw bar, and the yaw stick the '.
                'roll bar.',
            default => 'Each stick moves its own bar.',
        };
    }

    private function rangeCheck(): string
    {
        if (! $this->hears()) {
            return 'It hears nothing: bind it first, and switch both on.';
        }
        $margin = round($this->budget(LinkBudget::RANGE_CHECK)->margin(30.0));

        return $margin < 0
            ? 'At 30 m with the power lowered the link is gone: don\'t fly. Look at the antennas.'
            : "At 30 m with the power lowered every channel answers, with {$margin} dB in hand.";
    }

    private function morePower(): string
    {
        $this->milliwatts = 100.0;

        return '100 mW: 10 dB more.'.$this->also();
    }

    private function also(): string
    {
        return $this->bound && $this->powered ? ' '.$this->heard() : '';
    }

    private function heard(): string
    {
        $sender =
            $this->trouble === ReceiverFault::BareVideo
                ? ' The video transmitter gets hot: its antenna is missing.'
                : '';

        return match (true) {
            ! $this->matches() => 'It is bound and drops into failsafe at once: the firmware of the two sides '.
                'doesn\'t match. Bring both to the same generation.',
            ! $this->transmitting => 'It is bound, and the transmitter is off: failsafe.',
            $this->budget()->margin($this->metres) < 0 => "The link is gone {$this->metres} m away: failsafe.",
            default => 'Solid light'.($this->telemetry() ? ' and a telemetry reading' : '').': bound.'.$sender,
        };
    }

    /** @param  float  $lowered  dB */
    private function budget(float $lowered = 0.0): LinkBudget
    {
        return new LinkBudget(
            $this->milliwatts,
            lost: $lowered + ($this->trouble === ReceiverFault::BrokenAntenna ? LinkBudget::BROKEN : 0.0),
        );
    }

    private function matches(): bool
    {
        return $this->trouble !== ReceiverFault::FirmwareApart &&
            ($this->kit->transmitter->links[$this->kit->receiver->link ?? '']->generation ?? 0) ===
                $this->kit->receiver?->generation;
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
        return $this->powered &&
            $this->bound &&
            $this->transmitting &&
            ! $this->waiting &&
            $this->matches() &&
            $this->budget()->margin($this->metres) >= 0;
    }

    public function telemetry(): bool
    {
        return $this->hears() &&
            $this->kit->receiver?->telemetry === true &&
            $this->trouble !== ReceiverFault::NoTelemetry;
    }

    public function arrives(): bool
    {
        return $this->hears() && ! in_array($this->trouble, [ReceiverFault::WrongInput, ReceiverFault::NoPort], true);
    }

    public function says(): string
    {
        return $this->says;
    }
}
