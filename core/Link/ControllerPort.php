<?php

namespace DuskSwitch\Core\Link;

use DuskSwitch\Core\Kit\Axis;
use DuskSwitch\Core\Kit\Motor;

/** A controller with its aircraft, as one meets it on the bench: what answers when something is moved. */
interface ControllerPort extends ChannelPage
{
    /**
     * The axis that answers to a channel, and whether it goes the right way; null where none does.
     *
     * @param  list<string>  $order  the functions that this kind of controller expects on channels 1, 2, …
     * @param  bool  $reversed  the transmitter reverses that channel
     * @return array{Axis, bool}|null
     */
    public function answers(array $order, int $channel, bool $reversed): ?array;

    /** How the board is mounted: degrees in yaw. */
    public function boardYaw(): int;

    /**
     * Where something turned when that motor was asked for, and how.
     *
     * @param  list<Motor>  $drawn  the controller's drawing
     * @return array{string, string} place; clockwise, counter-clockwise, jitters or still
     */
    public function spins(Motor $motor, array $drawn): array;

    /** True where the servo on a channel turns the way that the aircraft needs. */
    public function turnsRight(int $channel, bool $reversed): bool;
}
