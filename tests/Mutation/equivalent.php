<?php

/** Changes that change nothing that anyone could see, each with its reason; by file and by the line before and after. */
return [
    'core/Solve/Jitter.php' => [
        'return $circuit->panel->transmitter->scale->span * ($circuit->frame(array_values($inputs))->outputs()[$output->channel]->signal ?? 0.0);  =>  return $circuit->panel->transmitter->scale->span * ($circuit->frame(array_values($inputs))->outputs()[$output->channel]->signal ?? 0.5);' => 'the output is one of the circuit, so its signal is always there',
    ],
];
