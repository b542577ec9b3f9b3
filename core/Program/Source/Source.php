<?php

namespace DuskSwitch\Core\Program\Source;

use DuskSwitch\Core\Document\Naming;

/** What a feed takes its signal from. */
interface Source extends Naming {}
