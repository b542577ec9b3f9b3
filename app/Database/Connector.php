<?php

namespace DuskSwitch\App\Database;

use Illuminate\Database\Connectors\SQLiteConnector;
use PDO;

/** Opens the database. */
final class Connector extends SQLiteConnector
{
    protected function createPdoConnection($dsn, $username, $password, $options): PDO
    {
        return new ImmediatePdo($dsn, $username, $password, $options);
    }
}
