<?php

/** Changes that change nothing that anyone could see, each with its reason; by file and by the line before and after. */
return [
    'core/Solve/EditEffect.php' => [
        '$size = fn (PulseChange $one): int => abs(($one->after ?? 0) - ($one->before ?? 0));  =>  $size = fn (PulseChange $one): int => abs(($one->after ?? 0) - ($one->before ?? 1));' => 'a channel that wasn\'t there before has no pulse in any of its changes, so their order stays',
    ],
    'core/Solve/Jitter.php' => [
        'return $circuit->panel->transmitter->scale->span * ($circuit->frame(array_values($inputs))->outputs()[$output->channel]->signal ?? 0.0);  =>  return $circuit->panel->transmitter->scale->span * ($circuit->frame(array_values($inputs))->outputs()[$output->channel]->signal ?? 0.5);' => 'the output is one of the circuit, so its signal is always there',
    ],
];
