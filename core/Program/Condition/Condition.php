<?php

namespace DuskSwitch\Core\Program\Condition;

/** Something that holds or doesn't: of controls, functions, steps and phases. */
interface Condition {}
