<?php

namespace DuskSwitch\Core\Proof;

/** What a rule and its findings are about. */
enum Subject: string
{
    case PowerUp = 'power-up';
    case ThrottleRaise = 'throttle-raise';
    case OneMove = 'one-move';
    case Idle = 'idle';
    case ForeignArm = 'foreign-arm';
    case ArmPlacement = 'arm-placement';
    case ModeSlot = 'mode-slot';
    case ModeReach = 'mode-reach';
    case SavingMode = 'saving-mode';
    case ModePassage = 'mode-passage';
    case Clip = 'clip';
    case Ends = 'ends';
    case Order = 'order';
    case StickArming = 'stick-arming';
    case Failsafe = 'failsafe';
    case StabiliserTrim = 'stabiliser-trim';
    case Fade = 'fade';
    case SharedControl = 'shared-control';
    case StartCheck = 'start-check';
    case Connection = 'connection';
    case Link = 'link';
    case Timing = 'timing';
    case ModeNeeds = 'mode-needs';
}
