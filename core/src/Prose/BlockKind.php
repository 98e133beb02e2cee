<?php

declare(strict_types=1);

namespace NorthBough\Core\Prose;

/** What a block of a text is. */
enum BlockKind: string
{
    case Paragraph = 'paragraph';
    case Heading = 'heading';
    case Quote = 'quote';
    case Bullet = 'bullet';
    case Numbered = 'numbered';
    /** For whoever searches on: not printed unless that is asked for. */
    case Research = 'research';
}
