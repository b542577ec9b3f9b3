<?php

namespace DuskSwitch\Core\Bench;

/** A part of an aircraft on which a test at the bench stands: once it changes, the test has to be done again. */
enum TestedPart
{
    /** Which controller it is. */
    case Controller;
    /** Which receiver it is. */
    case Receiver;
    case SpeedController;
    /** Kind of link and sub-type. */
    case Link;
    case StickMode;
    /** In which order the controller expects its channels. */
    case Order;
    /** What each channel is fed with, and its direction. */
    case Ways;
    /** What moves each function. */
    case Drives;
    /** Travel, sub-trim, limit and direction. */
    case Ends;
    /** The dead band and the drive of each function. */
    case DeadBands;
    case Motors;
    /** Travel, sub-trim, limit and direction of the motors' channels. */
    case MotorEnds;
    /** How the controller is armed, and from where its throttle counts as low. */
    case Arming;
    /** The functions that arm, cut and drive the motor. */
    case ArmingFunctions;
    /** Everything that shapes a channel's pulse. */
    case Pulses;
    /** What happens without a signal. */
    case SignalLoss;
    /** Which channel moves what. */
    case Roles;
}
