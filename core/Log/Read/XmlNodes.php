<?php

namespace DuskSwitch\Core\Log\Read;

use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Log\BadLines;
use DuskSwitch\Core\Log\LogSource;
use XMLReader;

/** Walks through XML node by node, without entities and without the network. */
final class XmlNodes
{
    /**
     * The elements as they begin and end, by line.
     *
     * @return iterable<int, XMLReader> standing on the beginning or on the end of an element
     *
     * @throws Refused where it defines names of its own
     */
    public static function of(LogSource $source, BadLines $bad): iterable
    {
        $before = libxml_use_internal_errors(true);
        $reader = new XMLReader();
        try {
            if (! $reader->open($source->uri(), null, LIBXML_NONET | LIBXML_COMPACT)) {
                throw Refused::because('', 'this XML can\'t be opened');
            }
            while (@$reader->read()) {
                if ($reader->nodeType === XMLReader::DOC_TYPE || $reader->nodeType === XMLReader::ENTITY_REF) {
                    throw Refused::because('', 'it defines names of its own (<!DOCTYPE>), which no recording needs: it isn\'t read');
                }
                if ($reader->nodeType === XMLReader::ELEMENT || $reader->nodeType === XMLReader::END_ELEMENT) {
                    yield $reader;
                }
            }
            foreach (libxml_get_errors() as $error) {
                if ($error->level >= LIBXML_ERR_ERROR) {
                    $bad->add($error->line, 'the XML ends or breaks here: '.trim($error->message));
                    break;
                }
            }
        } finally {
            $reader->close();
            libxml_clear_errors();
            libxml_use_internal_errors($before);
        }
    }
}
