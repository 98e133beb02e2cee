<?php

declare(strict_types=1);

namespace NorthBough\Core\Report\Node;

/** What a paragraph is to its text, by which a renderer sets it. */
enum ParagraphStyle: string
{
    case Plain = 'plain';
    /** Words of somebody else, set in. */
    case Quote = 'quote';
    /** Its first line stands out, as in a bibliography. */
    case Hanging = 'hanging';
}
