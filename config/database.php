<?php

return [
    'default' => 'sqlite',
    'connections' => [
        'sqlite' => [
            'driver' => 'sqlite',
            'database' => env('DUSK_DATABASE', database_path('dusk.sqlite')),
            'prefix' => '',
            'foreign_key_constraints' => true,
            // Milliseconds that one waits for another writer.
            'busy_timeout' => (int) env('DUSK_BUSY_MS', 5000),
            'journal_mode' => 'WAL',
            // What was acknowledged is on the disk, also where the power goes the moment after.
            'synchronous' => 'FULL',
            // For PHP from 8.4 on; before, app/Database/ImmediatePdo does it.
            'transaction_mode' => 'IMMEDIATE',
        ],
    ],
    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => false],
];
