<?php

return [
    'default' => 'sqlite',
    'connections' => [
        'sqlite' => [
            'driver' => 'sqlite',
            'database' => env('DUSK_DATABASE', database_path('dusk.sqlite')),
            'prefix' => '',
            'foreign_key_constraints' => true,
            'busy_timeout' => 5000,
            'journal_mode' => 'WAL',
            'synchronous' => 'NORMAL',
            // Two tabs that save at once wait for each other instead of failing half-way.
            'transaction_mode' => 'IMMEDIATE',
        ],
    ],
    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => false],
];
