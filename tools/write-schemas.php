<?php

// Writes the schemas that are made from declarations; a test tells where one is out of date.

use DuskSwitch\Core\Format\ProgramSchema;

require __DIR__.'/../vendor/autoload.php';

file_put_contents(__DIR__.'/../schema/program.schema.json', ProgramSchema::text());
