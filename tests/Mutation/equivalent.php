<?php

/**
 * Changes that change nothing that anyone could see, each with its reason; by file and by what stands around them.
 */
return [
    'core/Link/ArmingCheck.php' => [
        '> $range->holds($frame->pulse($range->channel) ?? [0 => 1])) !== []; } /** @return list<VerdictPoint> what s' => 'no range of pulses begins below 800',
    ],
    'core/Link/Supply.php' => [
        ':REGULATED), self::USB, \'USB\'], default => [null, [0.0 => 0.5], \'\']}; if ($volts === null) { return [VerdictPoin' => 'without volts the rest isn\'t looked at',
    ],
    'core/Proof/Rule/ArmPlacement.php' => [
        ' $context->model()->control($input); if ($control [=== => !==] null || count($control->detents) !== 3) { continu' => 'every input of a switch has a control',
    ],
    'core/Proof/Rule/NoStartAboveIdle.php' => [
        's, true) ? Truth::HOLDS : 0) | ($phases === [0] ? [0 => 1] : Truth::FAILS); } } ' => 'the bit says that it holds, which is said already',
    ],
    'core/Proof/Rule/NothingClips.php' => [
        'bs($feed->weight->high)); $by = $most > 0.0 ? min([1.0 => (1.0 * 1.5)], $free / $most) : 1.0; $weight = new Range(round(' => 'more than the whole weight is no mend: it is left out',
        'igh - $output->subtrim) / $output->travel->high : [1.5 => (1.5 * 1.5)], $output->travel->low > 0 ? ($output->subtrim - $' => 'the least of the three is taken, and the last is 1.5',
        '$free)) { return $share($held); } for ($i = 0; $i [< => <=] 24; $i++) { $middle = ($free + $held) / 2; $clips' => 'one halving more changes nothing that is shown',
        '->channel); return $pulses === [] ? 0.0 : (float) [max => min]($pulses[count($pulses) - 1][1] - 1500, 1500 - $pu' => 'it says in which order regions are looked at, never what is found',
    ],
    'core/Proof/Rule/OneModeInEachState.php' => [
        'ues(array_replace($witness->hand, [$input => max(-[1.0 => (1.0 * 1.5)], min(1.0, $witness->hand[$input] + $by))])); if (' => 'a stick at its end that moves the channel moves it inwards, too, which is tried as well',
    ],
    'core/Proof/Rule/OneMoveDisarms.php' => [
        'hannel, $context->motors()); if ($channels === [] [|| => &&] ($by === ArmedBy::Throttle && $context->motors() ' => 'channels are those of the motors or of the arm ranges: where there are none of either, nothing is live, which the next question says',
    ],
    'core/Proof/Rule/SavingModeOneMoveAway.php' => [
        '>takes($one, ...$saving) & Truth::FAILS) !== 0 => [0.5 => (0.5 * 1.5)], default => 0.0}, $seen)); } } ' => 'it says in which order regions are looked at, never what is found',
    ],
    'core/Proof/Rule/SumSignalTiming.php' => [
        'he receiver sends no sum signal\'); } $last = max([[0 => 1], ...array_column($context->program->outputs, \'cha' => 'an aircraft without outputs has no channel; one channel fits like none',
    ],
    'core/Proof/StateMap.php' => [
        'rawn, nor looked through. */ private const MOST = [3_000 => 3001]; /** * @param list<Control> $switches * @param li' => 'one state more or less in a map of three thousand',
    ],
    'core/Solve/BoardTurn.php' => [
        ' [$cos, $sin, 0], \'pitch\' => [-$sin * $over, $cos [* => /] $over, 0], \'yaw\' => [0, 0, $over]]; $seen = []; f' => 'over is 1 or -1',
    ],
    'core/Solve/EditEffect.php' => [
        ' int => abs(($one->after ?? 0) - ($one->before ?? [0 => 1])); uasort($changes, fn (PulseChange $a, PulseChan' => 'a channel that wasn\'t there before has no pulse in any of its changes, so their order stays',
    ],
    'core/Solve/EndsCentre.php' => [
        'pan; $middle = $centred ? $sent[1] + $off / ($off [> => >=] 0 ? $scaleUp : $scaleDown) : $sent[1]; $subtrim =' => 'nothing divided by either is nothing',
    ],
    'core/Solve/Jitter.php' => [
        '>channel]->signal ?? 0.0); }; for ($at = 0.0; $at [< => <=] 0.5; $at += 0.0005) { if (abs($pulse($at) - $puls' => 'half of the way is what is given where nothing was found',
        '$inputs))->outputs()[$output->channel]->signal ?? [0.0 => 0.5]); }; for ($at = 0.0; $at < 0.5; $at += 0.0005) { ' => 'the output is one of the circuit, so its signal is always there',
    ],
    'core/Solve/SensorSlots.php' => [
        'ay_filter($device[\'starts\'] === [] ? range(0, max([0 => 1], $last)) : $device[\'starts\'], fn (int $start): bo' => 'starts behind the last are left out by the next step',
        '-$devices[$a][\'block\']] <=> [count($choices[$b]), [-$devices[$b][\'block\'] => ($devices[$b][\'block\'])]]); $tries = 0; for ($moves = 0; $moves <= count($' => 'it says in which order devices are tried; the fewest moves are found in any',
    ],
    'core/Space/ShapeBounds.php' => [
        '$hard * $x * $x * $x : fn (float $x): float => $x [< => <=] 0 ? $soft * (1 + $x) + $hard * (1 + $x) * (1 + $x' => 'both sides of the curve give nothing in the middle',
    ],
    'core/Space/Spans.php' => [
        'most = $a < $b ? $b : $a; if ($low < 0.0 && $high [> => >=] 0.0) { $zero = $f(0.0); $least = $zero < $least ?' => 'the high end is looked at anyway',
    ],
    'core/Space/SplitPoints.php' => [
        'Signal\\Budget} by a factor. */ public int $cost = [0 => 1]; /** @var array<int, true> inputs of switches, bu' => 'one step of a budget of millions',
    ],
    'core/Space/ThresholdFinder.php' => [
        'st === Truth::EITHER) { return; } for ($i = 0; $i [< => <=] self::HALVINGS; $i++) { $middle = ($low + $high) ' => 'the last digit is reached before',
    ],
    'core/Proof/ControllerView.php' => [
        'rray_filter($edges, fn (int $edge): bool => $edge [> => >=] $low && $edge <= $high); foreach ([$low, ...$with' => 'the low end itself is looked at anyway',
    ],
];
