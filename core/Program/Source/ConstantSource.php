<?php

namespace DuskSwitch\Core\Program\Source;

/** The constant 1. */
final readonly class ConstantSource implements Source {}
