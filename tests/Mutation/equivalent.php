<?php

/**
 * Changes that change nothing that anyone could see, each with its reason; by file and by the line before and after.
 */
return [
    'core/Link/ArmingCheck.php' => [
        'return array_filter($this->setup->arming->ranges ?? [], fn ($range): bool => $range->holds($frame->pulse($range->channel) ?? 0)) !== [];  =>  return array_filter($this->setup->arming->ranges ?? [], fn ($range): bool => $range->holds($frame->pulse($range->channel) ?? 1)) !== [];' => 'no range of pulses begins below 800',
    ],
    'core/Link/Supply.php' => [
        'default => [null, 0.0, \'\'],  =>  default => [null, 0.5, \'\'],' => 'without volts the rest isn\'t looked at',
    ],
    'core/Proof/ControllerView.php' => [
        'foreach ([$low, ...array_filter($edges, fn (int $edge): bool => $edge > $low && $edge <= $high)] as $pulse) {  =>  foreach ([$low, ...array_filter($edges, fn (int $edge): bool => $edge >= $low && $edge <= $high)] as $pulse) {' => 'the low end itself is looked at anyway',
    ],
    'core/Proof/Rule/ArmPlacement.php' => [
        'if ($control === null || count($control->detents) !== 3) {  =>  if ($control !== null || count($control->detents) !== 3) {' => 'every input of a switch has a control',
    ],
    'core/Proof/Rule/NoStartAboveIdle.php' => [
        'return (in_array(0, $phases, true) ? Truth::HOLDS : 0) | ($phases === [0] ? 0 : Truth::FAILS);  =>  return (in_array(0, $phases, true) ? Truth::HOLDS : 0) | ($phases === [0] ? 1 : Truth::FAILS);' => 'the bit says that it holds, which is said already',
    ],
    'core/Proof/Rule/NothingClips.php' => [
        '$by = $most > 0.0 ? min(1.0, $free / $most) : 1.0;  =>  $by = $most > 0.0 ? min((1.0 * 1.5), $free / $most) : 1.0;' => 'more than the whole weight is no mend: it is left out',
        '$output->travel->high > 0 ? ($output->limit->high - $output->subtrim) / $output->travel->high : 1.5,  =>  $output->travel->high > 0 ? ($output->limit->high - $output->subtrim) / $output->travel->high : (1.5 * 1.5),' => 'the least of the three is taken, and the last is 1.5',
        'for ($i = 0; $i < 24; $i++) {  =>  for ($i = 0; $i <= 24; $i++) {' => 'one halving more changes nothing '.
            'that is shown',
        'return $pulses === [] ? 0.0 : (float) max($pulses[count($pulses) - 1][1] - 1500, 1500 - $pulses[0][0]);  =>  return $pulses === [] ? 0.0 : (float) min($pulses[count($pulses) - 1][1] - 1500, 1500 - $pulses[0][0]);' => 'it says in which order regions are looked at, never what is found',
    ],
    'core/Proof/Rule/OneModeInEachState.php' => [
        '$moved = array_values(array_replace($witness->hand, [$input => max(-1.0, min(1.0, $witness->hand[$input] + $by))]));  =>  $moved = array_values(array_replace($witness->hand, [$input => max(-(1.0 * 1.5), min(1.0, $witness->hand[$input] + $by))]));' => 'a stick at its end that moves the channel moves it inwards, too, which is tried as well',
    ],
    'core/Proof/Rule/OneMoveDisarms.php' => [
        'if ($channels === [] || ($by === ArmedBy::Throttle && $context->motors() === [])) {  =>  if ($channels === [] && ($by === ArmedBy::Throttle && $context->motors() === [])) {' => 'channels are those of the motors or of the arm ranges: where there are none of either, nothing is live, which the next question says',
    ],
    'core/Proof/Rule/SavingModeOneMoveAway.php' => [
        '($context->view->takes($one, ...$saving) & Truth::FAILS) !== 0 => 0.5,  =>  ($context->view->takes($one, ...$saving) & Truth::FAILS) !== 0 => (0.5 * 1.5),' => 'it says in which order regions are looked at, never what is found',
    ],
    'core/Proof/Rule/SumSignalTiming.php' => [
        '$last = max([0, ...array_column($context->program->outputs, \'channel\')]);  =>  $last = max([1, ...array_column($context->program->outputs, \'channel\')]);' => 'an aircraft without outputs has no channel; one channel fits like none',
    ],
    'core/Proof/StateMap.php' => [
        'private const MOST = 3_000;  =>  private const MOST = 3001;' => 'one state more or less in a map of three '.
            'thousand',
    ],
    'core/Solve/BoardTurn.php' => [
        '$axes = [\'roll\' => [$cos, $sin, 0], \'pitch\' => [-$sin * $over, $cos * $over, 0], \'yaw\' => [0, 0, $over]];  =>  $axes = [\'roll\' => [$cos, $sin, 0], \'pitch\' => [-$sin * $over, $cos / $over, 0], \'yaw\' => [0, 0, $over]];' => 'over is 1 or -1',
    ],
    'core/Solve/EditEffect.php' => [
        '$size = fn (PulseChange $one): int => abs(($one->after ?? 0) - ($one->before ?? 0));  =>  $size = fn (PulseChange $one): int => abs(($one->after ?? 0) - ($one->before ?? 1));' => 'a channel that wasn\'t there before has no pulse in any of its changes, so their order stays',
    ],
    'core/Solve/EndsCentre.php' => [
        '$middle = $centred ? $sent[1] + $off / ($off > 0 ? $scaleUp : $scaleDown) : $sent[1];  =>  $middle = $centred ? $sent[1] + $off / ($off >= 0 ? $scaleUp : $scaleDown) : $sent[1];' => 'nothing divided by either is nothing',
    ],
    'core/Solve/Jitter.php' => [
        'for ($at = 0.0; $at < 0.5; $at += 0.0005) {  =>  for ($at = 0.0; $at <= 0.5; $at += 0.0005) {' => 'half of '.
            'the way is what is given where nothing was found',
        'return $circuit->panel->transmitter->scale->span * ($circuit->frame(array_values($inputs))->outputs()[$output->channel]->signal ?? 0.0);  =>  return $circuit->panel->transmitter->scale->span * ($circuit->frame(array_values($inputs))->outputs()[$output->channel]->signal ?? 0.5);' => 'the output is one of the circuit, so its signal is always there',
    ],
    'core/Solve/SensorSlots.php' => [
        '$may = array_values(array_filter($device[\'starts\'] === [] ? range(0, max(0, $last)) : $device[\'starts\'], fn (int $start): bool => $start <= $last));  =>  $may = array_values(array_filter($device[\'starts\'] === [] ? range(0, max(1, $last)) : $device[\'starts\'], fn (int $start): bool => $start <= $last));' => 'starts behind the last are left out by the next step',
        'usort($order, fn (int $a, int $b): int => [count($choices[$a]), -$devices[$a][\'block\']] <=> [count($choices[$b]), -$devices[$b][\'block\']]);  =>  usort($order, fn (int $a, int $b): int => [count($choices[$a]), -$devices[$a][\'block\']] <=> [count($choices[$b]), ($devices[$b][\'block\'])]);' => 'it says in which order devices are tried; the fewest moves are found in any',
    ],
    'core/Space/ShapeBounds.php' => [
        ': fn (float $x): float => $x < 0  =>  : fn (float $x): float => $x <= 0' => 'both sides of the curve give '.
            'nothing in the middle',
    ],
    'core/Space/Spans.php' => [
        'if ($low < 0.0 && $high > 0.0) {  =>  if ($low < 0.0 && $high >= 0.0) {' => 'the high end is looked at anyway',
    ],
    'core/Space/SplitPoints.php' => [
        'public int $cost = 0;  =>  public int $cost = 1;' => 'one step of a budget of millions',
    ],
    'core/Space/ThresholdFinder.php' => [
        'for ($i = 0; $i < self::HALVINGS; $i++) {  =>  for ($i = 0; $i <= self::HALVINGS; $i++) {' => 'the last '.
            'digit is reached before',
    ],
];
