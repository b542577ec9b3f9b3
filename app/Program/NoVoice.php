<?php

namespace DuskSwitch\App\Program;

use RuntimeException;

/** Nothing can be spoken here: why, in words. */
final class NoVoice extends RuntimeException {}
