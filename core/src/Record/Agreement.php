<?php

declare(strict_types=1);

namespace NorthBough\Core\Record;

/** How something that a record tells stands to what the tree has. */
enum Agreement: string
{
    case New = 'new';
    case Agrees = 'agrees';
    /** It misses what is there only by an allowance, or says it of another place. */
    case Strains = 'strains';
    case Contradicts = 'contradicts';
    case Remark = 'remark';
}
