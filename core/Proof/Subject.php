<?php

namespace DuskSwitch\Core\Proof;

/** What a rule and its findings are about, in the order in which rules are told. */
enum Subject: string
{
    case Connection = 'connection';
    case PowerUp = 'power-up';
    case ThrottleRaise = 'throttle-raise';
    case OneMove = 'one-move';
    case Idle = 'idle';
    case ForeignArm = 'foreign-arm';
    case ArmPlacement = 'arm-placement';
    case StickArming = 'stick-arming';
    case ModeSlot = 'mode-slot';
    case ModeReach = 'mode-reach';
    case SavingMode = 'saving-mode';
    case ModePassage = 'mode-passage';
    case ModeNeeds = 'mode-needs';
    case Clip = 'clip';
    case Ends = 'ends';
    case Order = 'order';
    case Failsafe = 'failsafe';
    case StabiliserTrim = 'stabiliser-trim';
    case Fade = 'fade';
    case SharedControl = 'shared-control';
    case StartCheck = 'start-check';
    case Trainer = 'trainer';
    case Link = 'link';
    case Timing = 'timing';
}
