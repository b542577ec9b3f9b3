<?php

namespace DuskSwitch\Core\Program\Source;

/** What a feed takes its signal from. */
interface Source {}
