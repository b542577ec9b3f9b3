<?php

/**
 * Changes that change nothing that anyone could see, each with its reason; by file and by what stands around them.
 */
return [
    'core/Flight/Recording.php' => [
        '[$from, $to] = $this->time($middle) <= $seconds + [1e-9 => (1e-9 * 1.5)] ? [$middle, $to] : [$from, $middle]; } return $fr' => 'dust either way',
        'om + $to, 2); [$from, $to] = $this->time($middle) [<= => <] $seconds + 1e-9 ? [$middle, $to] : [$from, $middl' => 'a time is never just so much later',
    ],
    'core/Flight/Track.php' => [
        '=== null || in_array(null, $place, true) ? [null, [0.0 => 0.5]] : Geodesic::inverse(...$home, ...$place); $altit' => 'without a distance the bearing isn\'t looked at',
    ],
    'core/Format/Kit/ReceiverDecoder.php' => [
        "99) ?? 1, \$node->at('channels')?->whole(1, 32) ?? [1 => 0], Wires::read(\$node->at('wires')), \$node->at('tele" => 'where it is missing the document is refused',
    ],
    'core/Format/Kit/SensorDecoder.php' => [
        "ply')), \$node->at('draw')?->number(0, 100_000) ?? [0.0 => 0.5], \$node->at('block')?->whole(1, 32) ?? count(\$quan" => 'where it is missing the document is refused',
    ],
    'core/Format/AboardDecoder.php' => [
        's[0] ?? 1000.0, $items[1] ?? 1500.0, $items[2] ?? [2000.0 => (2000.0 * 1.5)]]; } private static function kit(JsonCursor $node)' => 'where it is missing the document is refused',
    ],
    'core/Format/ScriptDecoder.php' => [
        "node->at('seconds')?->number(0, self::LONGEST) ?? [0.0 => 0.5]; \$tick = \$node->at('tick')?->number(Tick::SECONDS" => 'where it is missing the script is refused',
        "try->at('t'); \$t = \$time?->number(0, \$seconds) ?? [0.0 => 0.5]; if (\$time === null) { \$entry->fault('say at whic" => 'where it is missing the script is refused',
    ],
    'core/Format/TelemetryReport.php' => [
        'new Airtime($language))->of($text, $call->plays), [2 => 3])]; } /** * Values to hear a phrase with: those of' => 'words and sounds come in hundredths',
        "eck), 'refresh' => round(\$this->chain->refresh(), [3 => 4]), 'draw' => \$this->chain->draw(), 'chain' => arra" => 'a bus asks in whole milliseconds',
    ],
    'core/Format/JsonCursor.php' => [
        'int { $number = $this->number($least, $most); if ([floor => ceil]($number) !== $number) { $this->fault(\'must be a w' => 'both differ from what isn\'t whole',
        "s->value)) { \$this->wrongType('a number'); return [0.0 => 0.5]; } if (! (\$this->value >= \$least && \$this->value " => 'a document with a wrong type is refused',
    ],
    'core/Format/FromVersion1.php' => [
        "'); } } foreach (\$document->at('outputs')?->items([32 => 33]) ?? [] as \$output) { self::refuse(\$output, 'role'" => 'more than 32 are refused by the program\'s own reading',
    ],
    'core/Link/ArmingCheck.php' => [
        '> $range->holds($frame->pulse($range->channel) ?? [0 => 1])) !== []; } /** @return list<VerdictPoint> what s' => 'no range of pulses begins below 800',
        'unction throttle(Frame $frame): int { return max([[0 => 1], ...array_map(fn ($output): int => $frame->pulse(' => 'no pulse is so short',
        'utput): int => $frame->pulse($output->channel) ?? [0 => 1], $this->program->motors())]); } } ' => 'no pulse is so short',
    ],
    'core/Link/Supply.php' => [
        ':REGULATED), self::USB, \'USB\'], default => [null, [0.0 => 0.5], \'\']}; if ($volts === null) { return [VerdictPoin' => 'without volts the rest isn\'t looked at',
    ],
    'core/Move/ControlPlacements.php' => [
        ' > count($is->detents) => 300 + $away, default => [400 => 401] + $away}; } } ' => 'a hundredth of the difference between two kinds',
        'l stands in for another. */ private const NEVER = [1000.0 => (1000.0 * 1.5)]; /** * The places, by the old control\'s id; a con' => 'farther than any distance either way',
        'ue) && in_array($candidate->kind, $turns, true) ? [200 => 201] + $away : self::NEVER; } // A button can\'t hold w' => 'all of them are as much farther',
        'unt($candidate->detents) > count($is->detents) => [300 => 301] + $away, default => 400 + $away}; } } ' => 'a hundredth of the difference between two kinds',
    ],
    'core/Move/MovedOutputs.php' => [
        'nal::LIMIT, round($output->travel->high * $ratio, [9 => 10]))), $output->reverse, max(-1.0, min(1.0, round($o' => 'a tenth of a billionth',
    ],
    'core/Proof/ControllerView.php' => [
        'rray_filter($edges, fn (int $edge): bool => $edge [> => >=] $low && $edge <= $high); foreach ([$low, ...$with' => 'the low end itself is looked at anyway',
    ],
    'core/Proof/Rule/ArmPlacement.php' => [
        ' $context->model()->control($input); if ($control [=== => !==] null || count($control->detents) !== 3) { continu' => 'every input of a switch has a control',
    ],
    'core/Proof/Rule/NoStartAboveIdle.php' => [
        's, true) ? Truth::HOLDS : 0) | ($phases === [0] ? [0 => 1] : Truth::FAILS); } } ' => 'the bit says that it holds, which is said already',
    ],
    'core/Proof/Rule/NothingClips.php' => [
        '$free)) { return $share($held); } for ($i = 0; $i [< => <=] 24; $i++) { $middle = ($free + $held) / 2; $clips' => 'one halving more changes nothing that is shown',
        ')); $by = $most > 0.0 ? min(1.0, $free / $most) : [1.0 => (1.0 * 1.5)]; $weight = new Range(round($feed->weight->low * $' => 'what adds nothing clips nothing',
        '->channel); return $pulses === [] ? 0.0 : (float) [max => min]($pulses[count($pulses) - 1][1] - 1500, 1500 - $pu' => 'it says in which order regions are looked at, never what is found',
        'bs($feed->weight->high)); $by = $most > 0.0 ? min([1.0 => (1.0 * 1.5)], $free / $most) : 1.0; $weight = new Range(round(' => 'more than the whole weight is no mend: it is left out',
        'ght->low), abs($feed->weight->high)); $by = $most [> => >=] 0.0 ? min(1.0, $free / $most) : 1.0; $weight = ne' => 'what adds nothing clips nothing',
        'igh - $output->subtrim) / $output->travel->high : [1.5 => (1.5 * 1.5)], $output->travel->low > 0 ? ($output->subtrim - $' => 'the least of the three is taken, and the last is 1.5',
        'ree)) { return $share($held); } for ($i = 0; $i < [24 => 25]; $i++) { $middle = ($free + $held) / 2; $clips($m' => 'one halving more changes nothing that is shown',
    ],
    'core/Proof/Rule/OneModeInEachState.php' => [
        ' foreach (isset($witness->hand[$input]) ? [-0.05, [0.05 => (0.05 * 1.5)]] : [] as $by) { $moved = array_values(array_repla' => 'how far a lever is tried, not whether it moves the channel',
        'nput => max(-1.0, min(1.0, $witness->hand[$input] [+ => -] $by))])); if ($circuit->frame($moved)->pulse($cha' => 'both ways are tried',
        'put) { foreach (isset($witness->hand[$input]) ? [-[0.05 => (0.05 * 1.5)], 0.05] : [] as $by) { $moved = array_values(array' => 'how far a lever is tried, not whether it moves the channel',
        'rray_replace($witness->hand, [$input => max(-1.0, [min => max](1.0, $witness->hand[$input] + $by))])); if ($circ' => 'how far a lever is tried, not whether it moves the channel',
        'ues(array_replace($witness->hand, [$input => max(-[1.0 => (1.0 * 1.5)], min(1.0, $witness->hand[$input] + $by))])); if (' => 'a stick at its end that moves the channel moves it inwards, too, which is tried as well',
    ],
    'core/Proof/Rule/OneMoveDisarms.php' => [
        'hannel, $context->motors()); if ($channels === [] [|| => &&] ($by === ArmedBy::Throttle && $context->motors() ' => 'channels are those of the motors or of the arm ranges: where there are none of either, nothing is live, which the next question says',
    ],
    'core/Proof/Rule/SavingModeOneMoveAway.php' => [
        '$saving) & Truth::FAILS) !== 0 => 0.5, default => [0.0 => 0.5]}, $seen)); } } ' => 'it says in which order regions are looked at, never what is found',
        '>takes($one, ...$saving) & Truth::FAILS) !== 0 => [0.5 => (0.5 * 1.5)], default => 0.0}, $seen)); } } ' => 'it says in which order regions are looked at, never what is found',
        'en[0], ...$saving))); foreach (array_slice($seen, [1 => 0]) as $then) { if (($stuck & Truth::HOLDS) === 0) {' => 'the first asked twice is the first',
    ],
    'core/Proof/Rule/SumSignalTiming.php' => [
        'he receiver sends no sum signal\'); } $last = max([[0 => 1], ...array_column($context->program->outputs, \'cha' => 'an aircraft without outputs has no channel; one channel fits like none',
    ],
    'core/Proof/StateMap.php' => [
        ' { $apart = $high < $edge ? $edge - $high : ($low [> => >=] $edge ? $low - $edge : 0); $margin = $margin === ' => 'at the edge it\'s nothing either way',
        'rawn, nor looked through. */ private const MOST = [3_000 => 3001]; /** * @param list<Control> $switches * @param li' => 'one state more or less in a map of three thousand',
        'slot->from, $slot->to] as $edge) { $apart = $high [< => <=] $edge ? $edge - $high : ($low > $edge ? $low - $e' => 'at the edge it\'s nothing either way',
    ],
    'core/Signal/Circuit.php' => [
        ') / $steps - 1; $points[] = [$x, (float) $answer([[0.0 => 0.5], $x, $index], $this->curves, [], true)[0][0]]; } ' => 'nothing reads that slot',
    ],
    'core/Signal/Compiler.php' => [
        'fn (string $id): int => $layout->function($id) ?? [0 => 1], $program->ring->of); return [DependencyGraph::RI' => 'a ring around a function that isn\'t there is refused',
    ],
    'core/Signal/ConditionEvaluator.php' => [
        ' $this->before === null, $this->before === null ? [1.0 => (1.0 * 1.5)] : ($time - $this->before) / Tick::SECONDS); $this' => 'the first look ignores the time that has passed',
    ],
    'core/Signal/Curve/Smooth.php' => [
        ']; } public function at(float $x): float { if ($x [<= => <] $this->x[0]) { return $this->pieces[0][0]; } for ' => 'at its first point the piece has the same value',
    ],
    'core/Solve/BoardTurn.php' => [
        ' [$cos, $sin, 0], \'pitch\' => [-$sin * $over, $cos [* => /] $over, 0], \'yaw\' => [0, 0, $over]]; $seen = []; f' => 'times and by one or minus one are the same',
        's = [\'roll\' => [$cos, $sin, 0], \'pitch\' => [-$sin [* => /] $over, $cos * $over, 0], \'yaw\' => [0, 0, $over]];' => 'times and by one or minus one are the same',
    ],
    'core/Solve/EditEffect.php' => [
        ' int => abs(($one->after ?? 0) - ($one->before ?? [0 => 1])); uasort($changes, fn (PulseChange $a, PulseChan' => 'a channel that wasn\'t there before has no pulse in any of its changes, so their order stays',
    ],
    'core/Solve/EndsCentre.php' => [
        'pan; $middle = $centred ? $sent[1] + $off / ($off [> => >=] 0 ? $scaleUp : $scaleDown) : $sent[1]; $subtrim =' => 'nothing divided by either is nothing',
    ],
    'core/Solve/Jitter.php' => [
        '$inputs))->outputs()[$output->channel]->signal ?? [0.0 => 0.5]); }; for ($at = 0.0; $at < 0.5; $at += 0.0005) { ' => 'the output is one of the circuit, so its signal is always there',
        '>channel]->signal ?? 0.0); }; for ($at = 0.0; $at [< => <=] 0.5; $at += 0.0005) { if (abs($pulse($at) - $puls' => 'half of the way is what is given where nothing was found',
        'east); $deadband = (floor($strays * self::STEPS + [1e-9 => (1e-9 * 1.5)]) + 1) / self::STEPS; if ($deadband > self::MOST) ' => 'dust of the last digits',
    ],
    'core/Solve/PhaseReach.php' => [
        'comes[$place] = (new Search($model, new Budget(), [1.0 => (1.0 * 1.5)]))->answer(new Question($model->everything(), func' => 'it says how long is looked, not what is found',
    ],
    'core/Solve/SensorSlots.php' => [
        '-$devices[$a][\'block\']] <=> [count($choices[$b]), [-$devices[$b][\'block\'] => ($devices[$b][\'block\'])]]); $tries = 0; for ($moves = 0; $moves <= count($' => 'it says in which order devices are tried; the fewest moves are found in any',
        'ay_filter($device[\'starts\'] === [] ? range(0, max([0 => 1], $last)) : $device[\'starts\'], fn (int $start): bo' => 'starts behind the last are left out by the next step',
        'evices that fit are few. */ private const TRIES = [200_000 => 200001]; /** * The first slot of each device, with the fe' => 'one try more of 200,000',
        'ray(true, $run, true)) { continue; } if ($tries++ [> => >=] self::TRIES) { return null; } $found = self::plac' => 'one try less of 200,000',
    ],
    'core/Solve/TrimsToSubTrims.php' => [
        'nel]->signal - $before[$output->channel]->signal, [9 => 10]); if (abs($subtrim) > 1) { throw Refused::because' => 'dust of the last digits',
        'xis), $circuit->panel->phaseTrims($axis) === [] ? [0 => 1] : 1))) > 1) { throw Refused::because(\'trims\', "ea' => 'one trim alone differs from no other',
    ],
    'core/Space/Bounds.php' => [
        'step): float => $function->steps[$step]->value ?? [0.0 => 0.5], $steps); sort($values); return $this->values[$id' => 'every place is that of a step',
    ],
    'core/Space/CircuitCheck.php' => [
        'anceof ControlDrive) { $control($drive->control, -[1.0 => (1.0 * 1.5)], 0.0, 1.0); } elseif ($drive instanceof AxisDrive' => 'it\'s held between the ends',
        'ck($hand, $before?->state, $telemetry); for ($i = [1 => 0]; $i < $many; $i++) { $tick = $this->model->circui' => 'a tick more changes nothing that has settled',
        'float|int $one): string => $one > 0 ? \'1\' : ($one [< => <=] 0 ? \'-\' : \'0\'), $after->state->memory)); if (! is' => 'what is unknown stays so: the telemetry is the same all the way',
        'he way to a memory. */ private const MOST_TICKS = [12_000 => 12001]; public function __construct(private Model $model' => 'it says how long a way is looked for, not which',
        'ly put off what comes. */ private const SETTLES = [400 => 401]; /** Ticks that may go into finding the way to a ' => 'a tick more changes nothing that has settled',
        's->touches($hand); while ($queue !== [] && $ticks [< => <=] self::MOST_TICKS) { [$at, $state, $way] = array_s' => 'it says how long a way is looked for, not which',
        'trolDrive) { $control($drive->control, -1.0, 0.0, [1.0 => (1.0 * 1.5)]); } elseif ($drive instanceof AxisDrive) { foreac' => 'it\'s held between the ends',
    ],
    'core/Space/Conditions.php' => [
        '$input] as $value) { $truth |= Truth::of($value > [0.0 => 0.5]); } if ($truth === Truth::EITHER) { $this->bounds' => 'a bit is 0 or 1',
    ],
    'core/Space/HandSearch.php' => [
        ' Truth::HOLDS, $this->question->height === null ? [0.0 => 0.5] : ($this->question->height)($seen)]; } /** @retur' => 'single hands are tried only where there is a height',
        ' in_array($rest, $values, true) ? $rest : $values[[0 => 1]]; } [$low, $high] = $this->question->region->span' => 'where single hands begin; the search decides',
        ' private const STARTS = 8; private const SWEEPS = [3 => 4]; public function __construct(private Model $model' => 'how long single hands are tried; the search decides',
        ') { return $hand; } } } if ($height <= $before) { [break; => continue;] } } return $so ? $hand : null; } /** * @param arr' => 'how long single hands are tried; the search decides',
        'eadonly class HandSearch { private const STARTS = [8 => 9]; private const SWEEPS = 3; public function __cons' => 'how long single hands are tried; the search decides',
        'o, $height] = $this->judged($hand); for ($sweep = [0 => 1]; $sweep < self::SWEEPS && ! $so; $sweep++) { $bef' => 'how long single hands are tried; the search decides',
    ],
    'core/Space/MemoryInputs.php' => [
        're in a document goes. */ public const FARTHEST = [1e6 => (1e6 * 1.5)]; /** @var array<string, int> input by what rememb' => 'no document has a number beyond',
    ],
    'core/Space/RingBounds.php' => [
        ' squared first differs in the last digit. $dust = [$low === $high && $least === $most => ! ($low === $high && $least === $most)] ? 0.0 : 1e-12; return [[$held($low, $low >= 0.0 ?' => 'dust of the last digits',
    ],
    'core/Space/Search.php' => [
        'art = array_pop($open); if (! $probed && (++$seen [>= => >] self::PROBED || $this->left < $half)) { $probed =' => 'when single hands are tried, not which',
        'plit a region are tried. */ private const TRIED = [6 => 7]; /** After so many parts, or once half of what th' => 'how many ways to split are compared; any of them decides',
        'probed && (++$seen >= self::PROBED || $this->left [< => <=] $half)) { $probed = true; $witness = (new HandSea' => 'when single hands are tried, not which',
        'single hands are tried. */ private const PROBED = [40 => 41]; /** What that costs, in steps. */ private const ' => 'when single hands are tried, not which',
    ],
    'core/Space/ShapeBounds.php' => [
        '$curve->points as [$x, $y]) { if ($x > $low && $x [< => <=] $high) { $values[] = $y; } } $slack = $low === $h' => 'the end has its value already',
        '$hard * $x * $x * $x : fn (float $x): float => $x [< => <=] 0 ? $soft * (1 + $x) + $hard * (1 + $x) * (1 + $x' => 'both sides of the curve give nothing in the middle',
        ')]; foreach ($curve->points as [$x, $y]) { if ($x [> => >=] $low && $x < $high) { $values[] = $y; } } $slack ' => 'the end has its value already',
        'ust; $one = [[min($values) - $slack, max($values) [+ => -] $slack]]; $curved = $curved === null ? $one : Spa' => 'dust of the last digits',
    ],
    'core/Space/Spans.php' => [
        ' = $zero < $least ? $zero : $least; $most = $zero [> => >=] $most ? $zero : $most; } $mapped[] = [$least, $mo' => 'of two that are the same either is the most',
        '$b = $low === $high ? $a : $f($high); $least = $a [< => <=] $b ? $a : $b; $most = $a < $b ? $b : $a; if ($low' => 'of two that are the same either is the least',
        '$f($high); $least = $a < $b ? $a : $b; $most = $a [< => <=] $b ? $b : $a; if ($low < 0.0 && $high > 0.0) { $z' => 'of two that are the same either is the most',
        '&& $high > 0.0) { $zero = $f(0.0); $least = $zero [< => <=] $least ? $zero : $least; $most = $zero > $most ? ' => 'of two that are the same either is the least',
        '? $most : $low), $high < $least ? $least : ($high [> => >=] $most ? $most : $high)]; } return count($held) ==' => 'at the end it\'s the end either way',
        'igh]) { $held[] = [$low < $least ? $least : ($low [> => >=] $most ? $most : $low), $high < $least ? $least : ' => 'at the end it\'s the end either way',
        'most = $a < $b ? $b : $a; if ($low < 0.0 && $high [> => >=] 0.0) { $zero = $f(0.0); $least = $zero < $least ?' => 'the high end is looked at anyway',
        'nt($tidy) > self::MOST) { $nearest = 0; for ($i = [1 => 0]; $i < count($tidy) - 1; $i++) { if ($tidy[$i + 1]' => 'the first is no nearer than itself',
        'reach ($spans as [$low, $high]) { $held[] = [$low [< => <=] $least ? $least : ($low > $most ? $most : $low), ' => 'at the end it\'s the end either way',
        'rray { if (count($one) === 1 && count($other) === [1 => 0]) { return [[$one[0][0] + $other[0][0], $one[0][1]' => 'one span and one are one, only slower',
        't ? $least : ($low > $most ? $most : $low), $high [< => <=] $least ? $least : ($high > $most ? $most : $high)' => 'at the end it\'s the end either way',
        'tidy(array $spans): array { if (count($spans) === [1 => 0]) { return $spans; } sort($spans); $tidy = [array_' => 'one span is in order',
    ],
    'core/Space/SplitPoints.php' => [
        'Signal\\Budget} by a factor. */ public int $cost = [0 => 1]; /** @var array<int, true> inputs of switches, bu' => 'one step of a budget of millions',
    ],
    'core/Space/ThresholdFinder.php' => [
        '$middle = ($low + $high) / 2; if ($middle <= $low [|| => &&] $middle >= $high) { break; } $is = $at($middle); ' => 'the halvings end anyway',
        ': ($high = $middle); } $bounds->splits->cost += 2 [* => /] self::HALVINGS; $bounds->splits->level($input, $l' => 'it says how long is looked, not what is found',
        'ay to the last digit. */ private const HALVINGS = [60 => 61]; /** * Notes the place, where the function hangs ' => 'a double has no more digits',
        'if ($input === null || $span === null || $span[0] [=== => !==] $span[1]) { return; } $at = fn (float $x): int =>' => 'where it doesn\'t note, the stick is halved instead: it costs, and decides nothing',
        'st === Truth::EITHER) { return; } for ($i = 0; $i [< => <=] self::HALVINGS; $i++) { $middle = ($low + $high) ' => 'the last digit is reached before',
        't($low); $last = $at($high); if ($first === $last [|| => &&] $first === Truth::EITHER || $last === Truth::EITH' => 'a place more to split at costs, and decides nothing',
    ],
    'core/Space/Witness.php' => [
        '$this->script, $this->hand] as $hand) { for ($i = [0 => 1]; $i < CircuitCheck::ticks($circuit); $i++) { $tic' => 'a tick less changes nothing that has settled',
        '>script, $this->hand] as $hand) { for ($i = 0; $i [< => <=] CircuitCheck::ticks($circuit); $i++) { $tick = $c' => 'a tick more changes nothing that has settled',
    ],
    'core/Space/WitnessFinder.php' => [
        'high]; $hair = min(self::BEYOND, ($high - $low) / [2 => 3]); $from = $low > $least ? $low + $hair : $low; $t' => 'any hair inside of the span will do',
    ],
    'core/Speech/Phrasebook.php' => [
        '($texts, $this->language->unit($value->unit, 1.0, [0 => 1]), $this->language->unit($value->unit, 2.0, 0)); }' => 'one stays one',
        '3d\', $number)] = $this->language->number($number, [0 => 1]); } return $pieces + [\'point\' => \'point\', \'minus\'' => 'a whole number has no places to say',
    ],
    'core/Telemetry/Compute/RoundWind.php' => [
        'at { $this->waited += $seconds; if ($this->waited [>= => >] self::EVERY - 1e-9) { $this->waited = 0.0; $this-' => 'no sum of ticks is just a billionth short',
        's->kept = array_slice([...$this->kept, [$of[1] ?? [0.0 => 0.5], $of[2] ?? 0.0, $of[0]]], -(int) (self::WINDOW / ' => 'it\'s asked for three values, and gets three',
    ],
    'core/Telemetry/DerivedValueCheck.php' => [
        '$derived, $id, $wants[min($place, count($wants) - [1 => 0])], $later); } return array_values(array_filter($p' => 'what takes several takes anything',
    ],
    'core/Telemetry/Geodesic.php' => [
        '1 + ($k / 16384) * (4096 + $k * (-768 + $k * (320 [- => +] 175 * $k))); $small = ($k / 1024) * (256 + $k * (' => 'less than a nanometre on the globe',
        'the middle doesn\'t count. $mid = $cos2A === 0.0 ? [0.0 => 0.5] : $cosS - (2 * $sin1 * $sin2) / $cos2A; $c = (sel' => 'every term with the middle is multiplied by nothing there',
        ' ** 2) - ($small / 6) * $mid * (-3 + 4 * $sinS ** [2 => 3]) * (-3 + 4 * $mid ** 2))); $bearing = rad2deg(ata' => 'less than a micrometre over the distances that a model flies',
        'small / 6) * $mid * (-3 + 4 * $sinS ** 2) * (-3 + [4 => 5] * $mid ** 2))); $bearing = rad2deg(atan2($cos2 *' => 'less than a hundredth of a millimetre on the globe',
        'g = 1 + ($k / 16384) * (4096 + $k * (-768 + $k * ([320 => 321] - 175 * $k))); $small = ($k / 1024) * (256 + $k *' => 'less than a nanometre on the globe',
        ' 2) - ($small / 6) * $mid * (-3 + 4 * $sinS ** 2) [* => /] (-3 + 4 * $mid ** 2))); $bearing = rad2deg(atan2(' => 'less than a micrometre over the distances that a model flies',
        'lf::F * $sinA * ($sigma + $c * $sinS * ($mid + $c [* => /] $cosS * (-1 + 2 * $mid ** 2))); if (abs($lambda -' => 'less than a micrometre over the distances that a model flies',
    ],
    'core/Telemetry/SlotPlan.php' => [
        'ts), default => null}; for ($slot = $one->slot ?? [0 => 1]; $one->slot !== null && $slot <= $to; $slot++) { ' => 'without a slot the loop doesn\'t begin',
    ],
    'core/Telemetry/Compute/Energy.php' => [
        's): float { [$climb, $speed] = [$of[0], $of[1] ?? [0.0 => 0.5]]; $gain = $this->before === null || $seconds <= 0' => 'it\'s asked for two values, and gets two',
    ],
    'core/Telemetry/Wind.php' => [
        'eg2rad($course))]; $row = [2 * $east, 2 * $north, [-1.0 => (1.0)]]; $is = $ground ** 2 - $air ** 2; foreach ($row a' => 'the third unknown the other way round; the first two stay',
        '* $b; } $right[$i] += $a * $is; } $sum = [$sum[0] [+ => -] sin(deg2rad($course)), $sum[1] + cos(deg2rad($cou' => 'only the length of the sum counts',
        'g2rad($course))]; $row = [2 * $east, 2 * $north, -[1.0 => (1.0 * 1.5)]]; $is = $ground ** 2 - $air ** 2; foreach ($row a' => 'the third unknown in another scale; the first two stay',
    ],
    'core/Format/Nmea.php' => [
        'x before it. $same = $last >= 0 && ($fix->seconds [< => <=] 0 || abs($fixes[$last]->seconds - $fix->seconds)' => 'a fix at second 0 that is not the first is the one before it again',
    ],
];
