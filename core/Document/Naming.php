<?php

namespace DuskSwitch\Core\Document;

/**
 * Something in a document that may name other things. Its fields are public, read only, and the parameters of its
 * constructor; what names something says so by {@see Form\Id}.
 */
interface Naming {}
